import { expect, it } from 'vitest'
import { RIG_TYPES, rigParts, rigTypeOf } from '../../../core/tackle'
import { WORLD } from '../../../testing/world'
import { fitted, judgeRigDraft, luresFor, newRig, openJoints, partsFor } from './rig-draft'

const { box } = WORLD
const rig = newRig('x', box.lines[0]?.id ?? null, box.rods[0]?.id ?? null)

it('every way offers lures of the demo, and a part for each of its needs', () => {
  for (const type of RIG_TYPES) {
    expect([type.id, luresFor(type, box).length > 0]).toEqual([type.id, true])
    for (const need of type.needs)
      expect([type.id, need, partsFor(need, type, box).length > 0]).toEqual([type.id, need, true])
  }
})
it('another way drops what it has no use for, and keeps what it has', () => {
  const body = luresFor(rigTypeOf('texas-pegged'), box).find((l) => l.family === 'stick-worm')
  const texas = {
    ...rig,
    type: 'texas-pegged' as const,
    lureId: body?.id ?? null,
    hookId: 'hook-offset-4',
    sinkerId: 'bullet-5',
  }
  expect(fitted(texas, box)).toEqual(texas)
  expect(fitted({ ...texas, type: 'wacky' }, box)).toMatchObject({ lureId: body?.id, hookId: null, sinkerId: null })
  expect(fitted({ ...texas, type: 'snap' }, box)).toMatchObject({ lureId: null, hookId: null })
  expect(fitted({ ...texas, weakLinkN: 20, stinger: true }, box)).toMatchObject({ weakLinkN: null, stinger: false })
})
it('open joints are named until they are closed', () => {
  expect(openJoints(rigParts({ ...rig, type: 'carolina' }, box))).toEqual(['lure', 'hook', 'weight', 'snap or swivel'])
  const saved = box.rigs[0]
  if (!saved) throw new Error('no rig')
  expect(openJoints(rigParts(saved, box))).toEqual([])
})
it('a rig without a name is not kept', () => {
  expect(judgeRigDraft({ ...rig, name: '  ' })).toEqual({
    ok: false,
    problems: { name: 'Give it a name of at most 80 letters.' },
  })
  expect(judgeRigDraft({ ...rig, name: 'Well' }).ok).toBe(true)
})
