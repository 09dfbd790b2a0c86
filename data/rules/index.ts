import { ALWAYS } from './always'
import { practice } from './basis'
import { BLADES } from './blades'
import { BY_FISH } from './by-fish'
import { CLARITY } from './clarity'
import { CRANKBAITS } from './crankbaits'
import { FRESH } from './fresh'
import { JERKBAITS } from './jerkbaits'
import { JIGS } from './jigs'
import { METAL } from './metal'
import { MOOD } from './mood'
import { RIVERS } from './rivers'
import { SEA } from './sea'
import { SOFTS } from './softs'
import { SIGNS } from './signs'
import { SPOONS } from './spoons'
import { SURF } from './surf'
import { TECHNIQUE_RULES } from './techniques'
import { TEMPERATURE } from './temperature'
import { WEIGHT } from './weight'

/** What most rows leave unsaid: they are of no open question, and stand on common practice. */
const UNSAID = { side: null, basis: practice } as const
type Whole<R> = R extends unknown ? R & Omit<typeof UNSAID, keyof R> : never
const whole = <R extends object>(rules: readonly R[]) => rules.map((rule) => ({ ...UNSAID, ...rule }) as Whole<R>)

/**
 * Rules of practice, by what they look at. Basis: common practice, where a row names no other; `side`: of an open question (data/open-questions), where it names one. Values SI (°C, m, s, m/s, kg, N); `want` in the unit of its axis
 * (data/axes). `above: [a, b]` begins to hold at a and holds fully at b; `below: [a, b]` holds fully up to a and ends at b. `facts`: the facts of the
 * trade that a rule stands for (docs/facts.md).
 */
export const RULE_GROUPS = [
  { id: 'always', name: 'In every water', rules: whole(ALWAYS) },
  { id: 'temperature', name: 'Temperature', rules: whole(TEMPERATURE) },
  { id: 'mood', name: 'Mood', rules: whole(MOOD) },
  { id: 'signs', name: 'Signs, lamps, weed and prey', rules: whole(SIGNS) },
  { id: 'clarity', name: 'Clarity, sky and colour', rules: whole(CLARITY) },
  { id: 'weight', name: 'Weight and fall', rules: whole(WEIGHT) },
  { id: 'blades', name: 'Spinnerbaits, spinners and bladed jigs', rules: whole(BLADES) },
  { id: 'spoons', name: 'Spoons', rules: whole(SPOONS) },
  { id: 'crankbaits', name: 'Crankbaits', rules: whole(CRANKBAITS) },
  { id: 'jerkbaits', name: 'Jerkbaits', rules: whole(JERKBAITS) },
  { id: 'jigs', name: 'Jigs and trailers', rules: whole(JIGS) },
  { id: 'softs', name: 'Soft baits', rules: whole(SOFTS) },
  { id: 'techniques', name: 'When to reach for a technique', rules: whole(TECHNIQUE_RULES) },
  { id: 'metal', name: 'Metal and the surface', rules: whole(METAL) },
  { id: 'rivers', name: 'Rivers, trout and salmon', rules: whole(RIVERS) },
  { id: 'surf', name: 'Surf and tide', rules: whole(SURF) },
  { id: 'by-fish', name: 'What is tied on for a fish', rules: whole(BY_FISH) },
  { id: 'fresh', name: 'Fish of fresh water', rules: whole(FRESH) },
  { id: 'sea', name: 'Fish of the sea', rules: whole(SEA) },
] as const

export const RULES = RULE_GROUPS.flatMap((g): readonly (typeof g.rules)[number][] => g.rules)
