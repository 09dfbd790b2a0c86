import type { Basis } from '../../../core/motion'
import type { Figure } from '../../../core/bench'

/** What a figure rests on, in words. */
export const BASIS: Readonly<Record<Basis, string>> = {
  measured: 'measured',
  fitted: 'fitted',
  labelled: 'from the packet',
  assumed: 'assumed for its family',
}

export function sayBasis({ basis, n }: Pick<Figure, 'basis' | 'n'>): string {
  return n > 0 ? `${BASIS[basis]}, ${n} ${n === 1 ? 'reading' : 'readings'}` : BASIS[basis]
}
