import type { Box } from '../../box'
import type { ImportPlan } from './plan'

/** What an import would do to one tray. */
export interface TrayEffect {
  readonly name: string
  /** It is made up for the rows that name it. */
  readonly made: boolean
  /** Lures that come into it, and out of it, and that lie elsewhere in it. */
  readonly comes: number
  readonly leaves: number
  readonly moves: number
}

/** What an import would do to the trays, those that it touches: none is changed in silence. */
export function trayEffects({ added, changed, trays }: ImportPlan, box: Box): TrayEffect[] {
  const before = new Map(box.lures.map((l) => [l.id, l]))
  const names = new Map([...box.trays, ...trays].map((t) => [t.id, t.name]))
  const effects = new Map<string, { comes: number; leaves: number; moves: number }>()
  const count = (trayId: string | null, what: 'comes' | 'leaves' | 'moves') => {
    if (trayId === null) return
    const effect = effects.get(trayId) ?? { comes: 0, leaves: 0, moves: 0 }
    effect[what] += 1
    effects.set(trayId, effect)
  }
  for (const lure of [...added, ...changed]) {
    const was = before.get(lure.id)
    if (was?.trayId === lure.trayId) {
      if (was.slot !== lure.slot) count(lure.trayId, 'moves')
      continue
    }
    count(was?.trayId ?? null, 'leaves')
    count(lure.trayId, 'comes')
  }
  const made = new Set(trays.map((t) => t.id))
  const told = [...effects].map(([id, effect]) => ({ name: names.get(id) ?? id, made: made.has(id), ...effect }))
  return told.sort((a, b) => a.name.localeCompare(b.name))
}
