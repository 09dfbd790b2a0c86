import { accountOf, type Outing } from '../outing'

/** What a log can hold and a table of it cannot. */
export type NotInTable =
  | 'lost-lure'
  | 'comparison'
  | 'note'
  | 'advice'
  | 'aim'
  | 'fish'
  | 'empty-spot'
  | 'boat'
  | 'which-lure'
  | 'altered'

/** How much of each kind a table of these outings would leave out: told before it is written. Nothing that is not there. */
export function notInTable(outings: readonly Outing[]): { readonly kind: NotInTable; readonly count: number }[] {
  const counts = new Map<NotInTable, number>()
  const more = (kind: NotInTable, n = 1) => n > 0 && counts.set(kind, (counts.get(kind) ?? 0) + n)
  for (const outing of outings) {
    const { entries, note, startedAt } = outing
    const { stretches } = accountOf(outing, entries.at(-1)?.at ?? startedAt)
    const fished = new Set(stretches.map(({ spot }) => spot && `${spot.stop} ${spot.spotId}`))
    if (note) more('note')
    for (const e of entries) {
      if (e.kind === 'lost-lure' || e.kind === 'comparison' || e.kind === 'note' || e.kind === 'advice') more(e.kind)
      if (e.kind === 'boat' || e.kind === 'altered') more(e.kind)
      if (e.kind === 'answer' && e.lureId !== undefined) more('which-lure')
      if ((e.kind === 'cast' || e.kind === 'answer') && e.aim !== null) more('aim')
      if (e.kind === 'answer' && e.fish && (e.fish.massKg ?? e.fish.hooked ?? e.fish.ate) !== null) more('fish')
      // A spot that was left before anything was fished there.
      if (e.kind === 'spot' && !fished.has(`${e.stop} ${e.spotId}`)) more('empty-spot')
    }
  }
  return [...counts].map(([kind, count]) => ({ kind, count }))
}
