import { describe, expect, it } from 'vitest'
import { JOINTS } from '../../../data/joints'
import { WORLD } from '../../../testing/world'
import {
  RIG_TYPES,
  checkRig,
  rigParts,
  rigTypeOf,
  usualHooks,
  usualPart,
  type Lure,
  type RigParts,
  type RigWater,
  type RigTypeId,
} from '..'
import type { JointId, Verdict } from './judge'
import { sayJoint } from '../../../words'

/** Facts of the trade at the joints of a rig. All common practice; the numbers are those of the facts. */

const { box } = WORLD
const part = <K extends Parameters<typeof usualPart>[0]>(kind: K, over: object) =>
  ({ ...usualPart(kind, 'x'), name: 'X', ...over }) as never
const lure = (family: Lure['family'], over: object = {}): Lure => {
  const found = box.lures.find((l) => l.family === family)
  if (!found) throw new Error(`no ${family}`)
  const { lengthM = found.lengthM } = over as { lengthM?: number }
  return {
    ...found,
    changes: [],
    hooks: usualHooks(family, lengthM),
    measuredMassKg: null,
    alteredKg: 0,
    ...over,
  } as Lure
}
const WATER: RigWater = {
  cover: { kind: 'open', density: 0 },
  depthM: 4,
  visibilityM: 2,
  mood: 'neutral',
  toothed: null,
}
const wood: RigWater = { ...WATER, cover: { kind: 'timber', density: 0.6 } }
const rig = (type: RigTypeId, over: Partial<RigParts>): RigParts => ({
  type: rigTypeOf(type),
  lure: null,
  head: null,
  hook: null,
  sinker: null,
  trailer: null,
  terminal: null,
  leader: null,
  line: null,
  reel: null,
  rod: null,
  weakLinkN: null,
  stinger: false,
  further: [],
  ...over,
})
const LB = 4.4482
const OZ = 0.02835
const inch = 0.0254
const rod = (over: object) => part('rods', over)
const braid = (lb: number, mm: number) => part('lines', { material: 'braid', strengthN: lb * LB, diameterM: mm / 1000 })
const treble = (size: string) => ({ style: 'round treble', size, wire: 'medium', count: 2 })

type Case = readonly [fact: string, joint: JointId, verdict: Verdict | null, RigParts, RigWater?]
const CASES: readonly Case[] = [
  [
    '33: 4/0 in a 4 in swimmer',
    'hook-body',
    'good',
    rig('head', { lure: lure('paddle-tail', { lengthM: 4 * inch }), head: part('heads', { hookSize: '4/0' }) }),
  ],
  [
    '33: a #4 in a 4 in swimmer',
    'hook-body',
    'wrong',
    rig('head', { lure: lure('paddle-tail', { lengthM: 4 * inch }), head: part('heads', { hookSize: '#4' }) }),
  ],
  [
    '33: 6/0 in a 3 in swimmer',
    'hook-body',
    'wrong',
    rig('head', { lure: lure('paddle-tail', { lengthM: 3 * inch }), head: part('heads', { hookSize: '6/0' }) }),
  ],
  [
    '30: #1 for a 4 in worm on a drop-shot',
    'hook-body',
    'good',
    rig('drop-nose', {
      lure: lure('finesse-worm', { lengthM: 4 * inch }),
      hook: part('hooks', { style: 'drop-shot', hookSize: '#1' }),
    }),
  ],
  [
    'stout weedless hook on a soft rod',
    'stout-hook-rod',
    'wrong',
    rig('texas-pegged', {
      hook: part('hooks', { style: 'offset', wire: 'heavy' }),
      rod: rod({ power: 'medium-light' }),
    }),
  ],
  [
    'stout weedless hook on a stout rod',
    'stout-hook-rod',
    'good',
    rig('texas-pegged', { hook: part('hooks', { style: 'offset' }), rod: rod({ power: 'heavy' }) }),
  ],
  [
    'fine wire on a stout rod',
    'fine-wire-rod',
    'mind',
    rig('drop-nose', { hook: part('hooks', { style: 'drop-shot', wire: 'light' }), rod: rod({ power: 'heavy' }) }),
  ],
  [
    '21: small trebles, moderate rod',
    'treble-tip',
    'good',
    rig('direct', {
      lure: lure('crankbait', { hooks: treble('#8') }),
      rod: rod({ power: 'medium', action: 'moderate' }),
    }),
  ],
  [
    '21: small trebles, stiff tip',
    'treble-tip',
    'wrong',
    rig('direct', { lure: lure('crankbait', { hooks: treble('#8') }), rod: rod({ action: 'extra-fast' }) }),
  ],
  ['18: bare trebles in wood', 'point-cover', 'wrong', rig('direct', { lure: lure('jerkbait') }), wood],
  ['18: weed guard in wood', 'point-cover', 'good', rig('direct', { lure: lure('skirted-jig') }), wood],
  ['30: Texas in wood', 'point-cover', 'good', rig('texas-pegged', { hook: part('hooks', { style: 'offset' }) }), wood],
  [
    '8: 1/2 oz on a rod of 5–25 g',
    'mass-rod',
    'good',
    rig('direct', { lure: lure('spinnerbait', { massKg: OZ / 2 }), rod: rod({ lureMinKg: 0.005, lureMaxKg: 0.025 }) }),
  ],
  [
    '8: 2 oz on a rod of 5–25 g',
    'mass-rod',
    'wrong',
    rig('direct', { lure: lure('glide-bait', { massKg: 2 * OZ }), rod: rod({ lureMinKg: 0.005, lureMaxKg: 0.025 }) }),
  ],
  [
    'line above the rod',
    'line-rod',
    'wrong',
    rig('direct', { line: part('lines', { strengthN: 50 * LB }), rod: rod({ lineMinN: 6 * LB, lineMaxN: 12 * LB }) }),
  ],
  [
    '52: 10 lb braid on a rod for 2–6 lb nylon',
    'line-rod',
    'good',
    rig('direct', { line: braid(10, 0.15), rod: rod({ lineMinN: 2 * LB, lineMaxN: 6 * LB }) }),
  ],
  [
    '52: 15 lb braid with an 8 lb leader on a rod for 6–10 lb',
    'line-rod',
    'good',
    rig('direct', {
      line: braid(15, 0.2),
      leader: part('leaders', { strengthN: 8 * LB }),
      rod: rod({ lineMinN: 6 * LB, lineMaxN: 10 * LB }),
    }),
  ],
  [
    '52: 50 lb braid on a rod for 6–10 lb',
    'line-rod',
    'wrong',
    rig('direct', { line: braid(50, 0.36), rod: rod({ lineMinN: 6 * LB, lineMaxN: 10 * LB }) }),
  ],
  [
    '52: nylon is what it is printed',
    'line-rod',
    'wrong',
    rig('direct', {
      line: part('lines', { material: 'mono', strengthN: 10 * LB }),
      rod: rod({ lineMinN: 2 * LB, lineMaxN: 6 * LB }),
    }),
  ],
  [
    '51: 3 oz on 8 lb',
    'cast-strength',
    'wrong',
    rig('direct', { lure: lure('glide-bait', { massKg: 3 * OZ }), line: part('lines', { strengthN: 8 * LB }) }),
  ],
  [
    '51: 1 oz on 7 lb is lobbed',
    'cast-strength',
    'mind',
    rig('direct', { lure: lure('glide-bait', { massKg: OZ }), line: part('lines', { strengthN: 7 * LB }) }),
  ],
  [
    '51: a leader much weaker than the line',
    'leader-line',
    'mind',
    rig('direct', { line: part('lines', { strengthN: 200 }), leader: part('leaders', { strengthN: 40 }) }),
  ],
  [
    '51: over rock a stronger leader makes sense',
    'leader-line',
    'good',
    rig('direct', { line: part('lines', { strengthN: 60 }), leader: part('leaders', { strengthN: 90 }) }),
    { ...WATER, cover: { kind: 'rock', density: 0.5 } },
  ],
  [
    '53: a plug on an overhead reel',
    'lowered-rod',
    'wrong',
    rig('direct', {
      lure: lure('crankbait'),
      reel: part('reels', { type: 'overhead' }),
      rod: rod({ type: 'casting' }),
    }),
  ],
  [
    '53: a short slow jig on a slow-pitch rod',
    'lowered-rod',
    'good',
    rig('direct', {
      lure: lure('slow-fall-jig'),
      reel: part('reels', { type: 'overhead' }),
      rod: rod({ type: 'casting', purpose: 'slow-pitch' }),
    }),
  ],
  [
    'a spinning reel on a casting rod',
    'reel-rod',
    'wrong',
    rig('direct', { reel: part('reels', { type: 'spinning' }), rod: rod({ type: 'casting' }) }),
  ],
  [
    'an overhead reel on a casting rod',
    'reel-rod',
    'good',
    rig('direct', { reel: part('reels', { type: 'overhead' }), rod: rod({ type: 'casting' }) }),
  ],
  [
    '21: a crankbait at 6.4 to 1',
    'reel-speed',
    'good',
    rig('direct', { lure: lure('crankbait'), reel: part('reels', { linePerTurnM: 0.66 }) }),
  ],
  [
    '36: long metal burned on a crawler of a reel',
    'reel-speed',
    'mind',
    rig('direct', { lure: lure('casting-metal'), reel: part('reels', { linePerTurnM: 0.3 }) }),
  ],
  [
    '38: a fast rod ruins slow jigs',
    'jig-rod',
    'wrong',
    rig('direct', { lure: lure('slow-fall-jig'), rod: rod({ purpose: 'fast jigging' }) }),
  ],
  [
    '38: a slow rod ruins long jigs',
    'jig-rod',
    'wrong',
    rig('direct', { lure: lure('long-jig'), rod: rod({ purpose: 'slow-pitch' }) }),
  ],
  [
    '38: a long-fall rod serves slow jigs',
    'jig-rod',
    'good',
    rig('direct', { lure: lure('slow-fall-jig'), rod: rod({ purpose: 'long-fall' }) }),
  ],
  [
    '38: and long ones',
    'jig-rod',
    'good',
    rig('direct', { lure: lure('long-jig'), rod: rod({ purpose: 'long-fall' }) }),
  ],
  [
    '38: slow-pitch on spinning to 40 g',
    'jig-reel',
    'good',
    rig('direct', { lure: lure('slow-fall-jig', { massKg: 0.035 }), reel: part('reels', { type: 'spinning' }) }),
  ],
  [
    '38: but not heavier',
    'jig-reel',
    'mind',
    rig('direct', { lure: lure('slow-fall-jig', { massKg: 0.08 }), reel: part('reels', { type: 'spinning' }) }),
  ],
  [
    '38: long sliding jigs on spinning',
    'jig-reel',
    'good',
    rig('direct', { lure: lure('long-jig'), reel: part('reels', { type: 'spinning' }) }),
  ],
  [
    '38: a soft rod is fought with the reel',
    'slow-rod-fight',
    'good',
    rig('direct', { rod: rod({ fights: 'with the reel' }) }),
  ],
  [
    '3: a small spoon dies on a heavy snap',
    'small-lure-hardware',
    'wrong',
    rig('snap', { lure: lure('thin-spoon', { massKg: 0.004 }), terminal: part('terminals', { massKg: 0.0009 }) }),
  ],
  [
    '3: and lives on a fine one',
    'small-lure-hardware',
    'good',
    rig('snap', { lure: lure('thin-spoon', { massKg: 0.004 }), terminal: part('terminals', { massKg: 0.00015 }) }),
  ],
  ['3: thick spoons tied direct', 'thick-spoon-direct', 'good', rig('direct', { lure: lure('casting-spoon') })],
  [
    '3: thin ones on a snap swivel',
    'thin-spoon-swivel',
    'good',
    rig('snap-swivel', { lure: lure('thin-spoon'), terminal: part('terminals', { kind: 'snap-swivel' }) }),
  ],
  ['37: flutter spoons want a swivel', 'thin-spoon-swivel', 'mind', rig('direct', { lure: lure('flutter-spoon') })],
  ['2: a spinner trolled without a keel', 'twist', 'wrong', rig('trolled-keel', { lure: lure('in-line-spinner') })],
  [
    '2: and with one',
    'twist',
    'good',
    rig('trolled-keel', { lure: lure('in-line-spinner'), terminal: part('terminals', { kind: 'keel' }) }),
  ],
  [
    '39: a weak knot on the dropper',
    'weak-link',
    'good',
    rig('three-way', { line: part('lines', { strengthN: 60 }), weakLinkN: 20 }),
  ],
  [
    '39: a dropper as strong as the line',
    'weak-link',
    'wrong',
    rig('three-way', { line: part('lines', { strengthN: 60 }), weakLinkN: 60 }),
  ],
  [
    '1.5: a leader stronger than the line',
    'leader-line',
    'mind',
    rig('direct', { line: part('lines', { strengthN: 60 }), leader: part('leaders', { strengthN: 90 }) }),
  ],
  [
    'teeth on thin fluorocarbon',
    'teeth',
    'wrong',
    rig('direct', { line: part('lines', {}), leader: part('leaders', { diameterM: 0.0003 }) }),
    { ...WATER, toothed: 'Pike' },
  ],
  [
    'teeth on wire',
    'teeth',
    'good',
    rig('direct', { line: part('lines', {}), leader: part('leaders', { material: 'wire' }) }),
    { ...WATER, toothed: 'Pike' },
  ],
  [
    '11: a bulky craw deadens a bladed jig',
    'bladed-trailer',
    'wrong',
    rig('jig-trailer', { lure: lure('bladed-jig'), trailer: part('trailers', { kind: 'kicking-craw' }) }),
  ],
  [
    '11: a slim split tail does not',
    'bladed-trailer',
    'good',
    rig('jig-trailer', { lure: lure('bladed-jig'), trailer: part('trailers', { kind: 'split-tail' }) }),
  ],
  [
    'trailer far too long',
    'trailer-length',
    'wrong',
    rig('jig-trailer', { lure: lure('skirted-jig', { lengthM: 0.07 }), trailer: part('trailers', { lengthM: 0.12 }) }),
  ],
  [
    '10: a stinger in wood',
    'stinger-cover',
    'wrong',
    rig('spinnerbait-trailer', { lure: lure('spinnerbait'), stinger: true }),
    wood,
  ],
  [
    '10: a stinger in the open',
    'stinger-cover',
    'good',
    rig('spinnerbait-trailer', { lure: lure('spinnerbait'), stinger: true }),
  ],
  ['34: five hooks on an umbrella: the law', 'hook-count', 'mind', rig('umbrella', { lure: lure('umbrella-rig') })],
  ['two trebles are no matter of law here', 'hook-count', null, rig('direct', { lure: lure('crankbait') })],
  [
    'a snap that opens before the knot',
    'terminal-strength',
    'wrong',
    rig('snap', { terminal: part('terminals', { strengthN: 40 }), line: part('lines', { strengthN: 100 }) }),
  ],
  [
    '20: 12 lb leaves a crankbait alone',
    'plug-line',
    'good',
    rig('direct', { lure: lure('crankbait'), line: part('lines', { diameterM: 0.00033 }) }),
  ],
  [
    '20: 20 lb kills its wobble',
    'plug-line',
    'wrong',
    rig('direct', { lure: lure('crankbait'), line: part('lines', { diameterM: 0.00046 }) }),
  ],
  [
    '17: 1/8 oz under 10 ft',
    'head-depth',
    'good',
    rig('head', { head: part('heads', { massKg: OZ / 8 }) }),
    { ...WATER, depthM: 2.5 },
  ],
  [
    '17: 1/16 oz at 25 ft',
    'head-depth',
    'mind',
    rig('head', { head: part('heads', { massKg: OZ / 16 }) }),
    { ...WATER, depthM: 7.6 },
  ],
  ['some lures need a snap', 'free-knot', 'mind', rig('direct', { lure: lure('jerkbait') })],
  [
    '24: round bends for fish that hit hard',
    'hook-bend',
    'mind',
    rig('direct', { lure: lure('crankbait') }),
    { ...WATER, mood: 'active' },
  ],
  [
    '33: an underspin in cloudy water',
    'underspin-clarity',
    'good',
    rig('head', { head: part('heads', { kind: 'underspin' }) }),
    { ...WATER, visibilityM: 1 },
  ],
  [
    '33: an underspin in clear water',
    'underspin-clarity',
    'mind',
    rig('head', { head: part('heads', { kind: 'underspin' }) }),
    { ...WATER, visibilityM: 6 },
  ],
  ...(
    [
      ['66: rings stronger than the knot', 200, 'good'],
      ['66: rings that open first', 40, 'wrong'],
    ] as const
  ).map(([fact, ringN, verdict]): Case => [
    fact,
    'ring-strength',
    verdict,
    rig('direct', { lure: lure('jerkbait', { hooks: { ...treble('#4'), ringN } }), line: braid(20, 0.2) }),
  ]),
  // 16 mm of spoon: a gap of half of that is clear, of a fifth is not.
  ...(
    [
      ['79: a 1/0 single on a spoon 18 mm wide', '1/0', 0.018, 'good'],
      ['79: a #6 on a spoon 18 mm wide', '#6', 0.018, 'mind'],
      ['79: a #10 on a spoon 30 mm wide', '#10', 0.03, 'wrong'],
    ] as const
  ).map(([fact, size, widthM, verdict]): Case => [
    fact,
    'spoon-gap',
    verdict,
    rig('direct', {
      lure: lure('casting-spoon', { make: { widthM }, hooks: { style: 'single', size, wire: 'medium', count: 1 } }),
    }),
  ]),
  // A quarter to a third of the line's strength on the brake is common practice.
  ...(
    [
      ['a brake of 12 lb on 30 lb line', 12, 'good'],
      ['a brake of 7 lb on 30 lb line', 7, 'mind'],
      ['a brake of 4 lb on 30 lb line', 4, 'wrong'],
    ] as const
  ).map(([fact, lb, verdict]): Case => [
    fact,
    'brake',
    verdict,
    rig('direct', { lure: lure('crankbait'), line: braid(30, 0.25), reel: part('reels', { dragN: lb * LB }) }),
  ]),
  // 150 m of 0.30 mm: 600 m of half that thickness, 38 m of twice.
  ...(
    [
      ['a spool for 150 m of 0.30 takes 600 m of 0.15', 0.15, 'good'],
      ['a spool for 150 m of 0.30 takes 66 m of 0.45', 0.45, 'mind'],
      ['a spool for 150 m of 0.30 takes 38 m of 0.60', 0.6, 'wrong'],
    ] as const
  ).map(([fact, mm, verdict]): Case => [
    fact,
    'capacity',
    verdict,
    rig('direct', {
      lure: lure('crankbait'),
      line: braid(30, mm),
      reel: part('reels', { holdsM: 150, holdsThickM: 0.0003 }),
    }),
  ]),
  ...(
    [
      ['rod and reel of 350 g', 0.15, 0.2, 'good'],
      ['rod and reel of 900 g', 0.4, 0.5, 'mind'],
    ] as const
  ).map(([fact, rodKg, reelKg, verdict]): Case => [
    fact,
    'outfit-weight',
    verdict,
    rig('direct', {
      lure: lure('crankbait'),
      rod: rod({ massKg: rodKg }),
      reel: part('reels', { massKg: reelKg }),
    }),
  ]),
  [
    'the knot of a thick leader in small guides',
    'guides',
    'mind',
    rig('direct', {
      lure: lure('crankbait'),
      rod: rod({ guides: 'small' }),
      leader: part('leaders', { diameterM: 0.0007 }),
    }),
  ],
  [
    'roller guides on a trolling rod',
    'guides',
    'good',
    rig('trolled-keel', { lure: lure('crankbait'), rod: rod({ guides: 'rollers' }) }),
  ],
  [
    'roller guides on a rod that casts',
    'guides',
    'mind',
    rig('direct', { lure: lure('crankbait'), rod: rod({ guides: 'rollers' }) }),
  ],
  ...(
    [
      ['nylon of one season', 'mono', 1, 'mind'],
      ['nylon of four seasons', 'mono', 4, 'wrong'],
      ['braid of one season', 'braid', 1, null],
    ] as const
  ).map(([fact, material, seasons, verdict]): Case => [
    fact,
    'line-age',
    verdict,
    rig('direct', { lure: lure('crankbait'), line: part('lines', { material, seasons }) }),
  ]),
  [
    'an old line holds less than its snap: the snap is no longer the weakest link',
    'terminal-strength',
    'good',
    rig('snap', {
      lure: lure('crankbait'),
      line: part('lines', { material: 'mono', strengthN: 100, seasons: 5 }),
      terminal: part('terminals', { strengthN: 60 }),
    }),
  ],
]

describe('joints judged as the trade judges them (common practice)', () => {
  it.each(CASES.map((c) => ({ name: `${c[0]} → ${c[1]}: ${c[2]}`, of: c })))(
    '$name',
    ({ of: [, joint, verdict, parts, water = WATER] }) => {
      const found = checkRig(parts, water).find((j) => j.id === joint)
      expect(found?.verdict ?? null).toBe(verdict)
    },
  )
  it('every joint is judged in some case, and at least 15 of them both ways', () => {
    const ids = Object.keys(JOINTS)
    expect(ids.filter((id) => !CASES.some(([, joint]) => joint === id))).toEqual([])
    const both = ids.filter(
      (id) => new Set(CASES.filter(([, j, v]) => j === id && v !== null).map(([, , v]) => v)).size > 1,
    )
    expect(both.length).toBeGreaterThanOrEqual(15)
  })
  it.each(CASES.map((c) => ({ name: c[0], of: c })))(
    '$name: said in whole sentences, in both systems of units',
    ({ of: [, , , parts, water = WATER] }) => {
      for (const system of ['metric', 'imperial'] as const)
        for (const judgement of checkRig(parts, water)) {
          const { title, sentence, remedy } = sayJoint(judgement, system)
          expect(title).toMatch(/\w/)
          expect(sentence).toMatch(/^[^{}]+\.$/)
          expect(`${sentence}${remedy}`).not.toMatch(/undefined|NaN|null|[{}]| {2}/)
          if (judgement.verdict !== 'good') expect(remedy).not.toBe('')
        }
    },
  )
  it('the worst stands first', () => {
    const order = ['wrong', 'mind', 'good']
    for (const [, , , parts, water = WATER] of CASES) {
      const places = checkRig(parts, water).map((j) => order.indexOf(j.verdict))
      expect(places).toEqual([...places].sort())
    }
  })
  it('an empty rig is judged of nothing', () => expect(checkRig(rig('direct', {}), WATER)).toEqual([]))
})

describe('ways of rigging', () => {
  it('each can be tied from lures of the demo, and asks only for parts that the demo holds', () => {
    for (const type of RIG_TYPES) {
      expect(type.bodies.length).toBeGreaterThan(0)
      if (type.headKinds && type.needs.includes('head'))
        expect([type.id, box.heads.some((h) => type.headKinds?.includes(h.kind))]).toEqual([type.id, true])
      if (type.needs.includes('hook'))
        expect([type.id, box.hooks.some((h) => type.hookStyles?.includes(h.style))]).toEqual([type.id, true])
    }
  })
  it('the demo’s rigs are whole: every part is found', () => {
    for (const saved of box.rigs) {
      const parts = rigParts(saved, box)
      expect([saved.name, parts.lure !== null, parts.rod !== null, parts.reel !== null]).toEqual([
        saved.name,
        true,
        true,
        true,
      ])
      for (const need of parts.type.needs)
        expect([saved.name, need, parts[need] !== null]).toEqual([saved.name, need, true])
    }
  })
})
