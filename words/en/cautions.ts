import type { Caution } from '../../core/match'
import { read, type Catalogue } from './catalogue'

const CAUTIONS: Catalogue<Caution> = {
  teeth: ({ species }) =>
    `the teeth of ${species.toLowerCase()} cut thin line; keep pliers and a cutter at hand. Local rules come first.`,
  night: () => 'hooks by night: eye protection, a lamp, and no wading in water you do not know.',
}

/** What to be careful of, after “Careful:”. */
export const sayCaution = (caution: Caution): string => read(CAUTIONS, caution)
