import { flushPromises, mount, type VueWrapper } from '@vue/test-utils'
import { createPinia, disposePinia, getActivePinia, setActivePinia } from 'pinia'
import { expect, vi } from 'vitest'
import { Suspense, defineComponent, h, type Component } from 'vue'
import { RouterLink, createMemoryHistory, createRouter } from 'vue-router'
import { createVuetify } from 'vuetify'
import { VAutocomplete } from 'vuetify/components/VAutocomplete'
import { VSelect } from 'vuetify/components/VSelect'
import { demoWorld } from '../../core/demo/world'
import type { ArchiveContent } from '../../core/exchange'
import { removal } from '../../storage/edits'
import { routed } from './nuxt'
import { useBox } from '~/stores/box'
import { repository } from '~/stores/repository'
import { useWater } from '~/stores/water'

/** How long a slow machine may take until a store has heard of a change, ms. */
const PATIENCE_MS = 30_000
/** A June morning, the same whenever the tests run. */
export const DAY = '2026-06-12'

/** Every component by its name, and by the name under which it is fetched when it is first shown. */
const components = Object.fromEntries(
  Object.entries(import.meta.glob<{ default: Component }>('../components/**/*.vue', { eager: true })).flatMap(
    ([path, module]) => {
      const name = path.replace(/^.*\/(\w+)\.vue$/, '$1')
      return [name, `Lazy${name}`].map((known) => [known, module.default] as const)
    },
  ),
)

/** What follows the database: a store that is left must not hear of it any more. */
const watching: (() => void)[] = []
function kept<Given extends unknown[]>(watch: (...given: Given) => () => void) {
  return (...given: Given) => {
    const stop = watch(...given)
    watching.push(stop)
    return stop
  }
}
repository.watch = kept(repository.watch.bind(repository))
repository.watchOutings = kept(repository.watchOutings.bind(repository))
repository.watchPlans = kept(repository.watchPlans.bind(repository))

let mounted: VueWrapper | null = null
let pinia = createPinia()
/** What was looked at last is left: it no longer follows the stores. */
function leave() {
  mounted?.unmount()
  mounted = null
  document.body.replaceChildren()
}

/** A database that fails fails the test. */
export const broke = (error: unknown) => {
  throw error
}

/** A fresh store over a box, as the page has it once it is open. */
export async function openWorld(world: ArchiveContent = demoWorld(DAY)) {
  // Whatever the page before still wants to store is stored now, and not over the new box.
  const before = getActivePinia()
  if (before) {
    leave()
    await useWater().store()
    for (const stop of watching.splice(0)) stop()
    disposePinia(before)
  }
  pinia = createPinia()
  setActivePinia(pinia)
  await repository.replaceAll(world)
  // Rows that another test left waiting.
  await repository.apply((await repository.read()).aside.map((a) => removal('aside', a.id)))
  await repository.setSetting('seeded', true)
  await repository.setSetting('settings', {})
  // An action of the store before, still under way, makes its own store the active one again.
  setActivePinia(pinia)
  const box = useBox()
  await box.open(broke)
  await vi.waitFor(
    () => {
      expect(box.status.state).toBe('ready')
      expect(box.box.lures).toHaveLength(world.box.lures.length)
    },
    { timeout: PATIENCE_MS },
  )
  setActivePinia(pinia)
  return box
}

export interface Screen {
  readonly screen: VueWrapper
  /** The page, dialogs included: they are drawn outside the component. */
  readonly body: HTMLElement
  /** What it has told its parent under a name, oldest first. */
  readonly emitted: (name: string) => unknown[][]
}

/** Mounts a page or component with what the application gives it, at a path. Call after `openWorld`. */
export async function mountScreen(component: Component, props: object = {}, path = '/'): Promise<Screen> {
  leave()
  const router = createRouter({
    history: createMemoryHistory(),
    routes: ['/outing/:id', '/plan/:id', '/plan/pack/:id', '/plan/print/:id', '/:rest(.*)*'].map((at) => ({
      path: at,
      component: { render: () => null },
    })),
  })
  routed(router)
  await router.push(path)
  const host = document.createElement('div')
  document.body.append(host)
  const screen = defineComponent(() => () => h(Suspense, null, { default: () => h(component, props) }))
  mounted = mount(screen, {
    attachTo: host,
    global: {
      plugins: [pinia, router, createVuetify()],
      components: { ...components, NuxtLink: RouterLink },
      stubs: { transition: true },
    },
  })
  const wrapper = mounted
  await flushPromises()
  return {
    screen: wrapper,
    body: document.body,
    emitted: (name) => wrapper.findComponent(component).emitted(name) ?? [],
  }
}

/** The one element that a selector and, where given, its words find. */
export function find(body: ParentNode, selector: string, words?: string | RegExp): HTMLElement {
  const all = [...body.querySelectorAll<HTMLElement>(selector)].filter((e) => {
    const text = (e.textContent ?? '').replace(/\s+/g, ' ').trim()
    return words === undefined || (typeof words === 'string' ? text === words : words.test(text))
  })
  const [first] = all
  if (!first) throw new Error(`nothing on the screen is ${selector} ${String(words ?? '')}`)
  return first
}

/** A field by its label. */
export function field(body: ParentNode, label: string): HTMLInputElement {
  const labels = [...body.querySelectorAll<HTMLLabelElement>('label')].filter((l) => l.textContent?.trim() === label)
  const id = labels.map((l) => l.htmlFor).find((of) => of && document.getElementById(of))
  const input = id ? document.getElementById(id) : labels[0]?.querySelector('input, textarea, select')
  if (!input) throw new Error(`no field is labelled “${label}”`)
  return input as HTMLInputElement
}

export async function type(body: ParentNode, label: string, text: string) {
  const input = field(body, label)
  input.focus()
  input.value = text
  input.dispatchEvent(new Event('input', { bubbles: true }))
  input.dispatchEvent(new Event('change', { bubbles: true }))
  await flushPromises()
}

/** A file handed to a file field. */
export async function giveFile(body: ParentNode, label: string, name: string, text: string) {
  const input = find(body, `input[type=file][aria-label="${label}"]`)
  Object.defineProperty(input, 'files', { value: [new File([text], name)], configurable: true })
  input.dispatchEvent(new Event('change', { bubbles: true }))
  await flushPromises()
}

/** A part of the page by its label or its heading. */
export function region(body: ParentNode, name: string): HTMLElement {
  const named = [...body.querySelectorAll<HTMLElement>('section')].find(
    (s) => s.getAttribute('aria-label') === name || s.querySelector('h2, h3')?.textContent?.trim() === name,
  )
  if (!named) throw new Error(`no part of the page is called ${name}`)
  return named
}

/** A choice in a list, by the list's label and the value behind the choice. */
export async function choose(screen: VueWrapper, label: string, value: unknown) {
  const lists: VueWrapper[] = [...screen.findAllComponents(VSelect), ...screen.findAllComponents(VAutocomplete)]
  const list = lists.find((one) => (one.props() as { label?: string }).label === label)
  if (!list) throw new Error(`no list is labelled “${label}”`)
  list.vm.$emit('update:modelValue', value)
  await flushPromises()
}

export async function click(element: HTMLElement) {
  element.click()
  await flushPromises()
}
export const press = (body: ParentNode, button: string | RegExp) => click(find(body, 'button', button))

/** The angler's clock, set by hand; everything else waits as it always does. Give it back with `vi.useRealTimers()`. */
export function setClock(at: string) {
  vi.useFakeTimers({ toFake: ['Date'], now: new Date(at) })
}
