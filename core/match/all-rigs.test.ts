import { describe, expect, it } from 'vitest'
import { PLACE, WORLD, water } from '../../testing/world'
import { carry, accountOf, Outing, type Entry } from '../outing'
import { effortRows, ratesBy, recordEntries } from '../review'
import { Rig, checkRig, deliveryOf, techniqueOf, rigParts, rigTypeOf, type DeliveryId, type Lure } from '../tackle'
import { lineBroken } from './possible/law'
import { createMatchContext } from './against/set-against'
import { rankRigs } from './questions/rigs'

/** Complete rigs of every way of fishing: built, ranked, carried, logged, reviewed. Which goes with which is common practice. */

const DROPPER = { id: 'dropper-40', name: 'Dropper 40 g', kind: 'dropper' as const, massKg: 0.04, cost: null, count: 3 }
const world = WORLD.box
const lureOf = (name: string): Lure => {
  const found = world.lures.find((l) => l.name === name)
  if (!found) throw new Error(`no ${name} in the demo`)
  return found
}
/** A hollow needle loaded in the hand for deep fast rock. */
const LOADED = { ...lureOf('Darnsel 190'), id: 'loaded', name: 'Darnsel 190, loaded' } as Lure
const box = { ...world, lures: [...world.lures, LOADED], sinkers: [...world.sinkers, DROPPER] }

const SPIN = { rodId: 'rod-tern', lineId: 'line-braid-13', leaderId: 'leader-fluoro-28' }
const LIGHT = { rodId: 'rod-reedling', lineId: 'line-braid-08', leaderId: null }
const LONG = { rodId: 'rod-longarm', lineId: 'line-braid-19', leaderId: 'leader-fluoro-36' }
const STOUT = { rodId: 'rod-oakstave', lineId: 'line-braid-23', leaderId: 'leader-fluoro-80' }
const BARGE = { rodId: 'rod-barge', lineId: 'line-braid-30', leaderId: 'leader-fluoro-80' }
const SWAY = { rodId: 'rod-sway', lineId: 'line-braid-16', leaderId: 'leader-fluoro-36' }

type Water = Parameters<typeof water>[0]
const open = (depthM: number) => ({ depthM, cover: { kind: 'open' as const, topM: depthM, density: 0 } })
const LAKE: Water = { speciesId: 'perch', ...open(6), stand: 'boat', zone: { topM: 3, bottomM: 5 } }
const DEEP: Water = {
  speciesId: 'brown-trout',
  ...open(30),
  stand: 'boat',
  zone: { topM: 10, bottomM: 13 },
  waterTempC: 11,
}
const RIVER: Water = {
  speciesId: 'brown-trout',
  ...open(2.5),
  stand: 'wading',
  currentMps: 0.5,
  zone: { topM: 0.8, bottomM: 2.5 },
  waterTempC: 11,
}
const DRIFT: Water = { speciesId: 'zander', ...open(20), stand: 'boat', driftMps: 0.3, zone: { topM: 17, bottomM: 20 } }
const BASS: Water = {
  speciesId: 'largemouth-bass',
  stand: 'boat',
  depthM: 4,
  cover: { kind: 'grass', topM: 2.5, density: 0.4 },
}
const WOOD: Water = { ...BASS, cover: { kind: 'timber', topM: 1, density: 0.3 } }

interface Case {
  readonly rig: string
  readonly type: Rig['type']
  readonly lure: string
  readonly with: Partial<Rig>
  readonly in: Water
  readonly fished: DeliveryId
}
const of = (
  rig: string,
  type: Rig['type'],
  lure: string,
  parts: Partial<Rig>,
  where: Water,
  fished: DeliveryId = 'cast',
): Case => ({
  rig,
  type,
  lure,
  with: parts,
  in: where,
  fished,
})
const behind = (name: string, metres: number) => [
  { lureId: lureOf(name).id, at: 'behind' as const, metres, dummy: false },
]

const CASES: readonly Case[] = [
  of('Crankbait, tied to a snap', 'snap', 'Bumblecrag M', { ...SPIN, terminalId: 'snap-s' }, LAKE),
  of('Spoon, tied direct', 'direct', 'Dollop 12', { ...SPIN }, LAKE),
  of('Spinner on a swivel', 'snap-swivel', 'Pirrip 7', { ...SPIN, terminalId: 'snap-swivel-s' }, LAKE),
  of('Swimmer on a ball head', 'head', 'Waglet Slim 75', { ...SPIN, headId: 'head-ball-7' }, LAKE),
  of('Worm on a mushroom', 'mushroom', 'Flatling 90', { ...LIGHT, headId: 'head-mush-3' }, LAKE, 'vertical'),
  of('Stick worm, wacky', 'wacky', 'Plainstick 125', { ...SPIN, hookId: 'hook-wacky-1' }, BASS),
  of(
    'Texas, pegged',
    'texas-pegged',
    'Clatterclaw 90',
    { ...STOUT, hookId: 'hook-offset-4', sinkerId: 'bullet-10' },
    WOOD,
    'pitch',
  ),
  of(
    'Carolina',
    'carolina',
    'Clatterclaw 90',
    { ...STOUT, hookId: 'hook-offset-4', sinkerId: 'bullet-10', terminalId: 'swivel-m' },
    BASS,
  ),
  of('Swimmer, belly-weighted', 'belly', 'Waglet Rib 95', { ...STOUT, hookId: 'hook-belly-4' }, BASS),
  of(
    'Jig and craw to the wood',
    'jig-trailer',
    'Broombelly Flip 14',
    { ...STOUT, trailerId: 'trailer-craw' },
    { ...WOOD, deliveries: ['pitch'] },
    'pitch',
  ),
  of(
    'Spinnerbait with a split tail',
    'spinnerbait-trailer',
    'Grumblewing 14',
    { ...STOUT, trailerId: 'trailer-split' },
    BASS,
  ),
  of(
    'Drop-shot, straight down',
    'drop-nose',
    'Flatling 75',
    { ...LIGHT, hookId: 'hook-drop-2', sinkerId: 'drop-7' },
    { ...LAKE, deliveries: ['pitch', 'vertical'] },
    'pitch',
  ),
  of(
    'Slow jig under the boat',
    'direct',
    'Leafwhisper 40',
    { ...SWAY },
    { ...DRIFT, driftMps: 0, deliveries: ['vertical'] },
    'vertical',
  ),
  of(
    'Slow jig under a drifting boat',
    'direct',
    'Leafwhisper 40',
    { ...SWAY },
    { ...DRIFT, deliveries: ['drift'] },
    'drift',
  ),
  of(
    'Tube dragged in the drift',
    'head',
    'Hollowick 90',
    { ...LONG, headId: 'head-ball-28' },
    { ...DRIFT, deliveries: ['drift'] },
    'drift',
  ),
  of(
    'Blade held still under the ice',
    'direct',
    'Tremolo 7',
    { ...LIGHT },
    { ...LAKE, stand: 'ice', waterTempC: 2, zone: { topM: 4, bottomM: 6 } },
    'vertical',
  ),
  of('Hair jig in a current', 'direct', 'Moulting 7', { ...SPIN }, { ...RIVER, deliveries: ['swing'] }, 'swing'),
  of('Spoon swung', 'direct', 'Dollop 12', { ...SPIN }, { ...RIVER, deliveries: ['swing'] }, 'swing'),
  of(
    'Loaded needle in the surf',
    'direct',
    'Darnsel 190, loaded',
    { ...BARGE },
    { speciesId: 'striped-bass', ...open(4), stand: 'shore', swellM: 1 },
  ),
  of('Spinner behind a keel', 'trolled-keel', 'Pirrip 12', { ...SPIN, terminalId: 'keel-5' }, LAKE, 'troll'),
  of(
    'Spinner behind a keel, on a downrigger',
    'downrigger',
    'Pirrip 12',
    { ...SPIN, terminalId: 'keel-5' },
    DEEP,
    'downrigger',
  ),
  of(
    'Spoon with a fly',
    'spoon-fly',
    'Flimsy 9',
    { ...LONG, terminalId: 'ball-bearing-l', further: behind('Wispling 70', 0.8) },
    { ...LAKE, speciesId: 'brown-trout', deliveries: ['troll'] },
    'troll',
  ),
  of(
    'Three-way with a weak dropper',
    'three-way',
    'Nimbletwig 75',
    { ...STOUT, leaderId: null, sinkerId: 'dropper-40', terminalId: 'three-way-m', weakLinkN: 36 },
    { ...RIVER, ...open(4), zone: { topM: 2, bottomM: 4 }, stand: 'shore' },
    'three-way',
  ),
  of(
    'Umbrella',
    'umbrella',
    'Fivefold 220',
    {
      ...BARGE,
      terminalId: 'ball-bearing-l',
      further: [{ ...behind('Waglet Slim 75', 0)[0]!, at: 'arm', dummy: true }],
    },
    { speciesId: 'striped-bass', ...open(8), stand: 'boat', zone: { topM: 3, bottomM: 6 } },
  ),
  of(
    'Tube left lying',
    'head',
    'Hollowick 90',
    { ...SPIN, headId: 'head-ball-10' },
    { speciesId: 'largemouth-bass', ...open(4), stand: 'shore', deliveries: ['still'], zone: { topM: 3, bottomM: 4 } },
    'still',
  ),
  of(
    'Dropper above a jig',
    'direct',
    'Moulting 14',
    { ...SPIN, further: [{ ...behind('Moulting 2', 0.6)[0]!, at: 'above' }] },
    LAKE,
  ),
]

const rigOf = ({ rig, type, lure, with: parts }: Case): Rig =>
  Rig.parse({
    id: rig,
    name: rig,
    type,
    lureId: (lure === LOADED.name ? LOADED : lureOf(lure)).id,
    headId: null,
    hookId: null,
    sinkerId: null,
    trailerId: null,
    terminalId: null,
    leaderId: null,
    lineId: null,
    rodId: null,
    weakLinkN: null,
    stinger: false,
    notes: '',
    ...parts,
  })
const contextOf = (one: Case) => createMatchContext(water(one.in), PLACE, box, { sides: {} })
const rankedOf = (one: Case) => {
  const [row] = rankRigs({ ...box, rigs: [rigOf(one)] }, contextOf(one))
  if (!row) throw new Error('no row')
  return row
}

describe(`${CASES.length} complete rigs over all ways`, () => {
  it('are 25 or more, and every way of fishing is among them', () => {
    expect(CASES.length).toBeGreaterThanOrEqual(25)
    expect(new Set(CASES.map((c) => c.fished)).size).toBe(9)
    expect(new Set(CASES.map((c) => c.type)).size).toBeGreaterThanOrEqual(17)
  })
  it.each(CASES.map((c) => [c.rig, c] as const))('%s: built, ranked, carried, logged and reviewed', (_, one) => {
    const rig = rigOf(one)
    const parts = rigParts(rig, box)
    expect(rigTypeOf(rig.type).needs.filter((part) => parts[part] === null)).toEqual([])
    const judged = checkRig(parts, {
      cover: water(one.in).cover,
      depthM: water(one.in).depthM,
      visibilityM: 2,
      mood: 'neutral',
      toothed: null,
    })
    expect(judged.length).toBeGreaterThan(0)

    const { ranked, members, why } = rankedOf(one)
    expect(why).toBeNull()
    if (!ranked) throw new Error('not ranked')
    expect(ranked.score).toBeGreaterThan(0)
    expect(ranked.setUp.handling.technique.delivery).toBe(one.fished)
    expect(members.map((m) => m.lureId)).toEqual(rig.further.map((f) => f.lureId))

    const beside = members.filter((m) => !m.dummy).map((m) => box.lures.find((l) => l.id === m.lureId)!)
    const context = { ...contextOf(one), deliveries: new Set([one.fished]) }
    const carried = carry(ranked.setUp, context, 'rig-1', one.rig, beside)
    const [way] = carried.ways
    if (!way) throw new Error('no way')
    expect(techniqueOf(way.techniqueId).delivery).toBe(one.fished)
    expect(way.delivery).toBe(one.fished)

    const entry = (minute: number, said: object) =>
      ({ id: `e${minute}`, at: `2026-06-12T06:${String(minute).padStart(2, '0')}:00+00:00`, ...said }) as Entry
    const drawn = deliveryOf(one.fished).pace === 'boat'
    const outing = Outing.parse({
      id: 'o',
      placeName: 'Test lake',
      water: water(one.in),
      startedAt: '2026-06-12T06:00:00+00:00',
      effortBy: 'clock',
      carried: [carried],
      entries: [
        entry(0, { kind: 'rig', carriedId: 'rig-1', wayId: way.id }),
        entry(5, { kind: 'cast', aim: null }),
        ...(drawn ? [entry(8, { kind: 'boat', speedMps: 1.1 })] : []),
        entry(10, {
          kind: 'answer',
          answer: 'hard-knock',
          aim: null,
          fish: null,
          ...(beside[0] && { lureId: beside[0].id }),
        }),
        entry(30, { kind: 'end' }),
      ],
    })
    const rows = effortRows([outing], '2026-06-12T06:30:00+00:00')
    expect(accountOf(outing, '2026-06-12T06:30:00+00:00').stretches.reduce((sum, s) => sum + s.minutes, 0)).toBe(30)
    const takes = Object.fromEntries(
      ratesBy(rows, 'lure', null, 'bites').cells.map((c) => [c.row, [c.minutes, c.events]]),
    )
    const taker = beside[0]?.id ?? ranked.setUp.build.lure.id
    expect(takes[taker]).toEqual([30, 1])
    expect(Object.keys(takes)).toHaveLength(1 + beside.length)
    expect(recordEntries(rows).reduce((sum, r) => sum + r.takes, 0)).toBe(1)
  })
})

describe('a sinker that the current carries off', () => {
  const one = CASES.find((c) => c.type === 'three-way')
  it('is told as that, with what to do about it', () => {
    if (!one) throw new Error('no three-way')
    const torrent = { ...one, in: { ...one.in, currentMps: 2.5 } }
    expect(rankedOf(torrent).why).toEqual({ code: 'carried-off' })
  })
})

describe('what hangs on one line together', () => {
  const spoonFly = CASES.find((c) => c.type === 'spoon-fly')!
  it('each lure is judged by itself, on the way that the first one goes', () => {
    const { members } = rankedOf(spoonFly)
    expect(members[0]?.score).toBeGreaterThan(0)
    expect(members[0]?.metres).toBe(0.8)
  })
  it('the law counts all of it: lures, and a treble as one hook or as three', () => {
    const law = { singlesOnly: false, mostHooks: 3, trebleIsThree: false, mostLures: null }
    const treble = { hooks: { style: 'round treble', size: '#6', wire: 'medium', count: 1 } } as Pick<Lure, 'hooks'>
    const single = { hooks: { style: 'single', size: '#6', wire: 'medium', count: 1 } } as Pick<Lure, 'hooks'>
    expect(lineBroken([treble, single], law)).toBeNull()
    expect(lineBroken([treble, single], { ...law, trebleIsThree: true })).toEqual({
      code: 'too-many-hooks',
      hooks: 4,
      allowed: 3,
    })
    expect(lineBroken([treble, single], { ...law, mostLures: 1 })).toEqual({
      code: 'too-many-lures',
      lures: 2,
      allowed: 1,
    })
    const strict = { ...PLACE, mostLures: 1 }
    const [row] = rankRigs(
      { ...box, rigs: [rigOf(spoonFly)] },
      createMatchContext(water(spoonFly.in), strict, box, { sides: {} }),
    )
    expect(row?.why).toEqual({ code: 'too-many-lures', lures: 2, allowed: 1 })
  })
  it('a dummy carries no hook and counts for none', () => {
    const umbrella = CASES.find((c) => c.type === 'umbrella')!
    const strict = { ...PLACE, mostLures: 1 }
    const [row] = rankRigs(
      { ...box, rigs: [rigOf(umbrella)] },
      createMatchContext(water(umbrella.in), strict, box, { sides: {} }),
    )
    expect(row?.why).toBeNull()
  })
})
