import { itemAt } from '../list'
import { z } from '../zod'
import { bladeMassKg, type BladeShape } from './blades'
import { HungHooks, hooksMassKg } from './hung-hooks'
import type { Lure } from './lure'

/**
 * What was done to a lure: a dated history. The lure itself holds what is true now; each change keeps what stood there before, so that any of them
 * can be taken back and the lure as it was bought is never lost.
 */
const CHANGE_KINDS = ['blade', 'skirt', 'cut', 'hooks', 'ballast', 'load', 'other'] as const
export type ChangeKind = (typeof CHANGE_KINDS)[number]

const Before = z.union([z.string().max(200), z.number(), z.boolean(), z.null(), HungHooks])
type Before = z.infer<typeof Before>

export const Change = z.strictObject({
  id: z.string().min(1).max(80),
  date: z.iso.date(),
  kind: z.enum(CHANGE_KINDS),
  note: z.string().max(200),
  /** Fish landed on the lure when it was changed. */
  fish: z.number().int().min(0),
  /** Fields of the lure as they stood before; traits as `traits.blade`. */
  before: z.record(z.string().max(40), Before),
})
export type Change = z.infer<typeof Change>

export type Patch = Readonly<Record<string, Before | undefined>>

/** Fields of a lure that a change may touch. */
type Fields = Readonly<Record<string, Before | undefined>>

export function fieldsOfLure(lure: Lure): Fields {
  const { lengthM, alteredKg, hooks, sound } = lure
  const traits = Object.fromEntries(
    Object.entries(lure.traits).map(([key, value]) => [`traits.${key}`, value as Before]),
  )
  return { lengthM, alteredKg, hooks, sound, ...traits }
}

function withFields(lure: Lure, patch: Patch): Lure {
  const next = { ...lure, traits: { ...lure.traits } } as Record<string, unknown> & { traits: Record<string, unknown> }
  for (const [key, value] of Object.entries(patch)) {
    if (value === undefined) continue
    if (key.startsWith('traits.')) next.traits[key.slice(7)] = value
    else next[key] = value
  }
  return next as Lure
}

export interface Alteration {
  readonly id: string
  readonly date: string
  readonly kind: ChangeKind
  readonly note: string
  readonly patch: Patch
}

/**
 * The lure after a change; what the change replaced is kept in its history. A patch that changes nothing leaves the lure as it was, unless it is
 * to be told `anyway`: the same hooks put on anew.
 */
export function alter(lure: Lure, { patch, ...what }: Alteration, anyway = what.kind === 'other'): Lure {
  const now = fieldsOfLure(lure)
  const before = Object.fromEntries(
    Object.entries(patch).flatMap(([key, value]) => {
      const old = now[key]
      return value === undefined || old === undefined || JSON.stringify(old) === JSON.stringify(value)
        ? []
        : [[key, old]]
    }),
  )
  if (Object.keys(before).length === 0 && !anyway) return lure
  const kept = Object.fromEntries(Object.keys(before).map((key) => [key, patch[key]]))
  return { ...withFields(lure, kept), changes: [...lure.changes, { ...what, fish: lure.fish, before }] }
}

/**
 * Takes one change back, whichever it is. A field that a later change touched again keeps what the later one made of it; that later change then
 * remembers what stood before the one taken back. Weight is a sum, so its difference is taken out whatever came later.
 */
export function takeBack(lure: Lure, changeId: string): Lure {
  const at = lure.changes.findIndex((c) => c.id === changeId)
  const gone = lure.changes[at]
  if (!gone) return lure
  const changes = lure.changes.filter((c) => c !== gone)
  const restored: Record<string, Before> = {}
  for (const [key, value] of Object.entries(gone.before)) {
    const later = changes.findIndex((c, i) => i >= at && key in c.before)
    if (key === 'alteredKg') {
      const added = Number(valueAfter(lure, at, key)) - Number(value)
      changes.forEach((c, i) => {
        if (i >= at && 'alteredKg' in c.before)
          changes[i] = { ...c, before: { ...c.before, alteredKg: rounded(Number(c.before.alteredKg) - added) } }
      })
      restored[key] = rounded(lure.alteredKg - added)
    } else if (later < 0) restored[key] = value
    else {
      const next = itemAt(changes, later)
      changes[later] = { ...next, before: { ...next.before, [key]: value } }
    }
  }
  return { ...withFields(lure, restored), changes }
}

const rounded = (kg: number) => Math.round(kg * 1e7) / 1e7

/** What a field stood at right after the change at a place of the history. */
function valueAfter(lure: Lure, at: number, key: string): Before | undefined {
  const next = lure.changes.slice(at + 1).find((c) => key in c.before)
  return next ? next.before[key] : fieldsOfLure(lure)[key]
}

/** The lure as it was bought: every change taken back, newest first. */
export function asBought(lure: Lure): Lure {
  return [...lure.changes].reverse().reduce((now, change) => takeBack(now, change.id), lure)
}

/** Other hooks: their weight comes off or on (typical masses, data/hooks). */
export function swapHooks(lure: Lure, hooks: HungHooks): Patch {
  const added = hooksMassKg(hooks) - (lure.hooks ? hooksMassKg(lure.hooks) : 0)
  return { hooks, alteredKg: rounded(lure.alteredKg + added) }
}

/** Another blade; two-bladed baits have a front blade two numbers smaller, which stays. */
export function swapBlade(
  lure: Lure,
  to: { blade: BladeShape; bladeSize: number; bladeFinish: string; hammered: boolean },
): Patch {
  const from = lure.traits as Partial<typeof to>
  if (from.blade === undefined || from.bladeSize === undefined) return {}
  const added = bladeMassKg(to.blade, to.bladeSize) - bladeMassKg(from.blade, from.bladeSize)
  return {
    'traits.blade': to.blade,
    'traits.bladeSize': to.bladeSize,
    'traits.bladeFinish': to.bladeFinish,
    'traits.hammered': to.hammered,
    alteredKg: rounded(lure.alteredKg + added),
  }
}

/** A body cut shorter loses weight with its length, as an even rod of plastic would. */
export function cutBody(lure: Lure, lengthM: number): Patch {
  const kg = (lure.measuredMassKg ?? lure.massKg) + lure.alteredKg
  return { lengthM, alteredKg: rounded(lure.alteredKg - kg * (1 - lengthM / lure.lengthM)) }
}

/** Lead or tungsten glued or wound on (or taken off, below zero), kg; how it then rests is the angler's own reading. */
export function addBallast(lure: Lure, addedKg: number, buoyancy?: string): Patch {
  const rests = 'buoyancy' in lure.traits && buoyancy !== undefined ? { 'traits.buoyancy': buoyancy } : {}
  return { alteredKg: rounded(lure.alteredKg + addedKg), ...rests }
}

/**
 * Weight added since the angler last told how the lure rests, kg: that reading holds all that was glued on before it. Weighing anew begins the count
 * again too, as `alteredKg` does.
 */
export function addedSinceRestTold(lure: Lure): number {
  const at = lure.changes.findLastIndex((c) => 'traits.buoyancy' in c.before)
  if (at < 0) return lure.alteredKg
  return rounded(lure.alteredKg - Number(valueAfter(lure, at, 'alteredKg')))
}
