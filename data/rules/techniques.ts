import { TECHNIQUE_GROUPS } from '../techniques'
import { practice } from './basis'

interface Row {
  readonly id: string
  readonly facts: readonly number[]
  readonly when?: readonly {
    readonly id: string
    readonly when: object
    readonly of?: object
    readonly weight: number
  }[]
}

/** When anglers reach for a technique, as its entry says. */
export const TECHNIQUE_RULES = TECHNIQUE_GROUPS.flatMap((group): readonly Row[] => group.techniques).flatMap(
  ({ id: technique, facts, when: rules = [] }) =>
    rules.map(({ id, when, of, weight }) => ({
      id,
      side: null,
      facts,
      when,
      effects: [{ favour: { ...of, technique: [technique] }, weight }],
      basis: practice,
    })),
)
