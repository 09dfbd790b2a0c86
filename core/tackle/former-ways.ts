import { FORMER } from '../../data/techniques/former'
import { findTechnique, patienceFor, tempoFor, type Technique, type Tempo } from './technique'

interface Former {
  readonly technique: string
  readonly at?: number
  readonly tempo?: readonly [number, number]
  readonly restS?: readonly [number, number]
}
const formerOf = (id: string): Former | undefined => (FORMER as Readonly<Record<string, Former>>)[id]

/** A technique by its id, or by that of the fixed way that it was before techniques; null where neither is known. */
export const techniqueNamed = (id: string): Technique | null => findTechnique(formerOf(id)?.technique ?? id)

/** Tempo and patience of a way of before, by its pull, m/s, and its rest, s. */
export function formerTempo(id: string, pulledMps: number, restS: number): Tempo {
  const technique = techniqueNamed(id)
  if (!technique) return { tempo: 0.5, patience: 0.5 }
  // Of a window of speeds only the lure knows the ends.
  const byRod = technique.pace !== null && 'mps' in technique.pace
  const tempo = byRod ? tempoFor(technique, pulledMps, [1, 1]) : (formerOf(id)?.at ?? 0.5)
  return { tempo, patience: patienceFor(technique, restS) }
}

/** What a rule asked for that named ways of before: techniques, and tempo or rest where all that it named were of one. */
export function formerAsked(ids: readonly string[]): {
  technique: string[]
  tempo?: readonly [number, number]
  restS?: readonly [number, number]
} {
  const known = ids.map((id) => formerOf(id) ?? { technique: id })
  const technique = [...new Set(known.map((one) => one.technique))]
  const span = (of: (one: Former) => readonly [number, number] | undefined) => {
    const spans = known.flatMap((one) => of(one) ?? [])
    return technique.length > 1 || spans.length < 2 * known.length
      ? undefined
      : ([Math.min(...spans), Math.max(...spans)] as const)
  }
  const [tempo, restS] = [span((one) => one.tempo), span((one) => one.restS)]
  return { technique, ...(tempo && { tempo }), ...(restS && { restS }) }
}
