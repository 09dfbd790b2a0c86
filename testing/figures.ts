import { STANDS } from '../data/deliveries'
import { TRIED_THEN } from '../core/outing'
import { COLOUR_GROUPS, FAMILIES, ROD_ACTIONS, ROD_POWERS, TERMINAL_KINDS } from '../core/tackle'
import { COVERS, MOODS, SKIES, SPECIES } from '../core/water'
import { z } from '../core/zod'

/** What the single figures of data/ may be: their bounds, and that what has an order keeps it. Read by `core/figures.test.ts`. */

const share = z.number().min(0).max(1)
const between = (least: number, most: number) => z.number().min(least).max(most)
/** Figures in order, the smallest first. */
const rising = (name: string, least: number, most: number) =>
  z
    .array(between(least, most))
    .min(2)
    .refine((all) => all.every((v, i) => i === 0 || v > (all[i - 1] ?? v)), {
      error: `${name} does not rise`,
    })
const ordered = <Shape extends z.ZodRawShape>(shape: Shape, ...keys: readonly (keyof Shape)[]) =>
  z.strictObject(shape).refine(
    (value) => {
      const figures = keys.map((key) => Number((value as Record<keyof Shape, unknown>)[key]))
      return figures.every((v, i) => i === 0 || v > (figures[i - 1] ?? v))
    },
    { error: `${keys.map(String).join(' < ')} is not so` },
  )
const each = (ids: readonly string[], value: z.ZodType) =>
  z
    .record(z.string(), value)
    .refine((table) => ids.every((id) => id in table) && Object.keys(table).length === ids.length, {
      error: `does not name just ${ids.join(', ')}`,
    })
const said = z
  .string()
  .min(1)
  .regex(/^[a-z0-9 -]+$/)
const lists = z.record(z.string(), z.array(said).min(1))
const sumsToOne = (weights: readonly unknown[]) =>
  Math.abs(weights.reduce<number>((sum, w) => sum + Number(w), 0) - 1) < 1e-9
/** Levels of what is not known, and how likely each is. */
const levels = (row: z.ZodType<{ readonly weight: unknown }>) =>
  z.array(row).refine((rows) => sumsToOne(rows.map(({ weight }) => weight)), { error: 'weights do not add up to 1' })
/** The end of a step, or of none. */
const upTo = z.number().positive().or(z.literal(Infinity))
const metres = (most: number) => between(0.0001, most)
/** 400 to 700 nm in steps of ten. */
const spectrum = (least: number, most: number) => z.array(between(least, most)).length(31)
const bells = z.array(z.tuple([between(-2, 2), between(400, 700), between(5, 80), between(5, 80)])).min(1)

/** Sums to an action, and factors on drags, of what a make changes. */
const adds = between(-0.5, 0.5)
const byDrag = between(0.5, 2)
const changes = (keys: readonly string[]) =>
  z.strictObject(Object.fromEntries(keys.map((key) => [key, key.endsWith('By') ? byDrag : adds])))
const kindsOf = (keys: readonly string[]) => z.record(said, changes(keys))

/** By file of data/ and name. */
export const FIGURE_SCHEMAS: Readonly<Record<string, Readonly<Record<string, z.ZodType>>>> = {
  lake: {
    LAKE: z.strictObject({
      schoolsPerH: between(2, 10),
      mostInSchool: z.number().int().min(1).max(8),
      poorestSpot: between(0.1, 0.8),
      bestOverPoorest: between(1.5, 12),
      fitRight: between(0.2, 0.7),
      far: z.strictObject({
        much: rising('much', 0.02, 0.4),
        little: rising('little', 0.6, 1),
        mild: rising('mild', 0.2, 1),
      }),
      mostMuch: z.number().int().min(1).max(6),
      shifts: rising('shifts', 0, 8),
      shows: share,
      honestSign: share,
      lands: share,
      usedToIt: share,
      usedHalfMin: between(10, 240),
      costMin: ordered({ rig: between(0.5, 5), fish: between(1, 10), spot: between(1, 20) }, 'rig', 'fish', 'spot'),
    }),
  },
  lessons: {
    LESSONS: z
      .array(
        z.strictObject({
          id: said,
          minutes: between(30, 480),
          kit: z.enum(['match', 'variants', 'two', 'one']),
          muchOf: z.array(said).nullable(),
          shifts: z.number().int().min(0).max(6).nullable(),
          shiftOf: z.enum(['spots', 'likings']),
          enough: z.number().positive().nullable(),
        }),
      )
      .min(2),
  },
  party: {
    MATCHED_WITHIN_MIN: between(5, 20),
    SPLIT: z.strictObject({
      takesPer20Min: between(0.3, 3),
      stepSpread: between(0.5, 1.2),
      anglerSpread: between(0.2, 1),
      turnSpread: between(0.3, 1.5),
      leastOfBest: between(0.5, 0.8),
      mostWays: z.number().int().min(1).max(8),
      turns: z.number().int().min(8).max(16),
    }),
  },
  power: {
    POWER: z.strictObject({
      times: z.literal(2.5),
      patterns: z.array(z.strictObject({ outings: z.number().int(), found: rising('found', 0, 1) })).length(2),
      versus: z.strictObject({ pairs: z.number().int(), found: rising('found', 0, 1) }),
    }),
  },
  'by-pace': { BY_PACE: ordered({ others: between(0, 0.5), blades: between(0, 0.5) }, 'others', 'blades') },
  followers: {
    FOLLOWERS: z.strictObject({
      facts: z.array(z.number()),
      heldFamilies: z.array(z.enum(FAMILIES.map(({ id }) => id))).min(1),
      heldGroups: z.array(z.enum([...new Set(SPECIES.map(({ group }) => group))])).min(1),
      dropped: z.array(z.enum(['soft', 'jig', 'metal', 'hard', 'wire'])).min(1),
    }),
  },
  fittings: {
    TERMINAL_USUAL: z.array(z.strictObject({ kind: z.enum(TERMINAL_KINDS), massKg: between(0.0001, 0.02) })),
  },
  watched: {
    FIRST_BELIEF: z.strictObject({
      halfM: between(0.3, 3),
      halfSpread: between(0.5, 2),
      priorStrength: between(2, 8),
      practised: share,
      converts: each(TRIED_THEN, z.strictObject({ mean: share, priorStrength: between(2, 8) })),
    }),
  },
  advice: {
    LEARNING: z.strictObject({
      showingsPerH: between(1, 6),
      takeShare: between(0.2, 0.8),
      shows: between(0.2, 0.6),
      fitPower: between(0.2, 1),
      halfLifeMin: between(30, 180),
      priorStrength: between(0.5, 4),
      priorStrengthDay: between(2, 20),
      priorStrengthWhere: between(0.5, 4),
      neighbour: between(0, 0.6),
      hope: between(0.5, 0.9),
      optimismWhere: between(0.5, 0.9),
      sign: between(1.2, 3),
      takeStays: share,
      maxCues: between(1, 4),
      habituation: between(0.8, 1),
      usedHalfMin: between(20, 120),
      worthIt: between(1, 1.5),
      schoolMin: between(0.5, 10),
      horizonMin: between(10, 120),
      moveMin: between(1, 20),
      tieMin: between(0.5, 5),
    }),
    GIVE_MIN: ordered({ least: between(2, 30), most: between(5, 60) }, 'least', 'most'),
    STAY_MIN: ordered({ other: between(1, 60), school: between(1, 60) }, 'other', 'school'),
    QUIET: ordered(
      { takes: between(1, 5), afterMin: between(2, 60), withinMin: between(5, 120) },
      'afterMin',
      'withinMin',
    ),
    SIZE_FORGOTTEN_MIN: between(30, 240),
  },
  make: {
    WOBBLE: kindsOf(['amplitude', 'vibration']),
    BODY_OF: kindsOf(['amplitude', 'vibration', 'risesBy']),
    FLIES_BY: z.strictObject({ weightShift: byDrag, filler: z.record(said, byDrag) }),
    FILLER_TILTS: z.record(said, between(-0.2, 0.2)),
    METALS: z.record(said, between(5000, 20_000)),
    PLASTICS: z
      .strictObject({ plain: between(1000, 1300), salted: between(1000, 1400), buoyant: between(700, 1000) })
      .refine((p) => p.buoyant < p.plain && p.plain < p.salted, { error: 'salt does not weigh' }),
    SECTIONS: kindsOf(['amplitude', 'vibration', 'fallDragBy', 'pullDragBy']),
    CUPS: kindsOf(['amplitude', 'fallDragBy', 'pullDragBy']),
    SPOON_WIDTH: z.record(z.string(), between(0.1, 0.8)),
    SPOON_GAP: ordered({ good: share, least: share }, 'least', 'good'),
    FRONT_BLADE_SHARE: between(0.1, 0.5),
    ARMS: z.strictObject({ long: changes(['snag', 'fallDragBy']), short: changes(['snag', 'fallDragBy']) }),
    COATINGS: z.record(z.string(), z.strictObject({ flash: share, contrast: share, dark: share })),
    GLOWS_UNDER_LUX: between(0.01, 50),
    DRESSED_TAIL: changes(['presence', 'flash', 'fallDragBy']),
    DRESSING_SLOWS: between(0, 1),
    TRIMMED: changes(['presence', 'fallDragBy']),
  },
  heads: {
    HEAD_ADDS: z.record(z.string(), z.strictObject({ amplitude: adds, vibration: adds, flash: adds }).partial()),
    CLIP_ON: changes(['vibration', 'flash', 'amplitude', 'snag', 'pullDragBy', 'fallDragBy']),
    HEAD_SNAG: z.record(z.string(), z.enum(['weed-guard-head', 'belly'])),
  },
  bench: {
    PRIOR_SD: z.strictObject({ drag: share, trim: share, label: share, rest: share, cast: share }),
    READING_SD: z.strictObject({
      watchS: between(0.03, 0.4),
      fall: share,
      depth: share,
      depthM: metres(0.3),
      restMps: metres(0.05),
      rest: share,
      cast: share,
    }),
    POOR_FROM: between(1.2, 4),
    POOR_BAND: share,
    SUSPENDS_MPS: metres(0.05),
    ACTION_SCALE: z.strictObject({ swingShare: share, tailMps: between(0.1, 2) }),
    SHELL_EXPANSION: between(1.5e-4, 3.5e-4),
    LEAD_STRIP: z.strictObject({ widthM: metres(0.02), thickM: metres(0.003) }),
    TROLL_STEP_MPS: metres(0.3),
    PLUG_LOADS_KG: rising('the loads', 0.01, 0.2),
    OFF_BOTTOM_M: between(0.3, 0.62),
    TROLLED_OVER_CAST: between(1, 2.5),
  },
  blades: {
    BLADE_LENGTH_MM: z.strictObject({ base: between(1, 30), perSize: between(1, 10) }),
    BLADE_FORM: each(
      ['willow', 'turtle-back', 'indiana', 'colorado'],
      z.strictObject({ stretch: between(0.8, 2), width: share, fills: share }),
    ),
    BLADE_SHEET: z.strictObject({ thicknessMm: between(0.2, 1.5), densityKgM3: between(7000, 9000) }),
    HAMMERED_ADDS: share,
    PER_BLADE_SIZE: z.strictObject({ vibration: share, drag: share }),
  },
  casting: {
    ORDINARY_CAST: z.strictObject({
      massKg: between(0.005, 0.03),
      dragM2: between(2e-4, 2e-3),
      rod: z.strictObject({
        type: z.literal('spinning'),
        lengthM: between(1.5, 3),
        lureMinKg: between(0.002, 0.015),
        lureMaxKg: between(0.015, 0.06),
      }),
      line: z.strictObject({ diameterM: between(5e-5, 5e-4), densityKgM3: between(900, 2000) }),
    }),
    ROD_THROWS: z.strictObject({
      tip: between(0.3, 3),
      spoolKg: ordered({ spinning: between(0, 0), casting: between(0, 0.02) }, 'spinning', 'casting'),
      guides: ordered({ spinning: between(0.5, 5), casting: between(0.5, 5) }, 'casting', 'spinning'),
    }),
    CAST_ANGLES_DEG: ordered({ usual: between(30, 45), intoWind: between(10, 40) }, 'intoWind', 'usual'),
    CAST_FROM_M: between(1, 4),
    CARRIED_SHARE: share,
    HARDEST_SWING_J: between(10, 100),
    FARTHER: z.strictObject({ perM: between(0.01, 0.1), most: between(0.3, 2) }),
    FLIES_AT: share,
    PITCH_M: between(3, 15),
    ROD_TIPS_M: ordered({ down: between(0, 1), level: between(0, 2), up: between(1, 4) }, 'down', 'level', 'up'),
    LABEL_CAST_M: between(25, 50),
    LONGEST_COUNT_S: between(20, 120),
    DROPPER_M: rising('the dropper', 0.1, 2),
  },
  deliveries: {
    STANDS: z.array(said).min(3),
    DELIVERIES: z
      .array(
        z.strictObject({
          id: said,
          from: z.array(z.enum(STANDS)).min(1),
          usual: z.array(z.enum(STANDS).nullable()),
          thrown: z.enum(['cast', 'pitch', 'none']),
          pace: z.enum(['hand', 'boat', 'water']),
          moving: z.boolean(),
          effort: z.enum(['cast', 'drop', 'drift', 'pass', 'wait']),
        }),
      )
      .refine((all) => all.every((d) => d.usual.every((from) => from === null || d.from.includes(from))), {
        error: 'is usual from where it cannot be done',
      }),
    LET_OUT: z.strictObject({
      trolledM: rising('line out', 5, 150),
      atSurfaceM: between(10, 60),
      driftedM: between(20, 150),
      leadM: between(2, 30),
      ballKg: between(1, 10),
      clearM: between(0.2, 3),
      boatMps: rising('pace of a boat', 0.1, 6),
      passS: between(30, 600),
      dropperM: rising('dropper', 0.1, 6),
      dropperStepM: between(0.1, 1.5),
      leaderM: between(0.3, 3),
      swingDeg: between(0, 60),
      hangS: between(2, 60),
      waits: between(3, 60),
    }),
  },
  'fall-taken': {
    FALL_TAKEN: each(
      FAMILIES.filter((family) => family.swims === 'sinks').map((family) => family.id),
      share,
    ),
  },
  'fish-reach': {
    RISE_M: ordered(
      { active: metres(3), neutral: metres(3), pressured: metres(3), lethargic: metres(3) },
      'lethargic',
      'pressured',
      'neutral',
      'active',
    ),
    SINK_M: metres(1),
    NOTICE: z.strictObject({ feltM: metres(1), seen: share }),
  },
  gaps: {
    DEPTH_BANDS: z
      .array(
        z.strictObject({
          id: said,
          name: z.string().min(1),
          fromM: between(0, 50),
          toM: z.number().positive().or(z.literal(Infinity)),
        }),
      )
      .refine(
        (all) =>
          all.every((b, i) => (i === 0 ? b.fromM === 0 : b.fromM === all[i - 1]?.toM)) && all.at(-1)?.toM === Infinity,
        {
          error: 'the bands leave a depth out',
        },
      ),
    STRONG_ACTION: share,
    WANTS_SOUND: share,
    COLOUR_COLUMNS: z.array(z.strictObject({ id: said, name: said, groups: z.array(z.enum(COLOUR_GROUPS)) })).refine(
      (all) =>
        all
          .flatMap((c) => c.groups)
          .sort()
          .join() === [...COLOUR_GROUPS].sort().join(),
      {
        error: 'each group of colours belongs to one column',
      },
    ),
    GAP_DAYS: z.strictObject({
      visibility: rising('visibility', 0.1, 4),
      moods: z.array(z.enum(MOODS)).length(MOODS.length),
      skies: z.array(z.enum(SKIES)).min(2),
    }),
    PATIENT_S: between(5, 60),
    ASKED_SHARE: share,
  },
  forage: { SMALLEST_LURE_M: between(0.015, 0.05) },
  hooks: {
    TREBLE_MASS: z.strictObject({ perGap: between(0.001, 0.05), power: between(2, 3) }),
    WIRE_MASS: ordered(
      { light: between(0.5, 1), medium: z.literal(1), heavy: between(1, 2) },
      'light',
      'medium',
      'heavy',
    ),
    HOOK_BY_BODY: z.strictObject({
      thick: between(0.3, 2),
      long: between(0.02, 0.2),
      fills: between(0.5, 1),
      densityKgM3: between(900, 1400),
      free: between(0.05, 0.4),
      width: between(0.1, 0.6),
    }),
    HUNG_STYLES: z.record(
      z.string(),
      z.strictObject({ mass: between(0, 2), points: between(1, 3), snag: between(0, 1.5) }),
    ),
    LOOSE_STYLES: z.record(
      z.string(),
      z.strictObject({ mount: said.nullable(), exposed: share, points: between(1, 3) }),
    ),
  },
  joints: {
    JOINT_LIMITS: z.looseObject({
      smallTrebleM: metres(0.02),
      snag: ordered({ mind: share, wrong: share }, 'mind', 'wrong'),
      hardware: ordered({ mind: share, wrong: share }, 'mind', 'wrong'),
      smallLureKg: metres(0.05),
      plugLineM: ordered({ mind: metres(0.001), wrong: metres(0.001) }, 'mind', 'wrong'),
      spinningJigKg: metres(0.2),
      jigRodKg: metres(0.2),
      weakLink: between(0.5, 1.5),
      hooks: between(1, 6),
    }),
  },
  'search-words': {
    DEPTH_WORDS: each(
      ['shallow', 'medium', 'deep'],
      z.tuple([between(0, 10), z.number().positive().or(z.literal(Infinity))]),
    ),
    ALSO: z.record(said, said),
  },
  'sheet-words': {
    HEADINGS: lists,
    YES: z.array(said).min(2),
    NO: z.array(said).min(2),
    SOUND_WORDS: each(['silent', 'knock', 'rattles'], z.array(said).min(2)),
    COLOUR_WORDS: lists,
    DRESS_WORDS: lists,
    COLOUR_MANNERS: z.array(said).min(20),
  },
  chances: {
    CHANCES: z.strictObject({
      unit: between(8, 40),
      met: between(1, 6),
      unspoken: between(0.4, 0.9),
      spoken: between(2, 12),
      warned: between(2, 12),
      detail: between(5, 30),
      record: between(0.6, 0.9),
    }),
  },
  snags: {
    TOUCHING: z.array(z.enum(FAMILIES.map((f) => f.id) as [string, ...string[]])).min(1),
    TOUCH_RISK: share,
    DENSITY_RISK: z.strictObject({ sparse: between(0, 2), thickAdds: between(0, 4) }),
    SNAG_LIMIT: share,
    WEED_RISK: ordered({ none: share, some: share, much: share }, 'none', 'some', 'much'),
  },
  spectra: {
    NM: z.strictObject({ from: z.literal(400), step: z.literal(10), count: z.literal(31) }),
    PURE_WATER: spectrum(0.004, 1),
    DAYLIGHT: spectrum(50, 130),
    MATCHING: z.strictObject({ x: bells, y: bells, z: bells }),
    STAIN: z.strictObject({
      slopePerNm: between(0.01, 0.02),
      particles: ordered(
        { clear: share, thick: share, clearM: between(1, 10), thickM: between(0.1, 1) },
        'clear',
        'thick',
      ),
    }),
    LIGHT_FROM: ordered({ below: share, side: share, above: between(1, 4) }, 'below', 'side', 'above'),
    JUDGED_FROM_M: metres(3),
    GREYS: ordered({ none: between(-2, 1), all: between(-5, -1) }, 'all', 'none'),
  },
  places: {
    CHOICE: z.strictObject({ places: between(2, 6), least: between(0.4, 1) }),
    TIE: between(0.01, 0.2),
    POOR: between(20, 80),
    SHARED_PLACE: between(0.7, 1),
    DAY: ordered({ fair: share, good: share, mood: each(MOODS, share) }, 'fair', 'good'),
    PAIR: ordered({ finish: share, search: share, among: between(3, 30), least: share }, 'finish', 'search'),
  },
  'reference-tackle': {
    REFERENCE_OUTFITS: z.array(
      z.strictObject({
        type: z.enum(['spinning', 'casting']),
        power: z.enum(ROD_POWERS),
        action: z.enum(ROD_ACTIONS),
        m: between(1.5, 4),
        g: rising('g', 0.5, 500),
        lb: rising('lb', 1, 150),
        lines: z.array(z.tuple([z.enum(['braid', 'fluoro', 'mono']), between(1, 150), between(0.05, 1)])).min(1),
        overhead: z.boolean().optional(),
      }),
    ),
    REFERENCE_LEADERS: z.array(
      z.strictObject({
        strengthN: between(10, 1000),
        diameterM: between(0.0001, 0.002),
        material: z.enum(['fluoro', 'wire']),
      }),
    ),
    REFERENCE_FORMS: z.record(
      z.string().refine((id) => FAMILIES.some((f) => f.id === id), { error: 'is no family' }),
      z.array(z.record(z.string(), z.string())).min(1),
    ),
    REFERENCE_WEIGHTS: z.strictObject({
      g: rising('g', 0.001, 0.5),
      perM: rising('perM', 0.0005, 0.01),
      least: between(0.001, 0.01),
      perMps: between(0, 5),
    }),
  },
  plan: {
    CLARITIES: levels(z.strictObject({ id: said, factor: between(0.2, 4), weight: share })),
    DEPTHS: levels(z.strictObject({ id: said, shift: between(-0.5, 0.5), weight: share })),
    SKY_KEEPS: levels(z.strictObject({ id: said, weight: share })),
    OTHERWISE: z.strictObject({ sky: each(SKIES, z.enum(SKIES)), wind: between(1, 3) }),
    MOODS_BY_THOUGHT: each(
      MOODS,
      each(MOODS, share).refine((table) => sumsToOne(Object.values(table)), { error: 'does not add up to 1' }),
    ),
    WORLDS: z.strictObject({ waters: between(4, 16), tastes: between(4, 16).multipleOf(2) }),
    TASTE: z.strictObject(
      Object.fromEntries(
        ['size', 'vibration', 'flash', 'colour', 'sound', 'family'].map((key) => [key, between(0, 0.6)]),
      ),
    ),
    TASTE_STEP: between(1.3, 3),
    LOOKED_AT: between(12, 40),
    RETIE: z.strictObject({ minutes: between(0.5, 10), costs: between(0, 0.2) }),
    OUTFIT_SETS: between(50, 500),
    SNAGS: z.strictObject({ castsPerH: between(20, 80), lost: between(0.02, 0.5) }),
    LOADS_KG: z.array(between(0, 0.1)).min(2),
    FORGOTTEN_H: between(1, 4),
    SPARES: z.record(said, z.strictObject({ hours: between(1, 12), least: between(1, 8) })),
    TWICE_FROM: between(0.02, 0.2),
  },
  'water-words': {
    WATER_SORTS: z
      .array(
        z.strictObject({
          words: z.array(said).min(1),
          depthM: rising('depths', 0.3, 60),
          visibilityM: rising('visibilities', 0.05, 20),
          currentMps: between(0, 2),
          salinity: between(0, 40),
          cover: z.enum(COVERS),
        }),
      )
      .min(1),
    DEPTH_WORDS: z.array(z.strictObject({ words: z.array(said).min(1), depthM: rising('depths', 0.3, 60) })),
    CLARITY_WORDS: z.array(
      z.strictObject({ words: z.array(said).min(1), visibilityM: rising('visibilities', 0.05, 20) }),
    ),
    COVER_WORDS: z.array(z.strictObject({ words: z.array(said).min(1), kind: z.enum(COVERS), height: share })),
    SEASON_WORDS: z.array(z.strictObject({ words: z.array(said).min(1), month: between(1, 12) })),
    WATER_BY_MONTH_C: z.array(between(0, 30)).length(12),
    PER_LATITUDE_C: between(0, 1),
    OFF_C: between(0.5, 5),
    SEA_SWING: share,
  },
  'fish-tackle': {
    FISH_TACKLE: z.record(
      said,
      z.strictObject({
        power: z.tuple([z.enum(ROD_POWERS), z.enum(ROD_POWERS)]),
        lineN: rising('line', 5, 700),
        leaderN: rising('leader', 5, 700),
        leader: share,
      }),
    ),
    COVER_ASKS: each(COVERS, between(1, 4)),
    LINE_BY_WEIGHT: z.strictObject({
      least: between(0.5, 1.5),
      leader: between(0.8, 2),
      plugs: between(2, 6),
      others: between(3, 10),
      lightestN: between(9, 45),
      braid: between(1, 3),
    }),
    STRENGTH_WIDTH: ordered({ weak: between(0.1, 1), strong: between(0.1, 1) }, 'weak', 'strong'),
    ROD_LENGTHS: z.record(z.string(), z.union([rising('lengths', 1, 5), between(0.1, 1)])),
    BANKS: z.strictObject({
      farM: between(30, 80),
      streamM: between(8, 30),
      swellM: between(0.2, 2),
      windMps: between(5, 15),
    }),
    WRONG_REEL: z.strictObject({ other: share, underLoad: share, loadKg: between(0.02, 0.2) }),
  },
  remedy: {
    REMEDY: z.strictObject({
      over: between(1, 2),
      tried: between(1, 20),
      pack: between(1, 50),
      lureKg: between(0.003, 0.03),
      hookKgPerGap: between(0.03, 0.3),
      braidNPerMm2: between(2000, 6000),
      heads: z.array(z.strictObject({ toM: upTo, kg: between(0.001, 0.06) })).min(2),
      headByBody: between(0.1, 1),
      lures: rising('what a rod casts', 0.1, 4),
      lines: rising('what a rod takes', 0.1, 4),
      powers: z.array(z.strictObject({ toKg: upTo, power: said })).min(3),
    }),
  },
  'tackle-limits': {
    ROD_LURE_SLACK: rising('the slack', 0.5, 1.6),
    ROD_LINE_SLACK: rising('the slack', 0.5, 1.6),
    KNOT: between(0.4, 1),
    LINE_AGES: z.strictObject({ perSeason: z.record(said, share), least: share }),
    REEL_GIVES: ordered(
      {
        brakeLeast: share,
        brakeGood: share,
        castsOfLine: between(1, 10),
        castM: between(10, 80),
        letOutM: between(50, 400),
      },
      'brakeLeast',
      'brakeGood',
    ),
    OUTFIT_KG: ordered({ light: between(0.2, 1), heavy: between(0.3, 2) }, 'light', 'heavy'),
    SMALL_GUIDES_M: between(0.0002, 0.001),
    COVER_PULL: between(0, 3),
    WIRE_UNASKED: between(0.5, 0.9),
    WEAK_LINK: z.strictObject({ over: between(1, 1.5), factor: share, under: between(0.1, 0.9), wastes: share }),
    MONO_N_PER_MM2: between(400, 750),
    BRAID_OVER: between(1.2, 4),
    CAST_N_PER_KG: between(1000, 2500),
    CAST_STRENGTH: z.strictObject({ least: between(0.2, 0.9), costs: share }),
    CHAFING: z.array(said).min(1),
    HOOK_ON_ROD: ordered(
      { hopeless: share, hardly: share, straightens: share, lineCosts: share, stoutLineN: between(15, 80) },
      'hopeless',
      'hardly',
    ),
    BITE_PROOF_M: metres(0.0015),
    EASY_TURNS: ordered({ least: between(0.1, 1), most: between(1, 5), slower: share, faster: share }, 'least', 'most'),
    STEALTH_BY_MATERIAL: each(['fluoro', 'mono', 'braid', 'wire'], share),
    THICKNESS_SEEN: ordered({ fromM: metres(0.001), toM: metres(0.002), costs: share }, 'fromM', 'toM'),
    LINE_DENSITY: ordered(
      { braid: between(940, 1000), mono: between(1100, 1180), fluoro: between(1700, 1850) },
      'braid',
      'mono',
      'fluoro',
    ),
    POINT_HIDDEN: ordered({ buried: share, half: share }, 'buried', 'half'),
  },
  'tide-stations': {
    TIDE_REACH_KM: between(20, 300),
    SLACK_H: between(0.1, 1.5),
    LEAST_RANGE_M: metres(0.5),
  },
  trailers: {
    TRAILER_BAND: ordered(
      { least: share, most: between(0.8, 1.3), crosswise: between(1, 1.6) },
      'least',
      'most',
      'crosswise',
    ),
    TRAILER_USUAL: ordered(
      { lengthM: between(0.04, 0.12), least: between(0.1, 1), most: between(1, 3) },
      'lengthM',
      'least',
      'most',
    ),
    TRAILER_SHOWS: share,
    TRAILER_COLOUR_SHARE: share,
    SOFT_AS_TRAILER: z.record(z.string(), z.string()),
  },
  wear: {
    HOOKS_DUE_FISH: ordered(
      { light: between(3, 100), medium: between(3, 100), heavy: between(3, 100) },
      'light',
      'medium',
      'heavy',
    ),
    THIN_WIRE_FISH: ordered({ near: between(5, 100), end: between(5, 100) }, 'near', 'end'),
    SOFT_SHORT: between(1, 10),
  },
}
