import { describe, expect, it } from 'vitest'
import { demoWorld, emptyWorld } from '../demo/world'
import { archiveProblem, writeArchive } from './box-file'
import { mergeContent } from './merge-content'

const DAY = '2026-06-12'
const world = demoWorld(DAY)
const [lure, ...others] = world.box.lures
if (!lure) throw new Error('the demo has no lures')

describe('an archive added to what is there', () => {
  it('to nothing: all of it; to itself: nothing', () => {
    const into = mergeContent(emptyWorld(DAY), world)
    expect(into.content.box).toEqual(world.box)
    expect(into.content.outings).toEqual(world.outings)
    expect(into.kept).toBe(0)
    expect(mergeContent(world, world)).toMatchObject({ added: 0, kept: 0, content: world })
  })
  it('what is there stays, also where the file has it otherwise; what is new comes in', () => {
    const mine = { ...world, box: { ...world.box, lures: [{ ...lure, name: 'Mine' }] }, outings: [] }
    const { content, added, kept } = mergeContent(mine, world)
    expect(content.box.lures[0]?.name).toBe('Mine')
    expect(content.box.lures).toHaveLength(world.box.lures.length)
    expect([added, kept]).toEqual([others.length + world.outings.length, 1])
    expect(content.practice).toEqual(mine.practice)
  })
})

describe('an archive that was written', () => {
  it('opens to just what went out', () => expect(archiveProblem(writeArchive(world))).toBeNull())
  it('is not called good where it would not open again, and says where', () => {
    const bad = { ...world, box: { ...world.box, lures: [{ ...lure, lengthM: 9 }, ...others] } }
    expect(archiveProblem(writeArchive(bad))).toMatchObject({
      code: 'not-back',
      place: `box › lures[0] “${lure.name}” › lengthM`,
    })
    const lossy = writeArchive(world).replace('"notes": ""', '"notes": "",  "count": 1')
    expect(archiveProblem(lossy)).not.toBeNull()
  })
})
