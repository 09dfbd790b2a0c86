import { findTechnique } from '../tackle'
import { describe, expect, it } from 'vitest'
import { WORLD } from '../../testing/world'
import V13 from './fixtures/archive-v13.json'
import { smallWorld } from '../../testing/hostile/trials'
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
  it('an archive of the thirteenth version opens: its ways of fishing are read as techniques, all else as it is', () => {
    const read = readArchive(JSON.stringify(V13))
    if (!read.ok) throw new Error(JSON.stringify(read.problems))
    const { outings, plans, ...rest } = read.archive
    const practice = { ...V13.practice, techniques: [] }
    expect(rest).toEqual({ ...V13, version: ARCHIVE_VERSION, practice, outings: undefined, plans: undefined })
    expect(outings.every((o) => o.party === undefined)).toBe(true)
    const before = V13.outings.flatMap((o) => o.carried.flatMap(({ ways }) => ways))
    const now = outings.flatMap((o) => o.carried.flatMap(({ ways }) => ways))
    expect(now.length).toBe(before.length)
    expect(now.length).toBeGreaterThan(10)
    for (const [i, way] of now.entries()) {
      expect(way).toMatchObject({
        id: before[i]?.id,
        name: before[i]?.name,
        paceMps: before[i]?.retrieveSpeedMps,
        restS: before[i]?.pauseS,
      })
      expect(findTechnique(way.techniqueId)).not.toBeNull()
    }
    expect(outings.map((o) => o.entries)).toEqual(V13.outings.map((o) => o.entries))
    expect(plans).toHaveLength(V13.plans.length)
  })
  it.each([1, 5, 12])('one of version %d, older than any that opens, is refused in words', (version) => {
    expect(problems(broken((raw) => (raw.version = version)))[0]).toMatchObject({
      place: 'version',
      problem: expect.stringMatching(/13 to \d+.*as tables/),
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
