import { HOOKS_DUE_FISH, SOFT_SHORT, THIN_WIRE_FISH } from '../../data/wear'
import { familyOf, type Lure } from './lure'

/** Something a lure asks for; words/ says it. `now` before the next trip, `soon` after some more fish. */
export type Care = { readonly lure: Lure; readonly when: 'now' | 'soon' } & (
  | { readonly code: 'spent' | 'worn' | 'none-left' | 'stock-hooks' }
  | { readonly code: 'few-left' | 'hooks-soon'; readonly left: number }
  | { readonly code: 'hooks-due'; readonly fish: number; readonly wire: string }
  | { readonly code: 'frame-due'; readonly fish: number }
  | { readonly code: 'frame-soon'; readonly fish: number; readonly end: number }
)

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
  if (lure.condition === 'spent') found.push({ lure, code: 'spent', when: 'now' })
  else if (lure.condition === 'worn') found.push({ lure, code: 'worn', when: 'soon' })
  if (lure.make?.stockHooks) found.push({ lure, code: 'stock-hooks', when: 'soon' })
  if (lure.hooks) {
    const { wire } = lure.hooks
    const due = HOOKS_DUE_FISH[wire]
    const fish = fishOnHooks(lure)
    if (fish >= due) found.push({ lure, code: 'hooks-due', when: 'now', fish, wire })
    else if (fish >= SOON * due) found.push({ lure, code: 'hooks-soon', when: 'soon', left: due - fish })
  }
  if (familyOf(lure.family).capabilities?.thinFrame?.(lure.traits)) {
    const { near, end } = THIN_WIRE_FISH
    const { fish } = lure
    if (fish >= end) found.push({ lure, code: 'frame-due', when: 'now', fish })
    else if (fish >= near) found.push({ lure, code: 'frame-soon', when: 'soon', fish, end })
  }
  if (familyOf(lure.family).body === 'soft' && lure.count <= SOFT_SHORT)
    found.push(
      lure.count === 0
        ? { lure, code: 'none-left', when: 'now' }
        : { lure, code: 'few-left', when: 'soon', left: lure.count },
    )
  return found.sort((a, b) => Number(b.when === 'now') - Number(a.when === 'now'))
}
