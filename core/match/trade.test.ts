import { describe, expect, it } from 'vitest'
import { PLACE, WORLD, fahrenheit, feet, water } from '../../testing/world'
import { familyOf } from '../tackle'
import type { Conditions } from '../water'
import { createMatchContext, matchWater, scoreSetUp, type MatchRow } from '.'

/** Waters written down from the facts of the trade (common practice): what must be near the top, what must not. */
interface Scenario {
  readonly name: string
  readonly water: Partial<Conditions>
  /** At least one row among the first `within` must pass. */
  readonly leads?: { readonly within: number; readonly row: (row: MatchRow) => boolean }
  /** No row among the first ten may pass. */
  readonly never?: (row: MatchRow) => boolean
}

const family =
  (...ids: string[]) =>
  (row: MatchRow) =>
    ids.includes(row.setUp.build.lure.family)
const technique =
  (...ids: string[]) =>
  (row: MatchRow) =>
    ids.includes(row.setUp.handling.technique.id)
const both = (a: (row: MatchRow) => boolean, b: (row: MatchRow) => boolean) => (row: MatchRow) => a(row) && b(row)

const SCENARIOS: readonly Scenario[] = [
  {
    name: 'facts 3, 39: trout in broken water take spoons, spinners and slim plugs',
    water: {
      speciesId: 'sea-trout',
      date: '2026-05-05',
      waterTempC: 10,
      visibilityM: 2,
      currentMps: 0.7,
      depthM: 1.6,
      cover: { kind: 'rock', topM: 1.2, density: 0.4 },
      forage: { kind: 'stickleback', lengthM: 0.05 },
      mood: 'active',
      castM: 18,
    },
    leads: { within: 3, row: family('in-line-spinner', 'casting-spoon', 'jerkbait') },
    never: family('glide-bait', 'flutter-spoon'),
  },
  {
    name: 'facts 5, 9: wind, cloud and stain in spring is spinnerbait weather',
    water: {
      date: '2026-04-20',
      waterTempC: 14,
      visibilityM: 0.9,
      sky: 'cloud',
      windMps: 8,
      depthM: 2.5,
      cover: { kind: 'brush', topM: 1.2, density: 0.4 },
      mood: 'active',
    },
    leads: { within: 3, row: family('spinnerbait') },
  },
  {
    name: 'fact 6: not silver blades in mud',
    water: {
      date: '2026-04-10',
      waterTempC: 14,
      visibilityM: 0.3,
      depthM: 2,
      cover: { kind: 'timber', topM: 0.9, density: 0.4 },
      mood: 'active',
    },
    leads: {
      within: 1,
      row: (r) => !('bladeFinish' in r.setUp.build.lure.traits) || r.setUp.build.lure.traits.bladeFinish !== 'silver',
    },
  },
  {
    name: 'fact 15: neutral fish in thick wood are pitched to',
    water: {
      waterTempC: 12,
      date: '2026-04-05',
      visibilityM: 1.2,
      depthM: 2.2,
      cover: { kind: 'brush', topM: 0.6, density: 0.9 },
      mood: 'neutral',
    },
    leads: { within: 3, row: technique('pitch') },
    never: family('jerkbait', 'glide-bait', 'lipless-crankbait'),
  },
  {
    name: 'fact 16: a big presence in mud',
    water: {
      waterTempC: 16,
      date: '2026-05-01',
      visibilityM: 0.25,
      depthM: 2,
      cover: { kind: 'docks', topM: 0.4, density: 0.4 },
      mood: 'active',
    },
    never: family('finesse-worm', 'hair-jig'),
  },
  {
    name: 'fact 18: crayfish on rock bring jigs, craws and tubes',
    water: {
      speciesId: 'smallmouth-bass',
      waterTempC: 17,
      visibilityM: 3,
      depthM: 4,
      cover: { kind: 'rock', topM: 3.2, density: 0.4 },
      forage: { kind: 'crayfish', lengthM: 0.08 },
      mood: 'neutral',
      zone: { topM: 3, bottomM: 4 },
    },
    leads: { within: 3, row: family('skirted-jig', 'creature', 'tube') },
    never: family('surface'),
  },
  {
    name: 'fact 27: short pauses with a jerkbait in cool clear water',
    water: {
      speciesId: 'smallmouth-bass',
      waterTempC: 15,
      date: '2026-05-01',
      visibilityM: 4,
      depthM: 3,
      cover: { kind: 'rock', topM: 2.2, density: 0.25 },
      forage: { kind: 'smelt', lengthM: 0.1 },
      mood: 'active',
    },
    leads: { within: 3, row: both(family('jerkbait', 'soft-jerkbait'), technique('rip-pause', 'twitch')) },
  },
  {
    name: 'fact 33: over grass a belly-weighted swimmer, a bladed jig or a plug that touches the tips',
    water: {
      waterTempC: 19,
      visibilityM: 1.5,
      depthM: 3,
      cover: { kind: 'grass', topM: 1.3, density: 0.7 },
      mood: 'active',
    },
    leads: {
      within: 3,
      row: (r) => family('bladed-jig', 'spinnerbait', 'crankbait')(r) || r.setUp.build.mount.kind === 'belly',
    },
  },
  {
    name: 'fact 37: hot water, big shad, fish offshore: a flutter spoon dropped to them',
    water: {
      waterTempC: fahrenheit(84),
      date: '2026-08-01',
      visibilityM: 2.5,
      depthM: 8,
      forage: { kind: 'shad', lengthM: 0.16 },
      zone: { topM: 5.5, bottomM: 8 },
      mood: 'neutral',
    },
    leads: { within: 3, row: both(family('flutter-spoon'), technique('lift-drop')) },
    never: family('surface'),
  },
  {
    name: 'fact 38: deep char near the bottom take a short jig under the rod',
    water: {
      speciesId: 'char',
      waterTempC: 6,
      date: '2026-10-20',
      visibilityM: 6,
      depthM: 22,
      forage: { kind: 'vendace', lengthM: 0.08 },
      zone: { topM: 19.5, bottomM: 21.5 },
      mood: 'neutral',
    },
    leads: { within: 3, row: family('slow-fall-jig') },
    never: family('crankbait', 'surface', 'glide-bait'),
  },
  {
    name: 'low light, calm, warm, fish high in the reeds: the surface',
    water: {
      hour: 20,
      waterTempC: 20,
      windMps: 1,
      visibilityM: 1.8,
      depthM: 1.8,
      cover: { kind: 'reeds', topM: 0.2, density: 0.3 },
      mood: 'active',
      zone: { topM: 0.1, bottomM: 1 },
    },
    leads: { within: 3, row: family('surface') },
  },
  {
    name: 'asp chase fast things',
    water: {
      speciesId: 'asp',
      waterTempC: 19,
      visibilityM: 2,
      depthM: 3,
      forage: { kind: 'bleak', lengthM: 0.08 },
      mood: 'active',
      zone: { topM: 0, bottomM: 1.5 },
    },
    leads: { within: 1, row: (r) => r.setUp.handling.paceMps >= 0.9 },
  },
  {
    name: 'zander at dusk follow the bottom',
    water: {
      speciesId: 'zander',
      hour: 20,
      waterTempC: 17,
      visibilityM: 1.2,
      depthM: 6,
      mood: 'neutral',
      zone: { topM: 5, bottomM: 6 },
    },
    leads: { within: 3, row: (r) => r.thrown.share.withinReach > 0.8 && r.setUp.build.mount.kind === 'head' },
    never: family('surface', 'crankbait'),
  },
  {
    name: 'fact 33: in near-freezing water slim smooth swimmers, never ribbed ones, among swimmers that lead',
    water: {
      waterTempC: 4,
      date: '2026-01-20',
      visibilityM: 4,
      depthM: 5,
      mood: 'lethargic',
      zone: { topM: 3.8, bottomM: 5 },
    },
    never: (r) =>
      family('paddle-tail')(r) &&
      'shape' in r.setUp.build.lure.traits &&
      r.setUp.build.lure.traits.shape === 'slim-ribbed',
  },
  {
    name: 'winter keeps the surface plugs in the box',
    water: { waterTempC: 4, date: '2026-01-20', visibilityM: 3, depthM: 4, mood: 'neutral' },
    never: family('surface'),
  },
  {
    name: 'night asks for dark lures',
    water: { hour: 1, waterTempC: 17, visibilityM: 2, depthM: 3, mood: 'neutral', zone: { topM: 0.2, bottomM: 1.8 } },
    leads: {
      within: 2,
      row: (r) =>
        ['black', 'purple'].includes(r.setUp.build.lure.colour.flank) ||
        ['black', 'purple'].includes(r.setUp.build.lure.colour.back),
    },
  },
  {
    name: 'fact 17: heavier heads in deeper water',
    water: {
      speciesId: 'zander',
      waterTempC: 12,
      date: '2026-10-01',
      visibilityM: 1.5,
      depthM: feet(30),
      mood: 'neutral',
      zone: { topM: feet(27), bottomM: feet(30) },
    },
    never: (r) => r.setUp.build.mount.kind === 'head' && r.setUp.build.mount.head.massKg < 0.003,
  },
]

describe('waters of the trade', () => {
  it.each(SCENARIOS.map((s) => [s.name, s] as const))('%s', (_, { water: over, leads, never }) => {
    const { rows } = matchWater(water(over), PLACE, WORLD.box, { sides: {}, limit: 10, lifts: 0 })
    expect(rows.length).toBeGreaterThan(2)
    const told = rows.map((r) => `${r.setUp.build.lure.name} ${r.setUp.handling.technique.id}`)
    if (leads) expect({ told, found: rows.slice(0, leads.within).some(leads.row) }).toMatchObject({ found: true })
    if (never) expect(rows.filter(never).map((r) => r.setUp.build.lure.name)).toEqual([])
  })
})

describe('what must hold in every water', () => {
  it('murkier water never raises the liking of natural shades', () => {
    const natural = (visibilityM: number) => {
      const twin = WORLD.box.lures.find((l) => l.name === 'Bumblecrag S Hush')
      if (!twin) throw new Error('no twin')
      const colour = { back: 'olive', flank: 'olive', belly: 'olive', pattern: 'plain' } as const
      const only = { ...WORLD.box, lures: [{ ...twin, colour }] }
      const row = matchWater(water({ visibilityM }), PLACE, only, { sides: { S4: 'first' }, limit: 1, lifts: 0 })
        .rows[0]
      return row?.parts.find((p) => p.axis === 'colour')?.agreement ?? 0
    }
    const likings = [6, 4, 3, 2, 1.2, 0.6, 0.3].map(natural)
    for (let i = 1; i < likings.length; i++) expect(likings[i]).toBeLessThanOrEqual((likings[i - 1] ?? 1) + 1e-9)
  })
  it('more cover never brings an exposed treble nearer to the cover’s hooks: its risk does not fall', () => {
    const only = { ...WORLD.box, lures: WORLD.box.lures.filter((l) => l.name === 'Kettledrum 10 Hush') }
    const wood = (density: number) =>
      water({ depthM: 4, cover: { kind: 'timber', topM: 2.5, density }, zone: { topM: 1.5, bottomM: 2.6 } })
    const row = matchWater(wood(0.2), PLACE, only, { sides: {}, limit: 1, lifts: 0 }).rows[0]
    if (!row) throw new Error('not ranked')
    const risks = [0.2, 0.4, 0.7, 1].map(
      (density) => scoreSetUp(row.setUp, createMatchContext(wood(density), PLACE, only, { sides: {} })).thrown.risk,
    )
    expect(risks).toEqual([...risks].sort((x, y) => x - y))
    expect(risks[3]).toBeGreaterThan(risks[0] ?? 1)
  })
  it('a rod that suits worse never outranks the same rod that suits better', () => {
    const rod = WORLD.box.rods.find((r) => r.id === 'rod-sapling')
    if (!rod) throw new Error('no rod')
    const stiff = { ...rod, id: 'stiff', power: 'heavy' as const, action: 'extra-fast' as const }
    const box = { ...WORLD.box, rods: [stiff, rod], lures: WORLD.box.lures.filter((l) => l.family === 'crankbait') }
    for (const row of matchWater(water(), PLACE, box, { sides: {}, limit: 5, lifts: 0 }).rows)
      expect(row.setUp.outfit.rod.id).toBe('rod-sapling')
  })
  it('what the box lacks is never advised', () => {
    // Soft baits would serve as trailers.
    const lures = WORLD.box.lures.filter(({ family }) => familyOf(family).body !== 'soft')
    const bare = { ...WORLD.box, lures, heads: [], hooks: [], trailers: [], leaders: [] }
    for (const { setUp } of matchWater(water(), PLACE, bare, { sides: {}, limit: 20, lifts: 0 }).rows) {
      expect(setUp.build.mount.kind).toBe('own')
      expect([setUp.build.trailer, setUp.leader]).toEqual([null, null])
    }
  })
  it('lures that are lost (none left) are not advised', () => {
    const first = matchWater(water(), PLACE, WORLD.box, { sides: {}, limit: 1, lifts: 0 }).rows[0]?.setUp.build.lure.id
    const without = { ...WORLD.box, lures: WORLD.box.lures.map((l) => (l.id === first ? { ...l, count: 0 } : l)) }
    const rows = matchWater(water(), PLACE, without, { sides: {}, limit: 30, lifts: 0 }).rows
    expect(rows.map((r) => r.setUp.build.lure.id)).not.toContain(first)
  })
})
