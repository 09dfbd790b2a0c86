import { deflateRawSync } from 'node:zlib'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { WORLD } from '../../testing/world'
import { OwnTechnique, copyOf } from '../match'
import { Rig, checkRig, rigParts, techniqueOf } from '../tackle'
import { emptyWorld } from '../demo/world'
import {
  mergeContent,
  packed,
  readArchive,
  readShare,
  readArchiveOrShare,
  unpacked,
  writeArchive,
  writeShare,
  type ShareKind,
} from '.'
import V13 from './fixtures/archive-v13.json'

/** One thing and what belongs to it, out as a small text or a code, and into another box. */

const EMPTY = { ...emptyWorld('2026-06-12'), places: [], waters: [] }
const share = (kind: ShareKind, id: string) => {
  const text = writeShare(kind, id, WORLD)
  if (!text) throw new Error(`no ${kind} ${id}`)
  return text
}
const taken = (text: string) => {
  const read = readShare(text)
  if (!read.ok) throw new Error(JSON.stringify(read.problems))
  return mergeContent(EMPTY, read.archive).content
}
const [lure] = WORLD.box.lures
const [rig] = WORLD.box.rigs
const [place] = WORLD.places
const [outing] = WORLD.outings
if (!lure || !rig || !place || !outing) throw new Error('the demo lacks something')

const MINE = OwnTechnique.parse({
  ...copyOf(techniqueOf('rip-pause'), 'own-a'),
  restS: [4, 12, 40],
  reach: { sentence: 'Cold water: two snaps, a long rest.', when: { waterTempC: { below: [6, 8] } }, weight: 6 },
})
const WITH_MINE = { ...WORLD, practice: { ...WORLD.practice, techniques: [MINE] } }

describe('a technique of one’s own', () => {
  const text = writeShare('technique', MINE.id, WITH_MINE) ?? ''
  it('goes by code, alone, and comes beside what the friend has; his rules and choices stay', async () => {
    const read = readShare((await unpacked(await packed(text))) ?? '')
    if (!read.ok) throw new Error(JSON.stringify(read.problems))
    const his = { ...EMPTY, practice: { ...EMPTY.practice, weights: { 'mud-thump': 0 } } }
    const { content, added } = mergeContent(his, read.archive)
    expect(content.practice).toEqual({ ...his.practice, techniques: [MINE] })
    expect([added, content.box, content.places]).toEqual([1, his.box, his.places])
    expect(mergeContent(content, read.archive)).toMatchObject({ added: 0, kept: 0 })
    const changed = { ...content, practice: { ...content.practice, techniques: [{ ...MINE, name: 'Mine now' }] } }
    expect(mergeContent(changed, read.archive)).toMatchObject({ added: 0, kept: 1, content: changed })
  })
  it('that is not there, or that is none, is refused', () => {
    expect(writeShare('technique', 'own-b', WITH_MINE)).toBe(null)
    const broken = JSON.parse(text) as { practice: { techniques: { of: string }[] } }
    if (broken.practice.techniques[0]) broken.practice.techniques[0].of = 'wishing'
    const read = readShare(JSON.stringify(broken))
    expect(read.ok ? '' : read.problems[0]?.place).toContain('practice › techniques[0]')
  })
  it('is in the archive, and one of before opens without any', () => {
    const read = readArchive(writeArchive(WITH_MINE))
    expect(read.ok && read.archive.practice.techniques).toEqual([MINE])
    const before = JSON.parse(writeArchive(WORLD)) as { version: number; practice: { techniques?: unknown } }
    delete before.practice.techniques
    before.version = 15
    const old = readArchive(JSON.stringify(before))
    expect(old.ok && old.archive.practice).toEqual(WORLD.practice)
  })
})

describe('a thing shared', () => {
  it('a lure comes with nothing of its owner’s life', () => {
    const [got, ...more] = taken(share('lure', lure.id)).box.lures
    expect(more).toEqual([])
    expect(got).toMatchObject({
      id: lure.id,
      name: lure.name,
      traits: lure.traits,
      colour: lure.colour,
      hooks: lure.hooks,
    })
    expect(got).toMatchObject({ trayId: null, photoId: null, cost: null, fish: 0, changes: [], count: 1 })
  })
  it.each(WORLD.box.rigs.map((one) => [one.name, one] as const))(
    '%s comes with every part: it is judged as here',
    (_, one) => {
      const { box } = taken(share('rig', one.id))
      const water = { cover: { kind: 'rock', density: 0.4 }, depthM: 4, visibilityM: 2, mood: 'neutral', toothed: null }
      const judged = (of: typeof box) => checkRig(rigParts(one, of), water).map(({ id, verdict }) => [id, verdict])
      expect(judged(box)).toEqual(judged(WORLD.box))
      expect(box.rigs).toEqual([one])
    },
  )
  it('a rig with a soft bait as trailer and a further lure brings both', () => {
    const grub = WORLD.box.lures.find((l) => l.family === 'grub')
    const fly = WORLD.box.lures.find((l) => l.family === 'streamer')
    const jig = WORLD.box.lures.find((l) => l.family === 'skirted-jig')
    const tied = Rig.parse({
      ...rig,
      id: 'r',
      type: 'jig-trailer',
      lureId: jig?.id,
      trailerId: grub?.id,
      further: [{ lureId: fly?.id, at: 'above', metres: 0.6, dummy: false }],
    })
    const text = writeShare('rig', 'r', { ...WORLD, box: { ...WORLD.box, rigs: [tied] } }) ?? ''
    const names = taken(text).box.lures.map(({ name }) => name)
    expect(new Set(names)).toEqual(new Set([grub?.name, fly?.name, jig?.name]))
    expect(rigParts(tied, taken(text).box).trailer?.kind).toBe('grub')
  })
  it('a place comes without its temperatures, an outing with its place', () => {
    expect(taken(share('place', place.id)).places.find(({ id }) => id === place.id)).toEqual({ ...place, temps: [] })
    const world = taken(share('outing', outing.id))
    expect(world.outings).toEqual([outing])
    expect(world.places.map(({ id }) => id)).toContain(outing.water.placeId)
  })
  it('what is not there is not shared', () => {
    for (const kind of ['lure', 'rig', 'place', 'outing'] as const) expect(writeShare(kind, 'nobody', WORLD)).toBeNull()
  })
  it('taken twice nothing is added twice, and what one has stays as it is', () => {
    const read = readShare(share('lure', lure.id))
    if (!read.ok) throw new Error('unread')
    const mine = { ...EMPTY, box: { ...EMPTY.box, lures: [{ ...lure, name: 'Mine' } as typeof lure] } }
    const { content, added, kept } = mergeContent(mine, read.archive)
    expect([added, kept, content.box.lures[0]?.name]).toEqual([0, 1, 'Mine'])
  })
  it('one of an earlier version takes the steps of an archive', () => {
    const [old] = V13.places
    const read = readShare(JSON.stringify({ format: 'ygrion-share', version: 13, places: [old] }))
    expect(read.ok && read.archive.places[0]).toEqual(old)
  })
  it('the same door opens archives and things shared, and tells them apart', () => {
    const one = readArchiveOrShare(share('lure', lure.id))
    const all = readArchiveOrShare(writeArchive(EMPTY))
    expect([one.ok && one.shared, all.ok && all.shared]).toEqual([true, undefined])
    expect(readArchive(share('lure', lure.id)).ok).toBe(false)
  })
  it.each(['', '{}', '[]', 'null', '{"format":"ygrion-share"}', '{"format":"ygrion-share","version":99}'])(
    '%j is refused with a word',
    (text) => {
      const read = readShare(text)
      expect(read.ok).toBe(false)
      expect(!read.ok && read.problems.length).toBeGreaterThan(0)
    },
  )
  it('one in which something is wrong is refused whole, with its place', () => {
    const broken = JSON.parse(share('lure', lure.id))
    broken.box.lures[0].lengthM = 99
    const read = readShare(JSON.stringify(broken))
    expect(!read.ok && read.problems[0]?.place).toMatch(/lures/)
  })
})

describe('a code', () => {
  it('comes back as it went, whatever letters are in it (property)', async () => {
    await fc.assert(
      fc.asyncProperty(fc.string({ unit: 'grapheme', minLength: 1 }), async (text) => {
        expect(await unpacked(await packed(text))).toBe(text)
      }),
    )
  })
  it('is deflate in base64url: another library reads and writes it', async () => {
    const text = share('rig', rig.id)
    const theirs = deflateRawSync(Buffer.from(text, 'utf8')).toString('base64url')
    expect(await unpacked(theirs)).toBe(text)
    expect(await packed(text)).toMatch(/^[\w-]+$/)
  })
  it('a lure, every rig and place of the demo fit into a code that a phone reads', async () => {
    // QR version 40 at the middle level of correction holds 2,331 bytes (ISO/IEC 18004); the address takes some.
    const codes = await Promise.all([
      ...WORLD.box.lures.map(({ id }) => packed(share('lure', id))),
      ...WORLD.box.rigs.map(({ id }) => packed(share('rig', id))),
      ...WORLD.places.map(({ id }) => packed(share('place', id))),
    ])
    expect(Math.max(...codes.map(({ length }) => length))).toBeLessThan(2200)
    expect(Math.min(...codes.map(({ length }) => length))).toBeGreaterThan(100)
  })
  it('one that is cut short, is no code, or bursts, is null', async () => {
    const code = await packed(share('lure', lure.id))
    for (const bad of [code.slice(0, -20), 'not a code!', '%%%', 'AAAA']) expect(await unpacked(bad)).toBeNull()
    const bomb = deflateRawSync(Buffer.alloc(50_000_000)).toString('base64url')
    expect(await unpacked(bomb)).toBeNull()
  })
})
