import { expect, it } from 'vitest'
import type { Rig, RigWater } from '../../../core/tackle'
import { demoWorld } from '../../../core/demo/world'
import { DAY, choose, mountScreen, openWorld, press, type } from '~/testing/mount'
import RigForm from './RigForm.vue'

const OPEN = {
  headId: null,
  hookId: null,
  sinkerId: null,
  trailerId: null,
  terminalId: null,
  leaderId: null,
  weakLinkN: null,
  stinger: false,
  further: [],
  notes: '',
}
const BAD: readonly (Partial<Rig> & { lure: string; type: Rig['type']; lineId: string; rodId: string })[] = [
  { type: 'head', lure: 'Waglet Slim 75', headId: 'head-swim-21', lineId: 'line-braid-08', rodId: 'rod-reedling' },
  {
    type: 'texas-pegged',
    lure: 'Plainstick 125',
    hookId: 'hook-offset-4',
    sinkerId: 'bullet-5',
    lineId: 'line-braid-13',
    rodId: 'rod-tern',
  },
  { type: 'direct', lure: 'Nimbletwig 90', lineId: 'line-mono-36', rodId: 'rod-oakstave' },
  {
    type: 'snap-swivel',
    lure: 'Flimsy 5',
    terminalId: 'ball-bearing-l',
    lineId: 'line-braid-08',
    rodId: 'rod-reedling',
  },
  { type: 'trolled-keel', lure: 'Pirrip 12', lineId: 'line-braid-19', rodId: 'rod-longarm' },
  {
    type: 'three-way',
    lure: 'Nimbletwig 75',
    sinkerId: 'dropper-20',
    terminalId: 'three-way-m',
    weakLinkN: 200,
    lineId: 'line-braid-13',
    rodId: 'rod-longarm',
  },
  {
    type: 'jig-trailer',
    lure: 'Shudderkin 14',
    trailerId: 'trailer-craw',
    leaderId: 'leader-fluoro-80',
    lineId: 'line-fluoro-26',
    rodId: 'rod-sapling',
  },
  {
    type: 'spinnerbait-trailer',
    lure: 'Grumblewing 10',
    trailerId: 'trailer-split',
    stinger: true,
    lineId: 'line-braid-23',
    rodId: 'rod-oakstave',
  },
  { type: 'umbrella', lure: 'Fivefold 220', terminalId: 'snap-s', lineId: 'line-braid-30', rodId: 'rod-barge' },
  { type: 'direct', lure: 'Skimming 90', lineId: 'line-braid-30', rodId: 'rod-sway' },
  { type: 'direct', lure: 'Leafwhisper 40', lineId: 'line-braid-13', rodId: 'rod-longarm' },
  { type: 'head', lure: 'Waglet Rib 95', headId: 'head-spin-7', lineId: 'line-braid-13', rodId: 'rod-tern' },
  { type: 'snap', lure: 'Dollop 7', terminalId: 'snap-l', lineId: 'line-braid-08', rodId: 'rod-reedling' },
]

const TIMBER: RigWater = {
  cover: { kind: 'timber', density: 0.8 },
  depthM: 4,
  visibilityM: 2,
  mood: 'active',
  toothed: 'Pike',
}
const world = demoWorld(DAY)
const RIGS = BAD.map(({ lure, ...over }, i): Rig => ({
  ...OPEN,
  id: `bad-${i}`,
  name: `Rig ${i}`,
  lureId: world.box.lures.find((l) => l.name === lure)?.id ?? null,
  ...over,
}))

it('at least 15 kinds of joints are seen judged in the builder, most of them warned of', async () => {
  await openWorld(world)
  const seen = new Set<string>()
  const warned = new Set<string>()
  for (const rig of RIGS) {
    const { body } = await mountScreen(RigForm, { rig, adding: false, water: TIMBER })
    const joints = [...body.querySelectorAll<HTMLElement>('[data-joint]')]
    expect(joints.length).toBeGreaterThan(0)
    for (const { dataset } of joints) {
      seen.add(dataset.joint ?? '')
      if (dataset.verdict !== 'good') warned.add(dataset.joint ?? '')
    }
  }
  expect(seen.size).toBeGreaterThanOrEqual(20)
  expect(warned.size).toBeGreaterThanOrEqual(15)
  expect([...warned]).toEqual(
    expect.arrayContaining([
      'hook-body',
      'treble-tip',
      'point-cover',
      'twist',
      'weak-link',
      'stinger-cover',
      'hook-count',
      'jig-rod',
      'teeth',
    ]),
  )
})

it('a rig is saved as it is drawn, and not without a name', async () => {
  const box = await openWorld(world)
  const rig = box.box.rigs[0]
  const { screen, body, emitted } = await mountScreen(RigForm, { rig, adding: false, water: TIMBER })
  await type(body, 'Name', ' ')
  await press(body, 'Save')
  expect(emitted('save')).toEqual([])
  await type(body, 'Name', 'Sunk birches')
  await choose(screen, 'Rod', 'rod-tern')
  await press(body, 'Save')
  expect(emitted('save')).toEqual([[{ ...rig, name: 'Sunk birches', rodId: 'rod-tern' }]])
})
