import { flushPromises } from '@vue/test-utils'
import { beforeEach, expect, it } from 'vitest'
import { find, mountScreen, openWorld } from '~/testing/mount'
import BoxPage from '~/pages/box/index.vue'
import { useHistory } from '~/stores/history'
import { useSettings } from '~/stores/settings'

const WEIGHT = 3
const PATTERN = 8
let body: HTMLElement
beforeEach(async () => {
  await openWorld()
  await useSettings().load()
  await useSettings().keep({ boxView: 'table' })
  body = (await mountScreen(BoxPage)).body
  await expect.poll(() => body.querySelector('[data-row="Bumblecrag D"]')).not.toBeNull()
})

const grid = () => find(body, '[role=grid]')
function cell(lure: string, column: number): HTMLElement {
  const cells = find(body, `[data-row="${lure}"]`).querySelectorAll<HTMLElement>('[role=gridcell]')
  const one = cells[column]
  if (!one) throw new Error(`${lure} has no column ${column}`)
  return one
}
const text = (lure: string, column: number) => cell(lure, column).textContent.trim()
async function press(lure: string, column: number, shiftKey = false) {
  cell(lure, column).dispatchEvent(new MouseEvent('pointerdown', { bubbles: true, shiftKey }))
  await flushPromises()
}
async function key(of: HTMLElement, name: string, ctrlKey = false) {
  of.dispatchEvent(new KeyboardEvent('keydown', { key: name, ctrlKey, bubbles: true, cancelable: true }))
  await flushPromises()
}
/** Typed over what stands in the active cell, and left by a key. */
async function typeOver(words: string, by: 'Enter' | 'Tab' | 'Escape') {
  await key(grid(), words.slice(0, 1))
  const input = find(grid(), '.cell input') as HTMLInputElement
  expect(input.value).toBe(words.slice(0, 1))
  input.value = words
  input.dispatchEvent(new Event('input', { bubbles: true }))
  await key(input, by)
}
async function clipboard(kind: 'copy' | 'paste', given = '') {
  let kept = given
  const event = new Event(kind, { bubbles: true, cancelable: true })
  Object.assign(event, { clipboardData: { getData: () => kept, setData: (_: string, data: string) => (kept = data) } })
  grid().dispatchEvent(event)
  await flushPromises()
  return kept
}

it('what is typed is kept in its unit, what cannot be read is told and left as it stood', async () => {
  await press('Bumblecrag D', WEIGHT)
  await typeOver('5/8 oz', 'Enter')
  await expect.poll(() => text('Bumblecrag D', WEIGHT)).toBe('17.7')
  expect(cell('Bumblecrag D Hush', WEIGHT).className).toContain('active')
  await typeOver('heavy', 'Tab')
  await expect
    .poll(() => body.querySelector('.problems')?.textContent)
    .toContain('Bumblecrag D Hush, Weight: “heavy” is not a number')
  expect(text('Bumblecrag D Hush', WEIGHT)).toBe('15')
  await typeOver('12', 'Escape')
  expect(text('Bumblecrag D Hush', WEIGHT)).toBe('15')
  await useHistory().undo()
  await expect.poll(() => text('Bumblecrag D', WEIGHT)).toBe('17')
})

it('a block from a spreadsheet is pasted, filled down, and each is one step back', async () => {
  await press('Bumblecrag D', WEIGHT)
  await clipboard('paste', '16.5\t16,8\n0.5 oz\t14.3\n')
  await expect.poll(() => text('Bumblecrag D', WEIGHT + 1)).toBe('16.8')
  await expect.poll(() => text('Bumblecrag D Hush', WEIGHT)).toBe('14.2')
  await press('Bumblecrag D', PATTERN)
  await press('Bumblecrag M', PATTERN, true)
  await key(grid(), 'd', true)
  await expect.poll(() => text('Bumblecrag D Hush', PATTERN)).toBe('plain')
  await useHistory().undo()
  await expect.poll(() => text('Bumblecrag D Hush', PATTERN)).toBe('scales')
  await useHistory().undo()
  await expect.poll(() => text('Bumblecrag D', WEIGHT)).toBe('17')
  expect(text('Bumblecrag D', WEIGHT + 1)).toBe('')
})

it('what is copied is what a spreadsheet takes', async () => {
  await press('Bumblecrag D', 0)
  await press('Bumblecrag D Hush', 2, true)
  expect(await clipboard('copy')).toBe('Bumblecrag D\tCrankbait\t6.5\nBumblecrag D Hush\tCrankbait\t6.2')
})

it('in the angler’s own units', async () => {
  await useSettings().keep({ system: 'imperial' })
  await expect.poll(() => find(body, '[role=columnheader]', /^Weight/).textContent.trim()).toBe('Weight (oz)')
  await press('Bumblecrag D', WEIGHT)
  await typeOver('1/2', 'Enter')
  await expect.poll(() => text('Bumblecrag D', WEIGHT)).toBe('1/2')
})

it('arrows, Home and End move; Delete clears what may be empty', async () => {
  await press('Bumblecrag D', WEIGHT)
  await key(grid(), 'ArrowDown')
  expect(cell('Bumblecrag D Hush', WEIGHT).className).toContain('active')
  await key(grid(), 'Home')
  expect(cell('Bumblecrag D Hush', 0).className).toContain('active')
  await key(grid(), 'Home', true)
  const first = find(body, '[data-row]').dataset.row ?? ''
  expect(cell(first, 0).className).toContain('active')
  await press('Bumblecrag D', WEIGHT)
  await clipboard('paste', '16.5\t16.8')
  await press('Bumblecrag D', WEIGHT + 1)
  await key(grid(), 'Delete')
  await expect.poll(() => text('Bumblecrag D', WEIGHT + 1)).toBe('')
})
