import { describe, expect, it } from 'vitest'
import { WORLD } from '../testing/world'
import { withLabelCasts } from '../testing/since'
import V1 from './fixtures/archive-v1.json'
import V2 from './fixtures/archive-v2.json'
import V3 from './fixtures/archive-v3.json'
import V4 from './fixtures/archive-v4.json'
import V5 from './fixtures/archive-v5.json'
import V6 from './fixtures/archive-v6.json'
import V7 from './fixtures/archive-v7.json'
import V8 from './fixtures/archive-v8.json'
import V9 from './fixtures/archive-v9.json'
import V10 from './fixtures/archive-v10.json'
import V11 from './fixtures/archive-v11.json'
import V12 from './fixtures/archive-v12.json'
import V13 from './fixtures/archive-v13.json'
import { smallWorld } from '../testing/hostile/trials'
import { ARCHIVE_VERSION, readArchive, writeArchive } from '.'
import { sayFileProblem } from '../../words'

const UNREADABLE = {
  id: 'u',
  table: 'places',
  at: '2026-06-12T10:00:00',
  name: 'Somewhere',
  path: ['name'],
  fault: { kind: 'missing' },
  row: { id: 'x' },
}
const text = writeArchive(WORLD)
const broken = (change: (raw: { version: number; box: { lures: Record<string, unknown>[] } }) => void) => {
  const raw = JSON.parse(text)
  change(raw)
  return readArchive(JSON.stringify(raw))
}
const problems = (read: ReturnType<typeof readArchive>) =>
  read.ok ? [] : read.problems.map(({ place, problem }) => ({ place, problem: sayFileProblem(problem) }))

describe('archive', () => {
  it('goes out and comes back the same', () => {
    const read = readArchive(text)
    expect(read.ok && read.archive.box).toEqual(WORLD.box)
    expect(read.ok && writeArchive(read.archive)).toBe(text)
  })
  it.each([
    ['cut short', text.slice(0, 500), /not JSON|cut short/],
    ['empty', '', /not JSON/],
    ['another program’s', '{"hello": 1}', /not an Ygrion archive/],
    ['a list', '[1, 2]', /not an Ygrion archive/],
    ['nothing', 'null', /not an Ygrion archive/],
  ])('%s: says so', (_, content, words) => expect(problems(readArchive(content))[0]?.problem).toMatch(words))
  it('a refused file echoes nothing longer than a line, and says so in words of the field', () => {
    const long = 'x'.repeat(1_000_000)
    const files = [
      broken((raw) => (raw.box.lures[0] = { ...raw.box.lures[0], name: long })),
      broken((raw) => (raw.box.lures[0] = { ...raw.box.lures[0], [long]: 1 })),
      broken((raw) => (raw.box.lures[0] = { ...raw.box.lures[0], lengthM: long })),
      broken((raw) => Object.assign(raw, { version: long })),
      broken((raw) => Object.assign(raw, { [long]: long })),
      readArchive(long),
    ]
    for (const read of files) {
      const all = problems(read)
      expect(all.length).toBeGreaterThan(0)
      for (const { place, problem } of all) {
        expect(place.length + problem.length).toBeLessThan(400)
        expect(problem).not.toMatch(/received|Invalid input|Unrecognized/)
      }
    }
  })
  it.each(['places', 'waters', 'photos', 'bin', 'outings', 'aside', 'unreadable'] as const)(
    'two of one id among the %s are found before the store meets them',
    (kind) => {
      const all: Record<string, unknown> = { ...smallWorld(), unreadable: [UNREADABLE] }
      const list = all[kind] as object[]
      const read = readArchive(writeArchive({ ...all, [kind]: [...list, list[0]] } as never))
      expect(problems(read)[0]).toMatchObject({ place: expect.stringContaining(`${kind}[${list.length}]`) })
    },
  )
  type Waters = { waters: object[]; outings: { water: object }[] }
  const withWater = <T extends Waters>(old: T, more: object) => ({
    ...old,
    waters: old.waters.map((w) => ({ ...w, ...more })),
    outings: old.outings.map((o) => ({ ...o, water: { ...o.water, ...more } })),
  })
  it('an archive of the thirteenth version opens as it is: all of it was told before parties were', () => {
    const read = readArchive(JSON.stringify(V13))
    if (!read.ok) throw new Error(JSON.stringify(read.problems))
    expect(read.archive).toEqual({ ...V13, version: ARCHIVE_VERSION })
    expect(read.archive.outings.every((o) => o.party === undefined)).toBe(true)
  })
  it('an archive of the twelfth version opens as it is, its plan too', () => {
    const read = readArchive(JSON.stringify(V12))
    if (!read.ok) throw new Error(JSON.stringify(read.problems))
    expect(read.archive).toEqual({ ...V12, version: ARCHIVE_VERSION })
    expect(read.archive.plans).toHaveLength(1)
    expect(read.archive.outings.map((o) => o.carried.length > 0)).toEqual([true, true])
  })
  it('an archive of the eleventh version opens as it is; nothing was planned yet', () => {
    const read = readArchive(JSON.stringify(V11))
    if (!read.ok) throw new Error(JSON.stringify(read.problems))
    expect(read.archive).toEqual({ ...V11, plans: [], version: ARCHIVE_VERSION })
    expect(read.archive.box.lures.some((l) => l.make?.plastic === 'salted')).toBe(true)
  })
  /** What the eleventh version says more: how fish lie, what is seen of them, lamps, weed, further fish; whether lead is allowed. */
  const seen = <T extends Waters & { places: object[] }>(old: T) => ({
    plans: [],
    ...withWater(old, { shoal: null, signs: [], lamps: false, weedDrift: 'none', alsoFor: [] }),
    places: old.places.map((p) => ({ ...p, noLead: false })),
  })
  it('an archive of the tenth version opens as it is; nobody said what was seen', () => {
    const read = readArchive(JSON.stringify(V10))
    if (!read.ok) throw new Error(JSON.stringify(read.problems))
    expect(read.archive).toEqual({ ...seen(V10), version: ARCHIVE_VERSION })
    expect(read.archive.waters.map((w) => w.stand)).toEqual(['boat', 'ice', 'wading', null])
  })
  /** What the tenth version says more: from where one fishes, in which ways, with what ball on the cable; how hooks are counted; what else hangs on a line. */
  const fished = <T extends Waters & { places: object[]; box: { rigs: object[] } }>(old: T) =>
    seen({
      ...withWater(old, { stand: null, deliveries: null, ballKg: null }),
      places: old.places.map((p) => ({ ...p, trebleIsThree: false, mostLures: null })),
      box: { ...old.box, rigs: old.box.rigs.map((rig) => ({ ...rig, further: [] })) },
    })
  /** What the ninth version says more: how the wind meets the cast. */
  const blown = <T extends Parameters<typeof fished>[0]>(old: T) => withWater(fished(old), { castInWind: null })
  it('an archive of the ninth version opens as it is; nobody said from where he fished', () => {
    const read = readArchive(JSON.stringify(V9))
    if (!read.ok) throw new Error(JSON.stringify(read.problems))
    expect(read.archive).toEqual({ ...fished(V9), version: ARCHIVE_VERSION })
    expect(read.archive.waters.map((w) => w.castInWind)).toEqual(['with', 'into', 'across', null])
  })
  it('an archive of the eighth version opens as it is; nobody said how the wind met the casts', () => {
    const read = readArchive(JSON.stringify(V8))
    if (!read.ok) throw new Error(JSON.stringify(read.problems))
    expect(read.archive).toEqual({ ...blown(V8), version: ARCHIVE_VERSION })
    expect(read.archive.waters.map((w) => w.castTo)).toEqual(['along', 'against', 'across', 'across'])
  })
  /** What the eighth version says more: where the cast goes in a water, and what cast a plug's packet means. */
  const directed = <T extends Parameters<typeof fished>[0] & { box: { lures: { traits: object }[] } }>(old: T) => {
    const now = withWater(blown(old), { castTo: 'across' })
    return { ...now, box: { ...now.box, lures: withLabelCasts(old.box.lures) } }
  }
  it('an archive of the seventh version opens as it is, what could not be read included; casts go across', () => {
    const read = readArchive(JSON.stringify(V7))
    if (!read.ok) throw new Error(JSON.stringify(read.problems))
    expect(read.archive).toEqual({ ...directed(V7), version: ARCHIVE_VERSION })
    expect(read.archive.unreadable[0]?.row.id).toBe('hollow-mere')
    expect(read.archive.aside[0]?.rows).toHaveLength(1)
  })
  it('an archive of the first version opens: its trays, hooks and blades become things of their own', () => {
    const read = readArchive(JSON.stringify(V1))
    if (!read.ok) throw new Error(JSON.stringify(read.problems))
    const { box } = read.archive
    const old = V1.box.lures
    expect(box.lures).toHaveLength(old.length)
    for (const was of old) {
      const now = box.lures.find((l) => l.id === was.id)
      if (!now) throw new Error(`${was.name} is lost`)
      expect(now).toMatchObject({
        name: was.name,
        massKg: was.massKg,
        colour: was.colour,
        count: was.count,
        notes: was.notes,
      })
      expect(box.trays.find((t) => t.id === now.trayId)?.name).toBe(was.tray)
      if ('hook' in was.traits) expect(now.hooks?.style).toBe(was.traits.hook === 'single' ? 'single' : 'round treble')
    }
    const places = box.lures.map((l) => `${l.trayId}/${l.slot}`)
    expect(new Set(places).size).toBe(places.length)
    expect(box.rods.every((r) => r.purpose === 'all-round')).toBe(true)
  })
  it('an archive of the sixth version opens with everything as it was, nothing set aside and no choices', () => {
    const read = readArchive(JSON.stringify(V6))
    if (!read.ok) throw new Error(JSON.stringify(read.problems))
    const { format: _, version: __, ...content } = read.archive
    const { format: ___, version: ____, ...old } = V6
    expect(content.practice).toMatchObject(old.practice)
    expect({ ...content, practice: old.practice }).toEqual({
      ...directed(old),
      aside: [],
      unreadable: [],
      settings: {},
    })
    expect(content.outings).toHaveLength(1)
  })
  it('an archive of the second version opens with everything in it as it was, and nothing tested', () => {
    const read = readArchive(JSON.stringify(V2))
    if (!read.ok) throw new Error(JSON.stringify(read.problems))
    const { box, bin, photos } = read.archive
    expect({ ...box, rigs: [] }).toEqual({ ...V2.box, lures: withLabelCasts(V2.box.lures), rigs: [], tests: [] })
    expect(box.rigs.map(({ type, further: _, ...rig }) => ({ ...rig, way: type }))).toEqual(V2.box.rigs)
    expect([bin.length, photos.length]).toEqual([V2.bin.length, V2.photos.length])
  })
  it('an archive of the third version opens: box and waters as they were, places with room for law and readings', () => {
    const read = readArchive(JSON.stringify(V3))
    if (!read.ok) throw new Error(JSON.stringify(read.problems))
    const { box, places, waters, practice } = read.archive
    expect({ ...box, rigs: [] }).toEqual({ ...V3.box, lures: withLabelCasts(V3.box.lures), rigs: [] })
    expect(places).toMatchObject(V3.places)
    expect(waters).toMatchObject(V3.waters)
    expect(practice).toEqual({ sides: {}, weights: {}, own: [] })
  })
  it('an archive of the fourth version opens with everything in it as it was, and no outing', () => {
    const read = readArchive(JSON.stringify(V4))
    if (!read.ok) throw new Error(JSON.stringify(read.problems))
    const { format: _, version, outings, ...content } = read.archive
    const { format: __, version: ___, practice, box, ...before } = V4
    expect(content).toMatchObject(before)
    expect(content.box.lures).toEqual(withLabelCasts(box.lures))
    expect(content.box.tests.map((t) => t.readings)).toEqual(box.tests.map((t) => t.readings))
    expect(content.practice).toEqual({ ...practice, schools: undefined, sides: practice.schools })
    expect([version, outings]).toEqual([ARCHIVE_VERSION, []])
  })
  it('an archive of the fifth version opens with every entry, retrieve, rig and rule as it was, by the words of today', () => {
    const read = readArchive(JSON.stringify(V5))
    if (!read.ok) throw new Error(JSON.stringify(read.problems))
    const { outings, practice, box, bin } = read.archive
    const was = V5.outings.flatMap((o) => o.entries)
    const now = outings.flatMap((o) => o.entries)
    expect(now.map((e) => [e.id, e.at])).toEqual(was.map((e) => [e.id, e.at]))
    const answers = (list: readonly { kind: string; answer?: string }[]) =>
      list.flatMap((e) => (e.kind === 'answer' ? [e.answer] : []))
    expect(answers(was)).toContain('thump')
    expect(answers(now)).toEqual(answers(was).map((a) => (a === 'thump' ? 'hard-knock' : a)))
    expect(now.map((e) => e.kind)).toEqual(expect.arrayContaining(['comparison', 'comparison-end']))
    const ways = outings.flatMap((o) => o.carried.flatMap((c) => c.ways))
    expect(ways.map((w) => [w.retrieveSpeedMps, w.pullDurationS, w.pauseS, w.points])).toEqual(
      V5.outings.flatMap((o) => o.carried.flatMap((c) => c.ways.map((w) => [w.pullMps, w.pullS, w.restS, w.fit]))),
    )
    expect(outings.flatMap((o) => o.carried.map((c) => c.modelKey))).toEqual(
      V5.outings.flatMap((o) => o.carried.map((c) => c.mould)),
    )
    expect(box.rigs.map((r) => r.type)).toEqual(V5.box.rigs.map((r) => r.way))
    expect(bin.map((b) => 'type' in b.item && b.item.type)).toEqual(V5.bin.map((b) => b.item.way))
    expect(box.tests.map((t) => t.readings)).toEqual(V5.box.tests.map((t) => t.readings))
    expect(practice.sides).toEqual(V5.practice.schools)
    expect(practice.own[0]).toMatchObject({
      side: null,
      when: { moonIlluminatedFraction: { above: [0.4, 0.6] }, season: ['summer'] },
      effects: [
        { favour: { delivery: ['cast'] } },
        { avoid: { delivery: ['vertical'] }, unless: { delivery: ['pitch'] } },
      ],
    })
  })
  it('a newer version is refused plainly', () => {
    expect(problems(broken((raw) => (raw.version = ARCHIVE_VERSION + 1)))[0]).toMatchObject({
      place: 'version',
      problem: expect.stringContaining('Update'),
    })
  })
  it('names every fault with place and lure', () => {
    const found = problems(
      broken(({ box: { lures } }) => {
        if (lures[3]) lures[3].lengthM = -1
        if (lures[7]) lures[7].family = 'teapot'
      }),
    )
    expect(found).toHaveLength(2)
    expect(found[0]?.place).toContain('box › lures[3] “Grumblewing 18 Thud” › lengthM')
    expect(found[1]?.place).toContain('lures[7]')
  })
  it('two things with one id are refused', () => {
    const twice = problems(broken(({ box: { lures } }) => lures.push({ ...lures[0] })))
    expect(twice[0]?.problem).toMatch(/id demo-001/)
  })
  it('a thousand faults are not all listed', () => {
    const many = problems(
      broken(({ box: { lures } }) => lures.forEach((l) => Object.assign(l, { lengthM: 'long', massKg: 'heavy' }))),
    )
    expect(many).toHaveLength(51)
    expect(many[50]?.problem).toMatch(/more/)
  })
})
