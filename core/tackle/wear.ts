import { HOOKS_DUE_FISH, SOFT_SHORT, THIN_WIRE_FISH } from '../../data/wear'
import { familyOf, type Lure } from './lure'

/** Something a lure asks for. `now` before the next trip, `soon` after some more fish. */
export interface Care {
  readonly lure: Lure
  readonly what: 'hooks' | 'wire' | 'short' | 'worn'
  readonly when: 'now' | 'soon'
  readonly sentence: string
}

/** Fish landed since the hooks were last changed. */
export function fishOnHooks(lure: Lure): number {
  const changed = lure.changes.filter((c) => c.kind === 'hooks')
  return lure.fish - (changed[changed.length - 1]?.fish ?? 0)
}

/** Near its end from this share of its life on. */
const SOON = 0.8

/** What a lure asks for, most urgent first. Measures: data/wear. */
export function careOf(lure: Lure): Care[] {
  const found: Care[] = []
  const say = (what: Care['what'], when: Care['when'], sentence: string) => found.push({ lure, what, when, sentence })
  if (lure.condition === 'spent') say('worn', 'now', 'Marked as spent: take it out of the tray.')
  else if (lure.condition === 'worn') say('worn', 'soon', 'Marked as worn: look it over.')
  if (lure.hooks) {
    const due = HOOKS_DUE_FISH[lure.hooks.wire]
    const fish = fishOnHooks(lure)
    if (fish >= due) say('hooks', 'now', `${fish} fish on these ${lure.hooks.wire} hooks: sharpen or change them.`)
    else if (fish >= SOON * due) say('hooks', 'soon', `Hooks are due in ${due - fish} more fish.`)
  }
  if (lure.family === 'spinnerbait' && lure.traits.wire === 'thin') {
    const { near, end } = THIN_WIRE_FISH
    if (lure.fish >= end)
      say('wire', 'now', `${lure.fish} fish on a thin frame: it may break on the next one. Retire it.`)
    else if (lure.fish >= near) say('wire', 'soon', `Thin frame with ${lure.fish} fish: near its end at ${end}.`)
  }
  if (familyOf(lure.family).body === 'soft' && lure.count <= SOFT_SHORT)
    say('short', lure.count === 0 ? 'now' : 'soon', lure.count === 0 ? 'None left.' : `Only ${lure.count} left.`)
  return found.sort((a, b) => Number(b.when === 'now') - Number(a.when === 'now'))
}
