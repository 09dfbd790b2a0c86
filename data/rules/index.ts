import { ALWAYS } from './always'
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

/**
 * Rules of practice, by what they look at. Basis of all: common practice. Values SI (°C, m, s, m/s, kg, N); `want` in the unit of its axis
 * (data/axes). `above: [a, b]` begins to hold at a and holds fully at b; `below: [a, b]` holds fully up to a and ends at b. `facts`: the facts of the
 * trade that a rule stands for (docs/facts.md).
 */
export const RULE_GROUPS = [
  { id: 'always', name: 'In every water', rules: ALWAYS },
  { id: 'temperature', name: 'Temperature', rules: TEMPERATURE },
  { id: 'mood', name: 'Mood', rules: MOOD },
  { id: 'signs', name: 'Signs, lamps, weed and prey', rules: SIGNS },
  { id: 'clarity', name: 'Clarity, sky and colour', rules: CLARITY },
  { id: 'weight', name: 'Weight and fall', rules: WEIGHT },
  { id: 'blades', name: 'Spinnerbaits, spinners and bladed jigs', rules: BLADES },
  { id: 'spoons', name: 'Spoons', rules: SPOONS },
  { id: 'crankbaits', name: 'Crankbaits', rules: CRANKBAITS },
  { id: 'jerkbaits', name: 'Jerkbaits', rules: JERKBAITS },
  { id: 'jigs', name: 'Jigs and trailers', rules: JIGS },
  { id: 'softs', name: 'Soft baits', rules: SOFTS },
  { id: 'techniques', name: 'When to reach for a technique', rules: TECHNIQUE_RULES },
  { id: 'metal', name: 'Metal and the surface', rules: METAL },
  { id: 'rivers', name: 'Rivers, trout and salmon', rules: RIVERS },
  { id: 'surf', name: 'Surf and tide', rules: SURF },
  { id: 'by-fish', name: 'What is tied on for a fish', rules: BY_FISH },
  { id: 'fresh', name: 'Fish of fresh water', rules: FRESH },
  { id: 'sea', name: 'Fish of the sea', rules: SEA },
] as const

export const RULES = RULE_GROUPS.flatMap((g): readonly (typeof g.rules)[number][] => g.rules)
