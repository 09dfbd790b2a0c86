import { accountOf, leftOutOf, type EntryOf, type NotInTable, type Outing } from '../outing'

/** How much of each kind a table of these outings would leave out: told before it is written. Nothing that is not there. */
export function notInTable(outings: readonly Outing[]): { readonly kind: NotInTable; readonly count: number }[] {
  const counts = new Map<NotInTable, number>()
  const more = (kind: NotInTable) => counts.set(kind, (counts.get(kind) ?? 0) + 1)
  for (const outing of outings) {
    const { entries, note, startedAt } = outing
    const { stretches } = accountOf(outing, entries.at(-1)?.at ?? startedAt)
    const fished = new Set(stretches.map(({ spot }) => spot && `${spot.stop} ${spot.spotId}`))
    const wasFished = ({ stop, spotId }: EntryOf<'spot'>) => fished.has(`${stop} ${spotId}`)
    if (note) more('note')
    for (const entry of entries) leftOutOf(entry, wasFished).forEach(more)
  }
  return [...counts].map(([kind, count]) => ({ kind, count }))
}
