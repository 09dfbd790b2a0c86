import { accountOf, boxTallies, isOver, contenderNames, pairsOf, trialIn, versus, type Outing } from '../outing'
import { careOf, slotName, type Care } from '../tackle'
import type { Box } from '../box'
import { dayLeanings, type Leaning } from './day-learned'
import { countAnswers, countShowings, effortRows, splitByLure, type EffortRow } from './record'

/** The day at its end: what caught, what is settled, and what there is to do about the box. */

/** What one lure brought. */
interface Caught {
  readonly lureId: string | null
  readonly name: string
  readonly minutes: number
  /** Schools that took, takes, and fish landed. */
  readonly schools: number
  readonly takes: number
  readonly landed: number
}

/** Lures of one name that were lost. */
interface LostLure {
  readonly lureId: string
  readonly name: string
  readonly lost: number
  /** How many are left in the box, and where the next lies; null where none is, or none is known. */
  readonly left: number
  readonly where: { readonly tray: string; readonly slot: string | null } | null
}

interface DayEnd {
  /** Best first; those that nothing took stand below. */
  readonly lures: readonly Caught[]
  /** The comparison that was fished, with what it says by now; null where none was. */
  readonly comparison: { readonly a: string; readonly b: string; readonly found: ReturnType<typeof versus> } | null
  readonly lost: readonly LostLure[]
  /** What the day leans to, the strongest first. */
  readonly leanings: readonly Leaning[]
  /** What is due on the lures that were fished. */
  readonly care: readonly { readonly lureId: string; readonly name: string; readonly care: readonly Care[] }[]
}

/**
 * @param now counts where the outing is still under way
 * @param friends logs of the same party: their effort, fish and losses are the day’s, too
 */
export function dayEnd(outing: Outing, box: Box, now: string, friends: readonly Outing[] = []): DayEnd {
  const until = isOver(outing) ? (outing.entries.at(-1)?.at ?? outing.startedAt) : now
  const effort = [...effortRows([outing], until), ...effortRows(friends, until)]
  const rows = splitByLure(effort)
  const fished = [...new Set(rows.map(({ carried }) => carried.lureId))]
  return {
    lures: caughtOf(rows),
    comparison: comparisonOf(outing, until),
    lost: lostIn([outing, ...friends], box),
    leanings: dayLeanings(effort),
    care: fished.flatMap((lureId) => {
      const lure = box.lures.find(({ id }) => id === lureId)
      const care = lure ? careOf(lure).filter(({ when }) => when === 'now') : []
      return lure && care.length > 0 ? [{ lureId: lure.id, name: lure.name, care }] : []
    }),
  }
}

function caughtOf(rows: readonly EffortRow[]): Caught[] {
  const byLure = new Map<string, EffortRow[]>()
  for (const row of rows) {
    const key = row.carried.lureId ?? row.carried.name
    byLure.set(key, [...(byLure.get(key) ?? []), row])
  }
  const sum = (list: readonly EffortRow[], of: (row: EffortRow) => number) =>
    list.reduce((all, row) => all + of(row), 0)
  return [...byLure.values()]
    .flatMap((list): Caught[] => {
      const [first] = list
      if (!first) return []
      return [
        {
          lureId: first.carried.lureId,
          name: first.carried.name,
          minutes: sum(list, (row) => row.minutes),
          schools: sum(list, (row) => countShowings(row, 'bites')),
          takes: sum(list, (row) => countAnswers(row, 'bites')),
          landed: sum(list, (row) => countAnswers(row, 'landed')),
        },
      ]
    })
    .sort((a, b) => b.schools - a.schools || b.takes - a.takes || b.minutes - a.minutes)
}

function comparisonOf(outing: Outing, until: string): DayEnd['comparison'] {
  const trial = trialIn(outing)
  if (!trial) return null
  const { pairs } = pairsOf(accountOf(outing, until).stretches, trial)
  const [a, b] = contenderNames(outing, trial)
  return { a, b, found: versus(pairs) }
}

/** Lures lost of what was carried, as they count for the box. */
function lostIn(outings: readonly Outing[], box: Box): LostLure[] {
  const lost = new Map<string, number>()
  for (const outing of outings)
    for (const [lureId, tally] of boxTallies(outing))
      if (tally.lost > 0) lost.set(lureId, (lost.get(lureId) ?? 0) + tally.lost)
  const carried = outings.flatMap((o) => o.carried)
  return [...lost].map(([lureId, count]): LostLure => {
    const lure = box.lures.find(({ id }) => id === lureId)
    const tray = lure && lure.count > 0 ? box.trays.find(({ id }) => id === lure.trayId) : undefined
    return {
      lureId,
      name: lure?.name ?? carried.find((one) => one.lureId === lureId)?.name ?? '',
      lost: count,
      left: lure?.count ?? 0,
      where: tray ? { tray: tray.name, slot: lure?.slot == null ? null : slotName(tray, lure.slot) } : null,
    }
  })
}
