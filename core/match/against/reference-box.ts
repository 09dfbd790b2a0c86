import {
  REFERENCE_FORMS,
  REFERENCE_LEADERS,
  REFERENCE_OUTFITS,
  REFERENCE_WEIGHTS,
} from '../../../data/reference-tackle'
import type { Box } from '../../box'
import {
  FAMILIES,
  Lure,
  PARTS,
  UNUSED,
  familyOf,
  sizeForGap,
  traitFields,
  usualHooks,
  usualPart,
  usualTraits,
  GAP_BAND,
  type Colouring,
  type FamilyId,
  type PartKind,
  type PartOf,
} from '../../tackle'

/** What the best that could be tied on is made for. */
export interface MadeFor {
  readonly colour: Colouring
  /** Length that the food asks for, and the middle and the lower edge of the zone, m; what passes the line, m/s. */
  readonly lengthM: number
  readonly depthM: number
  readonly zoneMidM: number
  readonly zoneBottomM: number
  readonly flowMps: number
}

const N_PER_LB = 4.448
const part = <K extends PartKind>(kind: K, id: string, over: Partial<PartOf<K>>): PartOf<K> =>
  PARTS[kind].parse({ ...usualPart(kind, id), name: id, ...over }) as PartOf<K>

/** Rods, reels, lines and leaders of every strength: the same for every water. */
const TACKLE = (() => {
  const rods = REFERENCE_OUTFITS.map((one, i) =>
    part('rods', `reference-rod-${i}`, {
      type: one.type,
      power: one.power,
      action: one.action,
      lengthM: one.m,
      lureMinKg: one.g[0] / 1000,
      lureMaxKg: one.g[1] / 1000,
      lineMinN: one.lb[0] * N_PER_LB,
      lineMaxN: one.lb[1] * N_PER_LB,
    }),
  )
  const lines = REFERENCE_OUTFITS.flatMap(({ lines: on }, i) =>
    on.map(([material, pounds, diameter], n) =>
      part('lines', `reference-line-${i}-${n}`, {
        material,
        strengthN: pounds * N_PER_LB,
        diameterM: diameter / 1000,
        reelId: `reference-reel-${i}-${n}`,
      }),
    ),
  )
  const reels = REFERENCE_OUTFITS.flatMap((one, i) =>
    one.lines.map((_, n) =>
      part('reels', `reference-reel-${i}-${n}`, { type: 'overhead' in one ? 'overhead' : one.type }),
    ),
  )
  const leaders = REFERENCE_LEADERS.map((one, i) => part('leaders', `reference-leader-${i}`, { ...one, lengthM: 1.2 }))
  return { rods, lines, reels, leaders }
})()

const within = (value: number, [least, most]: readonly [number, number]) => Math.min(most, Math.max(least, value))
const middle = ([least, most]: readonly [number, number]) => Math.sqrt(least * most)

/** Usual weight of a family at a length, kg: between its lightest and its heaviest, by proportion. */
function usualMassKg(id: FamilyId, lengthM: number): number {
  const { lengthM: lengths, massKg } = familyOf(id)
  const at = Math.log(lengthM / lengths[0]) / Math.log(lengths[1] / lengths[0])
  return massKg[0] * (massKg[1] / massKg[0]) ** at
}

/** Weights that suit the depth: those of the list nearest to a light and to a heavy one. */
function weightsFor({ depthM, flowMps }: MadeFor): number[] {
  const { g, perM, least, perMps } = REFERENCE_WEIGHTS
  const nearest = (kg: number) =>
    g.reduce((best, one) => (Math.abs(Math.log(one / kg)) < Math.abs(Math.log(best / kg)) ? one : best))
  return [...new Set(perM.map((each) => nearest(Math.max(least, each * depthM) * (1 + perMps * flowMps))))]
}

/** Of every family, in its forms, one or some of the length, colour, depth and weight that a water asks for. */
function luresFor(water: MadeFor): Lure[] {
  const weights = weightsFor(water)
  return FAMILIES.flatMap(({ id }) => {
    const family = familyOf(id)
    const lengthM = within(water.lengthM / (family.capabilities?.seems ?? 1), family.lengthM)
    const typical = usualMassKg(id, lengthM)
    const loose = family.body === 'metal' || family.body === 'jig' || family.body === 'wire'
    const masses = loose ? [...new Set([typical, ...weights].map((kg) => within(kg, family.massKg)))] : [typical]
    const dives = traitFields(id).some(({ key }) => key === 'depthM')
    return (REFERENCE_FORMS[id] ?? [{}]).flatMap((form) =>
      masses.flatMap((massKg, n) => {
        const depthM = form.lip === 'long' ? Math.max(1.5, water.zoneBottomM + 0.3) : Math.max(0.3, water.zoneMidM)
        const made = Lure.safeParse({
          ...UNUSED,
          id: `reference ${id} ${Object.values(form).join(' ')} ${n}`,
          name: family.name,
          family: id,
          lengthM,
          massKg,
          colour: water.colour,
          hooks: usualHooks(id, lengthM),
          traits: { ...usualTraits(id), ...form, ...(dives ? { depthM: Math.min(depthM, 9) } : {}) },
        })
        return made.success ? [made.data] : []
      }),
    )
  })
}

/** Heads, hooks and sinkers for soft baits of one length. */
function rigsFor(water: MadeFor): Pick<Box, 'heads' | 'hooks' | 'sinkers'> {
  const weights = weightsFor(water)
  const size = (kind: keyof typeof GAP_BAND) => sizeForGap(middle(GAP_BAND[kind]) * water.lengthM)
  const hook = (style: PartOf<'hooks'>['style'], kind: keyof typeof GAP_BAND, massKg = 0.001) =>
    part('hooks', `reference-${style}`, { style, hookSize: size(kind), massKg })
  return {
    heads: weights.map((massKg) => part('heads', `reference-head-${massKg}`, { massKg, hookSize: size('head') })),
    hooks: [
      hook('offset', 'texas'),
      hook('belly-weighted', 'belly', 0.006),
      hook('wacky', 'wacky'),
      hook('drop-shot', 'drop-shot'),
    ],
    sinkers: weights.flatMap((massKg) => [
      part('sinkers', `reference-bullet-${massKg}`, { kind: 'bullet', massKg }),
      part('sinkers', `reference-drop-${massKg}`, { kind: 'drop-shot', massKg }),
      part('sinkers', `reference-dropper-${massKg}`, { kind: 'dropper', massKg: 2 * massKg }),
    ]),
  }
}

/** A box in which lies what suits this water: no angler’s, and what a full shop could give. */
export const referenceBox = (water: MadeFor, empty: Box): Box => ({
  ...empty,
  ...TACKLE,
  ...rigsFor(water),
  trailers: [part('trailers', 'reference-trailer', { kind: 'grub' })],
  lures: luresFor(water),
})
