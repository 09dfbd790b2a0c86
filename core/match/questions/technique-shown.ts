import { EMPTY_BOX, type Box } from '../../box'
import { retrievePath, type Path } from '../../motion'
import {
  buildsOf,
  deliveryOf,
  familyOf,
  workAt,
  worksOn,
  type Build,
  type FamilyId,
  type Lure,
  type Technique,
  type Tempo,
  type Work,
} from '../../tackle'
import { readWater, type Conditions, type Place, type Reading, type Species } from '../../water'
import { anchored, castPlanOf, countDowns, evaluateBuild, fishAsked, tackleAsked, type TackleAsked } from '../possible'
import { flowHere, RULES, type OfferTest, type Rule } from '../asked'
import { cadenceOf, type Cadence } from './how-to'
import { referenceBox } from '../against'

/** A technique by itself: how it looks in a water made for it, what it is done with, and when it is reached for. */
export interface TechniqueShown {
  readonly work: Work
  /** The lure that it is shown with, as it is hooked. */
  readonly build: Build
  readonly path: Path
  readonly depthM: number
  readonly castM: number
  readonly cadence: Cadence
  /** What the fish of the water asks of tackle with it. */
  readonly tackle: TackleAsked
}

/** Waters in which techniques are shown, m: deep enough for what goes straight down or behind a boat. */
const SHOWN = { shallowM: 2, castM: 20, depthM: 4, deepM: 10, flowMps: 0.4, driftMps: 0.3 } as const
/** Line that a count is told by, and an ordinary line to draw with, m; and its turns on an ordinary reel, m a turn. */
const LINE = { diameterM: 0.00018, material: 'braid' } as const
const COUNTED = { usualM: 0.00018, thickestM: 0.0003 } as const
const REEL = { linePerTurnM: 0.75 } as const
const LEVEL_TIP_M = 1

/** Whether a technique is for a lure, however that can be hooked from a box. */
const isFor = (technique: Technique, lure: Lure, box: Box): boolean =>
  technique.works.families.includes(lure.family) &&
  buildsOf(lure, box).some(({ mount }) => worksOn(technique, mount.kind, lure.traits))

/** Lures of a box that can be worked so with what it holds to hook them on. */
export const luresFor = (technique: Technique, box: Box): Lure[] =>
  box.lures.filter((lure) => lure.count > 0 && isFor(technique, lure, box))

/** Rules that reach for it, its own first, and rules that leave it. */
export function rulesOf(
  { id, speaksAs, when = [] }: Technique,
  rules: readonly Rule[] = RULES,
): { reach: Rule[]; leave: Rule[] } {
  const own = new Set([id, ...when.map((w) => w.id)])
  const names = ({ technique }: OfferTest) =>
    technique?.includes(id) === true || (speaksAs !== undefined && technique?.includes(speaksAs) === true)
  const reaches = (rule: Rule) => rule.effects.some((e) => 'favour' in e && names(e.favour))
  return {
    reach: [...rules.filter((r) => own.has(r.id)), ...rules.filter((r) => !own.has(r.id) && reaches(r))],
    leave: rules.filter((r) => r.effects.some((e) => 'avoid' in e && names(e.avoid))),
  }
}

/** The water in which it is shown: today's, made open, deep and moving enough. */
function waterFor({ delivery, at }: Technique, c: Conditions): Conditions {
  const { pace, moving } = deliveryOf(delivery)
  const deep = delivery === 'vertical' || pace === 'boat'
  const depthM = at === 'surface' ? SHOWN.shallowM : deep ? SHOWN.deepM : SHOWN.depthM
  return {
    ...c,
    depthM,
    cover: { kind: 'open', topM: depthM, density: 0 },
    currentMps: moving && delivery !== 'drift' && pace !== 'boat' ? SHOWN.flowMps : 0,
    driftMps: delivery === 'drift' ? SHOWN.driftMps : 0,
    windMps: 0,
    swellM: 0,
    tide: 'none',
    zone: at === 'mid water' ? { topM: 0.35 * depthM, bottomM: 0.6 * depthM } : null,
    castM: SHOWN.castM,
    rodTipM: null,
    ballKg: null,
    stand: null,
    deliveries: null,
  }
}

/** A lure it is shown with: of the first family that takes it, of the length that the food asks for. */
function buildFor(technique: Technique, c: Conditions, carrying: Reading): Build | null {
  const { zone } = carrying
  const box = referenceBox(
    {
      colour: { back: 'olive', flank: 'silver', belly: 'white', pattern: 'plain' },
      lengthM: c.forage.lengthM,
      depthM: c.depthM,
      zoneMidM: (zone.topM + zone.bottomM) / 2,
      zoneBottomM: c.depthM,
      flowMps: flowHere(c),
    },
    EMPTY_BOX,
  )
  for (const family of technique.works.families)
    for (const lure of box.lures.filter((one) => one.family === (family as FamilyId))) {
      const found = buildsOf(lure, box).find(
        ({ mount, trailer }) => trailer === null && worksOn(technique, mount.kind, lure.traits),
      )
      if (!found) continue
      if (technique.delivery !== 'three-way') return found
      const [over] = anchored([evaluateBuild(found, null, carrying)], box)
      if (over) return over.build
    }
  return null
}

/**
 * A technique at a tempo and with a patience, drawn by the same simulation as every answer. Null where no lure of the vocabulary is for it.
 *
 * @param c today's water: its fish, food, temperature; depth and current are set so that the technique is at home
 */
export function showTechnique(
  technique: Technique,
  at: Tempo,
  { c, place, species }: { readonly c: Conditions; readonly place: Place; readonly species: Species },
): TechniqueShown | null {
  const water = waterFor(technique, c)
  const reading = readWater(water, place, species)
  const build = buildFor(technique, water, reading)
  if (!build) return null
  const { motion, speedMps } = evaluateBuild(build, null, reading)
  const work = workAt(technique, at, speedMps, flowHere(water))
  const counts = countDowns(build, motion, technique, water, reading, COUNTED)
  const onBottom = technique.at === 'on the bottom' || technique.at === 'over the bottom'
  const countDownS = (onBottom ? counts[counts.length - 1] : counts[Math.floor((counts.length - 1) / 2)]) ?? 0
  const handling = { ...work, countDownS, rodTipM: technique.at === 'surface' ? 2 : LEVEL_TIP_M }
  const castM = deliveryOf(technique.delivery).thrown === 'pitch' ? SHOWN.castM / 2 : SHOWN.castM
  const plan = castPlanOf({ build, handling, outfit: { line: LINE } }, motion, castM, { c: water, reading })
  return {
    work,
    build,
    path: retrievePath(plan),
    depthM: water.depthM,
    castM: plan.castM,
    cadence: cadenceOf({ handling, outfit: { reel: REEL } }),
    tackle: tackleAsked(build, technique, fishAsked(species, c)),
  }
}

/** The kinds of lure that a technique is for, by name. */
export const familyNames = ({ works }: Technique): string[] => works.families.map((id) => familyOf(id as FamilyId).name)
