import { describe, expect, it } from 'vitest'
import { PLACE, WORLD, water } from '../../testing/world'
import { METAL_KG_M3, airDragM2, motionOf, sinkRateMps } from '../motion'
import { createMatchContext, rank } from '../match'
import { offerOf } from '../match/account'
import { isBulky } from './builds'
import {
  COLOURS,
  FAMILIES,
  Lure,
  Make,
  asTrailer,
  buildsOf,
  careOf,
  completeLure,
  drawLure,
  eachHook,
  familyOf,
  hookPoints,
  hooksMassKg,
  kinKeyOf,
  lureAction,
  makeFieldsOf,
  modelKeyOf,
  seenLengthM,
  type Build,
  type FamilyId,
  type MakeField,
} from '.'

/** What is said of a lure's make changes what is worked out of it. Directions are common practice; densities of metals the handbook's. */

const lureOf = (family: FamilyId, over: Partial<Lure> = {}): Lure => {
  const found = WORLD.box.lures.find((l) => l.family === family)
  if (!found) throw new Error(`no ${family} in the demo`)
  return Lure.parse({ ...found, changes: [], ...over })
}
const made = (family: FamilyId, make: Make): Lure => lureOf(family, { make })
const own = (lure: Lure): Build => ({ lure, mount: { kind: 'own' }, trailer: null, massKg: lure.massKg })
const motion = (lure: Lure) => motionOf(own(lure), 998)
const offer = (lure: Lure) => offerOf(own(lure), motion(lure), 998)

/** Every figure that a match or a cast works with. */
const figures = (lure: Lure) =>
  JSON.stringify([
    motion(lure),
    offer(lure),
    lureAction(lure),
    airDragM2(motion(lure)),
    contrast(lure),
    careOf(lure).map(({ code }) => code),
  ])
const DARK = createMatchContext(water({ hour: 1, lightAs: 'night' }), PLACE, WORLD.box, { sides: {} })
const contrast = (lure: Lure) => DARK.contrastOf(lure.colour, lure.make)

/** Another value than is usual, for each field. */
const SAID: { readonly [K in MakeField]-?: NonNullable<Make[K]> } = {
  wobble: 'wide',
  material: 'wood',
  weightShift: true,
  filler: 'rear',
  frontBlade: 'colorado',
  frontSize: 6,
  frontFinish: 'gold',
  paint: 'orange',
  arm: 'short',
  widthM: 0.05,
  cup: 'deep',
  metal: 'tungsten',
  plastic: 'buoyant',
  section: 'flat',
  scented: true,
  dressedM: 0.3,
  coating: 'UV-bright',
  stockHooks: true,
}
/** A lure of the family on which a field shows: two painted blades where it is their paint, a packet that says that it floats. */
function bare(family: FamilyId): Lure {
  const lure = lureOf(family)
  const over = { blades: 'two', bladeFinish: 'painted', buoyancy: 'floats' }
  const traits = Object.fromEntries(
    Object.entries(lure.traits).map(([key, value]) => [key, over[key as keyof typeof over] ?? value]),
  )
  return Lure.parse({ ...lure, make: undefined, traits })
}

const asked = FAMILIES.flatMap((d) => makeFieldsOf(familyOf(d.id)).map((field) => [d.id, field] as const))

describe('each field of a make', () => {
  // Scent has no figure of its own: it is heard by a rule, see core/match/signs.test.ts. Mere looks change colours or contrast.
  it.each(asked.filter(([, field]) => field !== 'scented'))('%s: %s changes a figure', (family, field) => {
    const lure = bare(family)
    expect(figures({ ...lure, make: { [field]: SAID[field] } })).not.toBe(figures(lure))
  })
  it('all of them are asked of some family, and nothing said changes nothing', () => {
    expect(new Set(asked.map(([, field]) => field))).toEqual(new Set(Object.keys(Make.shape)))
    for (const { id } of FAMILIES) expect(figures({ ...bare(id), make: {} })).toBe(figures(bare(id)))
  })
  it('a make that is not known is refused', () => {
    expect(Lure.safeParse({ ...lureOf('crankbait'), make: { wobble: 'wild' } }).success).toBe(false)
    expect(Lure.safeParse({ ...lureOf('crankbait'), make: { colour: 'red' } }).success).toBe(false)
  })
})

describe('directions', () => {
  it('wobble goes up from tight to wide', () => {
    const [tight, medium, wide] = (['tight', 'medium', 'wide'] as const).map(
      (wobble) => lureAction(made('crankbait', { wobble })).amplitude,
    )
    expect(tight).toBeLessThan(medium ?? 0)
    expect(medium).toBeLessThan(wide ?? 0)
  })
  it('wood comes up faster than plastic; what hangs still hangs', () => {
    const floats = bare('crankbait')
    const wood = { ...floats, make: { material: 'wood' as const } }
    expect(motion(wood).submergedWeightN).toBeLessThan(motion(floats).submergedWeightN)
    const hangs = Lure.parse({ ...floats, traits: { ...floats.traits, buoyancy: 'suspends' } })
    expect(motion({ ...hangs, make: { material: 'wood' } })).toEqual(motion(hangs))
  })
  it('a weight that runs back, and filler at the tail, fly better; filler in the nose worse', () => {
    const drag = (family: FamilyId, make: Make) => airDragM2(motion(made(family, make)))
    expect(drag('jerkbait', { weightShift: true })).toBeLessThan(drag('jerkbait', {}))
    expect(drag('needle-plug', { filler: 'rear' })).toBeLessThan(drag('needle-plug', { filler: 'middle' }))
    expect(drag('needle-plug', { filler: 'front' })).toBeGreaterThan(drag('needle-plug', { filler: 'middle' }))
    expect(motion(made('needle-plug', { filler: 'front' })).diveAngleTan).toBeGreaterThan(
      motion(made('needle-plug', { filler: 'rear' })).diveAngleTan,
    )
  })
  it('a heavier metal of the same weight and size falls faster: tungsten, lead, tin', () => {
    const fall = (metal: NonNullable<Make['metal']>) => sinkRateMps(motion(made('casting-metal', { metal })), 998)
    expect(fall('tungsten')).toBeGreaterThan(fall('lead'))
    expect(fall('lead')).toBeGreaterThan(fall('tin'))
    expect(METAL_KG_M3).toMatchObject({ tin: 7290, zinc: 7140, copper: 8960, brass: 8500 })
  })
  it('a spoon is told of brass, a jig of lead: saying so changes nothing', () => {
    for (const [family, metal] of [
      ['thin-spoon', 'brass'],
      ['casting-spoon', 'brass'],
      ['casting-metal', 'lead'],
      ['skirted-jig', 'lead'],
    ] as const)
      expect(motion(made(family, { metal }))).toEqual(motion(made(family, {})))
  })
  it('salt weighs, air bubbles float: a salted worm falls, a buoyant one stands up in the sea', () => {
    const weight = (plastic: NonNullable<Make['plastic']>) => motion(made('stick-worm', { plastic })).submergedWeightN
    expect(weight('salted')).toBeGreaterThan(weight('plain'))
    expect(weight('plain')).toBeGreaterThan(0)
    expect(weight('buoyant')).toBeLessThan(0)
  })
  it('a wide or deep spoon falls slower than a narrow flat one; a flat body glides', () => {
    const fall = (family: FamilyId, make: Make) => sinkRateMps(motion(made(family, make)), 998)
    const { lengthM } = lureOf('thin-spoon')
    expect(fall('thin-spoon', { widthM: 0.5 * lengthM })).toBeLessThan(fall('thin-spoon', { widthM: 0.2 * lengthM }))
    expect(fall('casting-spoon', { cup: 'deep' })).toBeLessThan(fall('casting-spoon', { cup: 'flat' }))
    expect(fall('stick-worm', { section: 'flat' })).toBeLessThan(fall('stick-worm', { section: 'round' }))
  })
  it('hair that trails makes it seem longer, and slower down', () => {
    const plain = lureOf('hair-jig')
    const long = { ...plain, make: { dressedM: 2 * plain.lengthM } }
    expect(seenLengthM(long)).toBe(2 * plain.lengthM)
    expect(offer(long).lengthM).toBeCloseTo(2 * plain.lengthM, 9)
    expect(sinkRateMps(motion(long), 998)).toBeLessThan(sinkRateMps(motion(plain), 998))
    expect(seenLengthM({ ...plain, make: { dressedM: plain.lengthM / 2 } })).toBe(plain.lengthM)
  })
  it('the front blade counts less than the rear one; as small as usual it changes nothing', () => {
    const two = bare('spinnerbait')
    const traits = two.traits as { blade: 'willow'; bladeSize: number }
    const usual = { frontBlade: traits.blade, frontSize: Math.max(0, traits.bladeSize - 2) }
    expect(lureAction({ ...two, make: usual })).toEqual(lureAction(two))
    const thump = (over: object) => lureAction({ ...two, ...over } as Lure).vibration
    const front = thump({ make: { frontBlade: 'colorado' } }) - thump({})
    const rear = thump({ traits: { ...traits, blade: 'colorado' } }) - thump({})
    expect(front).toBeGreaterThan(0)
    expect(front).toBeLessThan(rear)
  })
  it('orange paint on a blade is a hot colour, not just paint', () => {
    const painted = bare('spinnerbait')
    const orange = offer({ ...painted, make: { paint: 'orange' } })
    expect(orange.colour.hot).toBeGreaterThan(offer(painted).colour.hot)
    expect(orange.colour.painted).toBeLessThan(offer(painted).colour.painted)
    const sum = Object.values(orange.colour).reduce((a, b) => a + b, 0)
    expect(sum).toBeCloseTo(1, 9)
  })
  it('one painted blade and one of gold show both', () => {
    const both = offer({ ...bare('spinnerbait'), make: { paint: 'chartreuse', frontFinish: 'gold' } }).colour
    expect(both.gold).toBeGreaterThan(0)
    expect(Object.values(both).reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9)
  })
  it('what glows is seen in the dark, and no better by day', () => {
    const day = createMatchContext(water(), PLACE, WORLD.box, { sides: {} })
    const { colour } = lureOf('jerkbait')
    expect(DARK.contrastOf(colour, { coating: 'glowing' })).toBeGreaterThan(DARK.contrastOf(colour))
    expect(day.contrastOf(colour, { coating: 'glowing' })).toBe(day.contrastOf(colour))
    expect(day.contrastOf(colour, { coating: 'UV-bright' })).toBeGreaterThan(day.contrastOf(colour))
    expect(lureAction(made('jerkbait', { coating: 'reflective' })).flash).toBeGreaterThan(
      lureAction(made('jerkbait', {})).flash,
    )
  })
  it('another colour of blade or coating is another colour of one model; another shape another model', () => {
    const key = (make: Make) => modelKeyOf({ ...bare('spinnerbait'), make })
    expect(key({ paint: 'orange' })).toBe(key({}))
    expect(key({ coating: 'glowing' })).toBe(key({}))
    expect(key({ arm: 'short' })).not.toBe(key({}))
    expect(kinKeyOf({ ...bare('spinnerbait'), make: { arm: 'short' } } as Lure)).toBe(kinKeyOf(bare('spinnerbait')))
  })
})

describe('hooks by their place', () => {
  const treble = { style: 'round treble', size: '#4', wire: 'medium', count: 3 } as const
  const mixed = { ...treble, tail: { style: 'single', size: '1/0', wire: 'heavy', dressed: true } } as const
  it('a single at the tail is one point, weighs as itself, and catches less', () => {
    expect([hookPoints(treble), hookPoints(mixed)]).toEqual([9, 7])
    expect(eachHook(mixed).map(({ style }) => style)).toEqual(['round treble', 'round treble', 'single'])
    const single = hooksMassKg({ style: 'single', size: '1/0', wire: 'heavy', count: 1 })
    expect(hooksMassKg(mixed)).toBeCloseTo((hooksMassKg(treble) * 2) / 3 + single, 9)
    const snag = (hooks: Lure['hooks']) => lureAction(lureOf('jerkbait', { hooks })).snag
    expect(snag(mixed)).toBeLessThan(snag(treble))
  })
  it('dressed, it shows, breathes and holds up', () => {
    const [dressed, plain] = [true, false].map((on) =>
      lureOf('jerkbait', { hooks: { ...mixed, tail: { ...mixed.tail, dressed: on } } }),
    ) as [Lure, Lure]
    expect(offer(dressed).presence).toBeGreaterThan(offer(plain).presence)
    expect(motion(dressed).sinkDragAreaM2).toBeGreaterThan(motion(plain).sinkDragAreaM2)
    expect(drawLure(dressed).length).toBeGreaterThan(drawLure(plain).length)
  })
  it('hooks as they came are told among the upkeep', () => {
    expect(careOf(made('crankbait', { stockHooks: true })).map(({ code }) => code)).toContain('stock-hooks')
  })
})

describe('what is drawn', () => {
  it.each([
    ['spinnerbait', { frontBlade: 'colorado' }],
    ['spinnerbait', { paint: 'orange' }],
    ['spinnerbait', { arm: 'short' }],
    ['thin-spoon', { widthM: 0.04 }],
    ['casting-spoon', { widthM: 0.05 }],
    ['flutter-spoon', { widthM: 0.06 }],
  ] as const)('%s: %o is seen', (family, make) => {
    expect(JSON.stringify(drawLure({ ...bare(family), make }))).not.toBe(JSON.stringify(drawLure(bare(family))))
  })
})

describe('trailers and plates', () => {
  const box = { ...WORLD.box, trailers: [], terminals: [] }
  const jig = lureOf('skirted-jig')
  it('soft baits of the box serve where no trailer lies ready, one of each kind; each in its own colour', () => {
    const trailers = buildsOf(jig, box).flatMap(({ trailer }) => trailer ?? [])
    const kinds = trailers.map(({ kind }) => kind)
    expect(kinds.length).toBeGreaterThan(2)
    expect(new Set(kinds).size).toBe(kinds.length)
    for (const trailer of trailers) {
      const soft = box.lures.find((l) => l.id === trailer.id)
      expect(soft && familyOf(soft.family).body).toBe('soft')
      expect(trailer.colour).toBe(soft?.colour.flank)
    }
  })
  it('what lies ready goes before a soft bait of its kind', () => {
    const ready = WORLD.box.trailers.filter(({ kind }) => kind === 'grub')
    const of = buildsOf(jig, { ...box, trailers: ready }).flatMap(({ trailer }) => trailer ?? [])
    for (const { id } of of.filter(({ kind }) => kind === 'grub')) expect(ready.map((t) => t.id)).toContain(id)
  })
  it('a craw is a claw trailer, a chunk a chunk, a plug none', () => {
    const creature = (form: string) => asTrailer(lureOf('creature', { traits: { form } as never }))?.kind
    expect([creature('craw'), creature('creature'), creature('chunk')]).toEqual([
      'kicking-craw',
      'gliding-creature',
      'chunk',
    ])
    expect(asTrailer(lureOf('crankbait'))).toBeNull()
  })
  it('the colour of a trailer is seen', () => {
    const trailer = { ...asTrailer(lureOf('grub')), colour: 'orange' } as Build['trailer']
    const seen = offerOf({ ...own(jig), trailer }, motion(jig), 998).colour
    expect(seen.hot).toBeGreaterThan(offer(jig).colour.hot)
    expect(Object.values(seen).reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9)
    expect(COLOURS.find(({ id }) => id === 'orange')?.group).toBe('hot')
  })
  it('a plate clipped on makes a jig thump, pull and fall slower, and only slim trailers go behind it', () => {
    const clip = {
      id: 'clip',
      name: 'Plate',
      kind: 'clip-blade',
      strengthN: 200,
      massKg: 0.003,
      cost: null,
      count: 1,
    }
    const bare = { ...WORLD.box, terminals: [] }
    const clipped = { ...bare, terminals: [clip as never] }
    const builds = buildsOf(jig, clipped)
    const without = buildsOf(jig, bare)
    const slim = without.filter(({ trailer }) => trailer === null || !isBulky(trailer))
    expect(slim.length).toBeLessThan(without.length)
    expect(builds.length).toBe(without.length + slim.length)
    const [plain, plated] = [builds.find((b) => !b.clip), builds.find((b) => b.clip)] as [Build, Build]
    const of = (b: Build) => ({ ...offerOf(b, motionOf(b, 998), 998), ...motionOf(b, 998) })
    expect(of(plated).vibration).toBeGreaterThan(of(plain).vibration + 0.3)
    expect(of(plated).towDragAreaM2).toBeGreaterThan(of(plain).towDragAreaM2)
    expect(plated.massKg - plain.massKg).toBeCloseTo(0.003, 9)
    expect(buildsOf(lureOf('hair-jig'), clipped).some((b) => b.clip)).toBe(false)
  })
})

describe('a lure written before makes were told', () => {
  it('is whole without', () => {
    const old = structuredClone(lureOf('crankbait'))
    expect(Lure.parse(completeLure(old))).toEqual(old)
    expect('make' in old).toBe(false)
  })
  it('ranks as it did, and a scented twin with it', () => {
    const c = createMatchContext(water({ mood: 'active' }), PLACE, WORLD.box, { sides: {} })
    const twin = { ...WORLD.box, lures: WORLD.box.lures.map((l) => ({ ...l, make: {} }) as Lure) }
    const names = (box: typeof WORLD.box) => rank(box, c, 4).map(({ setUp, score }) => [setUp.build.lure.id, score])
    expect(names(twin)).toEqual(names(WORLD.box))
  })
})
