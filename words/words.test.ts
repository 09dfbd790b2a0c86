import { describe, expect, it } from 'vitest'
import type { FileProblem, StoreProblem } from '../core/exchange'
import type { SchemaFault } from '../core/fault'
import type { PartUse, Piece, PlaceLaw, Refusal } from '../core/match'
import type { Adjustment } from '../core/bench'
import { ANSWERS, type AdviceSays } from '../core/outing'
import { usualPart, type Care, type JointFigure, type Judgement } from '../core/tackle'
import { TEST_KINDS } from '../core/bench'
import { RULES, OPEN_QUESTIONS } from '../core/match'
import { WORLD } from '../testing/world'
import { SKIES, TIDES } from '../core/water'
import { HOLDING } from '../data/holding'
import { CAUTIONS, CHANGES, FEEL, READY, TELLS } from '../data/how-to'
import { JOINTS } from '../data/joints'
import { THUMB_RULES } from '../data/thumb-rules'
import * as W from '.'
import type { WithCode } from './en/catalogue'
import { FAULTS, LONG } from '../testing/proof-reading'

/** Every message of the catalogue, read with nothing, one and many, short names and long ones; then read as a proof-reader reads. */

const lure = WORLD.box.lures[0]
if (!lure) throw new Error('no lure in the demo')
const SYSTEMS = ['metric', 'imperial'] as const
const NUMBERS = [0, 1, 2, 12, 1234] as const

type Of<T extends { code: string }> = { readonly [C in T['code']]: readonly Omit<WithCode<T, C>, 'code'>[] }
const all = <T extends { code: string }>(examples: Of<T>): T[] =>
  Object.entries(examples).flatMap(([code, list]) =>
    (list as readonly object[]).map((params) => ({ code, ...params }) as unknown as T),
  )
const each = <K extends string>(name: K, values: readonly number[] = NUMBERS) =>
  values.map((v) => ({ [name]: v }) as Record<K, number>)
const NONE = [{}] as const

const ADVICE_SAYS = all<AdviceSays>({
  'too-early': each('forMin'),
  'just-taken': each('sinceMin'),
  'keep-on': NONE,
  refused: NONE,
  'gone-quiet': NONE,
  untried: NONE,
  move: [
    { spot: { stop: 2, featureId: 'fallen-tree', spotId: 'tip' }, stop: 2 },
    { spot: { stop: 1, featureId: 'gone', spotId: 'gone' }, stop: null },
    { spot: null, stop: null },
  ],
  depth: [0, 1, 2].map((step) => ({ step, depthM: 1, waterM: 2.5 })),
  speed: [0, 1, 2].map((step) => ({ step, way: 'Slow wind' })),
  cadence: [0, 1, 2, 3].map((step) => ({ step, way: 'Lift and let it drop on slack line' })),
  'boat-speed': [true, false].map((faster) => ({ faster, mps: 1.07 })),
  size: [true, false].map((smaller) => ({ smaller, rig: LONG, lengthM: 0.075 })),
  colour: (['natural', 'light', 'silver', 'gold', 'hot', 'painted', 'dark'] as const).map((to) => ({ to, rig: LONG })),
  action: [0, 1, 2].map((step) => ({ step, rig: 'A' })),
  sound: (['silent', 'knock', 'rattles'] as const).map((to) => ({ to, rig: 'A' })),
  direction: [-2, -1, 0, 1, 2].map((aim) => ({ aim })),
  family: [{ rig: LONG }],
  fall: [true, false].map((slower) => ({ slower, rig: LONG, fallMps: 0.42 })),
  'on-follower': (['nothing', 'stop', 'faster', 'drop'] as const).map((tried) => ({
    tried,
    odds: { median: 0.25, low: 0.05, high: 0.6 },
  })),
  companions: each('fish', [1, 2, 5]),
  followers: each('fish', [1, 2, 5]),
  sign: (['follow', 'peck', 'slap', 'hard-knock', 'eaten-winding', 'eaten-pause', 'eaten-fall'] as const).map(
    (answer) => ({ answer }),
  ),
  'size-forgotten': each('hours', [1, 2, 5]),
  tried: NUMBERS.map((answers) => ({ answers, minutes: 12 })),
})

const FAULTS_OF_SCHEMAS: readonly SchemaFault[] = [
  { kind: 'missing' },
  { kind: 'unknown-field', keys: ['tune', 'wobble'] },
  ...['', 'long', LONG].map((value) => ({ kind: 'wrong-type', wanted: 'number', value }) as const),
  { kind: 'wrong-type', wanted: 'map', value: 'x' },
  { kind: 'too-small', bound: 0.01, value: '0' },
  { kind: 'too-big', bound: 1, value: LONG },
  ...([1, 2, 80] as const).flatMap((bound) =>
    (['letters', 'things'] as const).flatMap((of) => [
      { kind: 'too-short' as const, bound, of },
      { kind: 'too-long' as const, bound, of },
    ]),
  ),
  { kind: 'one-of', list: ['plain', 'spotted'], value: 'tartan' },
  { kind: 'says', text: 'is not a picture' },
  { kind: 'other', value: '' },
]
const conflict = (name: string, fields: string[]) => ({
  kind: 'lures' as const,
  id: 'a',
  name,
  fields,
  mine: 1,
  theirs: 2,
})
const STORE_PROBLEMS = all<StoreProblem>({
  full: NONE,
  closed: NONE,
  denied: NONE,
  'no-answer': NONE,
  older: NONE,
  'too-old': NONE,
  'not-valid': [
    { name: '', field: '', fault: { kind: 'missing' } },
    { name: LONG, field: 'traits.depthM', fault: { kind: 'too-big', bound: 20, value: '99' } },
  ],
  gone: (['outing', 'backup', 'step'] as const).map((what) => ({ what })),
  'changed-meanwhile': [
    { conflicts: [conflict('', [])] },
    { conflicts: [conflict('Pirrip 7', ['massKg'])] },
    { conflicts: Array.from({ length: 5 }, (_, i) => conflict(`Lure ${i}`, ['name', 'fish', 'measuredMassKg'])) },
  ],
  'box-changed': NONE,
  'too-many': [
    { kind: 'lures', most: 20_000 },
    { kind: 'entries', most: 1 },
    { kind: 'carried', most: 60 },
  ],
  'outing-under-way': [{ place: LONG, since: '2026-06-12T08:00' }],
  unreadable: ([1, 3] as const).map((rows) => ({
    rows,
    table: 'places' as const,
    name: rows === 1 ? LONG : '',
    path: rows === 1 ? ['name'] : ['entries', 2, 'at'],
    fault: { kind: 'too-long' as const, bound: 60, of: 'letters' as const },
  })),
  'part-missing': NONE,
  unknown: [{ detail: '' }, { detail: 'the disk is on fire' }],
})

const text = (value: string) => [{ text: value }]
const PROBLEMS = all<FileProblem>({
  fault: [{ fault: { kind: 'missing' } }],
  'not-back': [
    { place: '', problem: { code: 'unreadable' } },
    { place: `lures[0] “${LONG}”`, problem: { code: 'missing' } },
  ],
  'not-an-archive': NONE,
  'no-gpx': NONE,
  'no-waypoints': NONE,
  'not-a-sentence': NONE,
  'no-checksum': NONE,
  'wrong-checksum': NONE,
  unreadable: NONE,
  'unknown-temperature-unit': NONE,
  'no-rows': NONE,
  workbook: NONE,
  empty: NONE,
  missing: NONE,
  'no-water': NONE,
  'not-json': [
    { line: 1, near: '' },
    { line: 3, near: '"name": Owlet' },
  ],
  invalid: [{ detail: 'Invalid input' }],
  failed: [{ detail: '' }, { detail: 'no room' }],
  'too-large': each('megabytes', [30, 50]),
  'not-outings': [
    { at: '', fault: { kind: 'missing' } },
    { at: 'outings › 3 › water', fault: { kind: 'too-big', bound: 40, value: '900' } },
  ],
  'bad-xml': [{ line: 3 }, { line: null }],
  'other-version': [
    { version: '19', reads: [13, 14], newer: true },
    { version: '9', reads: [13, 14], newer: false },
  ],
  'more-problems': each('more', [1, 950]),
  'same-id': [{ id: 'demo-001' }],
  'twice-in-file': [{ id: 'demo-001' }],
  'bad-position': [{ name: LONG, lat: '91', lon: 'undefined_' }],
  impossible: [{ what: 'depth', value: -3 }],
  'open-quote': each('row', [1, 40]),
  'too-many-rows': [{ most: 20_000 }],
  'too-many-columns': [{ columns: 1000, most: 100, row: 1 }],
  'cell-too-long': [{ row: 4, column: 2, letters: 1_000_000, most: 10_000 }],
  'no-column': [{ column: 'minutes' }],
  'out-of-range': [{ text: '99', from: 0, to: 40 }],
  'none-of': [true, false].map((more) => ({ text: 'mauve', list: ['light', 'silver'], more })),
  unclear: [{ text: '1,200', either: ['1.2', '1200'] }],
  negative: text('−10 g'),
  'not-a-number': text('many'),
  'not-a-measure': text('heavy'),
  'not-a-moment': text('4th of July'),
  'unknown-family': text('teapot'),
  'unknown-unit': text('furlongs'),
  'not-whole': text('1.5'),
  'not-yes-no': text('perhaps'),
  'not-a-hook-size': text('99/0'),
  'wrong-kind': (['length', 'mass', 'force', 'speed', 'temperature'] as const).map((kind) => ({ text: '5 x', kind })),
  'unknown-word': [
    { text: 'teapot', what: 'family', nearest: ['Tube'] },
    { text: 'teapot', what: 'family', nearest: ['Tube', 'Stick worm', 'Crankbait'] },
  ],
  'no-compartment': [{ tray: 'Plugs', from: 'A1', to: 'F4' }],
  limits: ['name', 'lengthM', 'massKg', 'measuredMassKg', 'count', 'cost', 'fish', 'notes', 'other'].map((field) => ({
    field,
  })),
})

const REFUSALS = all<Refusal>({
  'not-from-here': NONE,
  'still-water': NONE,
  'idle-here': NONE,
  'other-way': NONE,
  'carried-off': NONE,
  'lowered-only': NONE,
  'breaks-on-cast': NONE,
  'no-rod': NONE,
  'no-reel': NONE,
  'no-line': NONE,
  'no-line-on-reel': NONE,
  'part-missing': NONE,
  'reel-off-rod': NONE,
  'used-up': NONE,
  'rod-cannot-cast': NONE,
  'line-off-rod': NONE,
  'too-weak': NONE,
  'not-bite-proof': NONE,
  'hangs-up': NONE,
  'no-hook-fits': NONE,
  'no-tackle-holds': NONE,
  'no-rod-casts': NONE,
  trebles: NONE,
  lead: NONE,
  'too-many-hooks': [{ hooks: 3, allowed: 1 }],
  'too-many-lures': [{ lures: 3, allowed: 2 }],
})

const CARE = all<Care>({
  spent: [{ lure, when: 'now' }],
  worn: [{ lure, when: 'soon' }],
  'none-left': [{ lure, when: 'now' }],
  'stock-hooks': [{ lure, when: 'soon' }],
  'few-left': each('left', [1, 2]).map((one) => ({ lure, when: 'soon', ...one })),
  'hooks-soon': each('left', [1, 5]).map((one) => ({ lure, when: 'soon', ...one })),
  'hooks-due': ['light', 'heavy'].map((wire) => ({ lure, when: 'now', fish: 25, wire })),
  'frame-due': [{ lure, when: 'now', fish: 30 }],
  'frame-soon': [{ lure, when: 'soon', fish: 22, end: 28 }],
})

const USES: readonly PartUse[] = NUMBERS.flatMap((n): PartUse[] => [
  { kind: 'rods', lures: n, of: 1234, lines: n },
  { kind: 'reels', slowMps: 0.1, fastMps: 1.2, lines: n ? [LONG] : [] },
  { kind: 'lines', reel: n ? LONG : null, knotN: 50, rods: n, densityKgM3: 980 + n, spoolHoldsM: n ? 150 : null },
  { kind: 'leaders', biteProof: n > 1, knotN: 100 },
  { kind: 'heads', lures: n },
  { kind: 'trailers', lures: n },
  { kind: 'blades', lures: n },
  { kind: 'hooks', lures: n, point: n > 1 ? 'half' : 'buried', replaces: n > 1 },
  { kind: 'sinkers', lures: n === 12 ? null : n },
  { kind: 'terminals', holdsN: 200, lines: n },
])

const PIECES: readonly Piece[] = [
  { kind: 'respool', part: { ...usualPart('lines', 'x'), name: LONG }, reel: LONG },
  { kind: 'singles', lure },
  ...(['hooks', 'heads', 'leaders', 'lines', 'reels', 'rods'] as const).map(
    (kind) => ({ kind, part: usualPart(kind, 'x') }) as Piece,
  ),
]

/** Every joint, verdict by verdict, with each figure that its sentences ask for. */
const FIGURES: Readonly<Record<string, JointFigure>> = {
  gap: { si: 0.009, role: 'hookGap' },
  width: { si: 0.018, role: 'lureLength' },
  brake: { si: 40, role: 'lineStrength' },
  seasons: 3,
  length: { si: 0.1, role: 'lureLength' },
  size: '2/0',
  hook: { wire: 'heavy', style: 'straight-shank' },
  power: 'medium-heavy',
  action: 'extra-fast',
  cover: 'timber',
  mass: { si: 0.0125, role: 'lureMass' },
  range: { from: 0.005, to: 0.02, role: 'lureMass' },
  line: { si: 50, role: 'lineStrength' },
  asked: { si: 44, role: 'lineStrength' },
  holds: { si: 30, role: 'lineStrength' },
  reel: 'casting',
  rod: 'spinning',
  turns: '0.4',
  speed: { si: 0.9, role: 'lureSpeed' },
  better: { si: 0.7, role: 'lureLength' },
  purpose: 'slow-pitch',
  jig: 'slow-fall-jig',
  terminal: 'ball-bearing',
  own: { si: 0.002, role: 'lureMass' },
  weak: { si: 20, role: 'lineStrength' },
  species: 'Pike',
  thick: { si: 0.0008, role: 'lineDiameter' },
  trailer: 'split-tail',
  hooks: { hooks: { style: 'round treble', size: '#4', wire: 'medium', count: 2 }, stinger: true },
  points: 7,
  depth: { si: 3, role: 'depth' },
  style: 'round-bend',
}
/** Which way it is wrong, joint by joint; where a sentence does not say, it is not asked. */
const WAYS: Readonly<Record<string, string>> = {
  'hook-body': 'small',
  'trailer-length': 'short',
  'reel-speed': 'too-slow',
  'jig-reel': 'off-spinning',
  'head-depth': 'light',
  'leader-line': 'gives',
}
const JUDGED = Object.entries(JOINTS).flatMap(([id, { says }]) =>
  says.map((verdict): Judgement => ({
    id: id as Judgement['id'],
    verdict,
    law: false,
    figures: { ...FIGURES, way: WAYS[id] ?? 'too-light' },
  })),
)
const ADJUSTMENTS = all<Adjustment>({
  rod: [{ held: 'low' }],
  speed: each('mps', [0.4, 1]),
  count: each('seconds', [1, 12]),
  cast: each('metres', [12, 31]),
  line: [{ name: LONG }],
  weight: [{ kg: 0.014, nowKg: 0.0105 }],
  rig: [{ build: { lure, mount: { kind: 'own' }, trailer: null, massKg: lure.massKg } }],
  lure: [{ name: LONG }],
})
const LAWS: readonly PlaceLaw[] = [
  {
    broken: null,
    singlesOnly: false,
    mostHooks: null,
    trebleIsThree: false,
    mostLures: null,
    noLead: false,
    rules: '',
  },
  {
    broken: { code: 'trebles' },
    singlesOnly: true,
    mostHooks: 1,
    trebleIsThree: true,
    mostLures: 2,
    noLead: true,
    rules: 'No fishing from the bridge.',
  },
]

const READ: readonly (readonly [area: string, texts: readonly string[]])[] = [
  ['advice', SYSTEMS.flatMap((s) => ADVICE_SAYS.map((a) => W.sayAdvice(a, s)))],
  ['files', PROBLEMS.map((p) => W.sayFileProblem(p))],
  ['refusals', REFUSALS.map((r) => W.sayRefusal(r))],
  ['pieces', SYSTEMS.flatMap((s) => PIECES.map((p) => W.sayPiece(p, s)))],
  ['left out', REFUSALS.flatMap((r) => [1, 12].map((n) => W.sayLeftOut(n, W.sayRefusal(r))))],
  ['care', CARE.map((c) => W.sayCare(c))],
  ['parts', SYSTEMS.flatMap((s) => USES.map((u) => W.sayUse(u, s)))],
  ['joints', SYSTEMS.flatMap((s) => JUDGED.flatMap((j) => Object.values(W.sayJoint(j, s)).filter(Boolean)))],
  [
    'what a lure is tied on with',
    SYSTEMS.flatMap((s) =>
      (['good', 'mind'] as const).flatMap((verdict) => {
        const judged = [{ id: 'twist' as const, verdict, law: false, figures: {} }]
        return [null, 'snap-swivel' as const].flatMap((lacking) => W.sayFitting({ terminal: null, judged, lacking }, s))
      }),
    ),
  ],
  [
    'rules',
    SYSTEMS.flatMap((s) => RULES.flatMap((r) => [W.sayRule(r), W.sayWhen(r.when, s) || '–', W.sayEffects(r, s)])),
  ],
  ['open questions', OPEN_QUESTIONS.flatMap((q) => Object.values(W.questionWords(q.id)))],
  ['where fish hold', HOLDING.map((h) => W.sayHolding(h.id))],
  ['how to fish', [...READY, ...FEEL, ...TELLS, ...CHANGES, ...CAUTIONS].flatMap((n) => Object.values(W.noteWords(n)))],
  ['law', LAWS.flatMap((l) => W.sayLaw(l))],
  ['cautions', [W.sayCaution({ code: 'teeth', species: 'Pike' }), W.sayCaution({ code: 'night' })]],
  ['glossary', W.GLOSSARY.flatMap((g) => [g.word, g.says])],
  [
    'what was not stored',
    [...STORE_PROBLEMS.map((p) => W.sayFailure('', p)), ...STORE_PROBLEMS.map((p) => W.sayFailure(LONG, p))],
  ],
  ['faults', FAULTS_OF_SCHEMAS.map((f) => `The length ${W.sayFault(f)}.`)],
  ['answers', ANSWERS.flatMap((a) => Object.values(W.answerWords(a.id)))],
  [
    'what the bench says',
    SYSTEMS.flatMap((s) => ADJUSTMENTS.map((a) => W.sayAdjustment(a, s))).concat(
      TEST_KINDS.flatMap((kind) => {
        const { name, gives, figure, needs, steps, minds, labels } = W.testWords(kind)
        return [name, gives, figure || '–', ...needs, ...steps, ...minds, ...Object.values<string>(labels)]
      }),
      [0, 1, 3].map((n) => W.sayBasis({ basis: 'fitted', n })),
    ),
  ],
  [
    'the water',
    [
      ...SKIES.map(W.saySky),
      ...TIDES.map(W.sayTide),
      ...[0, 0.4, 1].map(W.sayDensity),
      ...(['fresh', 'brackish', 'salt'] as const).map((kind) => W.sayStranger('Cod', kind)),
      W.sayPlaceLaw({
        rules: 'No boats.',
        singlesOnly: true,
        mostHooks: 2,
        trebleIsThree: true,
        mostLures: 3,
        noLead: true,
      }),
      ...SYSTEMS.flatMap((s) => [
        W.sayTrend({ tempChangeC: -1.25, trend: 'falling' }, s),
        W.sayTrend({ tempChangeC: 0, trend: 'steady' }, s),
        W.sayMud('silt', 2.2, 0.4, s),
        W.sayColumn(
          {
            c: { depthM: 6, visibilityM: 2, cover: { kind: 'grass', topM: 3, density: 0.4 } },
            zone: { topM: 2, bottomM: 4 },
            castM: 30,
            path: { z: [0, 2.5, 1] },
            band: { low: [0, 2], high: [0, 3] },
            share: 0.34,
          },
          s,
        ),
      ]),
    ],
  ],
  [
    'a lure on its form',
    SYSTEMS.flatMap((s) =>
      WORLD.box.lures
        .slice(0, 30)
        .flatMap((l) => [
          W.sayWeights(l, s),
          W.sayWeights({ ...l, measuredMassKg: l.massKg * 1.12 }, s),
          W.sayWeights({ ...l, measuredMassKg: l.massKg }, s),
          W.sayUnusual({ ...l, lengthM: 0.49 }, s),
          W.sayUnusual({ ...l, massKg: 0.0003 }, s),
        ]),
    ),
  ],
  ['rules of thumb', THUMB_RULES.map((r) => W.thumbRuleName(r.id))],
]

describe.each(READ)('%s', (_, texts) => {
  it('has something to say', () => expect(texts.length).toBeGreaterThan(0))
  it.each(FAULTS)('never: %s', (_, pattern) => {
    expect(texts.map((t) => t.replaceAll('\u202f', ' ')).filter((t) => pattern.test(t))).toEqual([])
  })
})

describe('a fault is found where there is one', () => {
  it.each([
    ['The service answered something else than a report..', 1],
    ['a ultra-light rod', 1],
    ['of 12.5 cm to 50 cm', 1],
    ['the the lure', 1],
    ['2 lure', 1],
    ['It holds 3 lures.', 0],
  ] as const)('%s', (words, found) => expect(FAULTS.filter(([, pattern]) => pattern.test(words)).length).toBe(found))
})
