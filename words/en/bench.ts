import type { Estimate } from '../../core/bench'
import type { Basis } from '../../core/motion'
import { plural } from './grammar'

/** What a figure rests on. */
const BASIS: Readonly<Record<Basis, string>> = {
  measured: 'measured',
  fitted: 'fitted',
  labelled: 'from the packet',
  assumed: 'assumed for its family',
}

export function sayBasis({ basis, n }: Pick<Estimate, 'basis' | 'n'>): string {
  return n > 0 ? `${BASIS[basis]}, ${n} ${plural(n, 'reading')}` : BASIS[basis]
}
