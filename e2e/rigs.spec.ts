import { expect, test, type Page } from './browser'
import { writeArchive } from '../core/exchange'
import { demoWorld } from '../core/demo/world'
import type { Rig } from '../core/tackle'
import { choose, open, rankedNames } from './open'

const joint = (page: Page, id: string) => page.getByRole('dialog').locator(`[data-joint="${id}"]`)

test('a rig is built part by part; every joint answers at once, with its reason', async ({ page }) => {
  await open(page, '/box/rigs')
  await page.getByRole('button', { name: 'Build a rig' }).click()
  const form = page.getByRole('dialog')
  await expect(form.getByText(/Still open: lure/)).toBeVisible()
  await choose(page, 'Way of rigging', 'Jig with a trailer')
  await form.getByRole('combobox', { name: /Lure or body/ }).fill('Shudderkin 10')
  await page.getByRole('option', { name: 'Shudderkin 10' }).click()
  await choose(page, 'Trailer', 'Kicking craw 70')
  await expect(joint(page, 'bladed-trailer')).toHaveAttribute('data-verdict', 'wrong')
  await expect(joint(page, 'bladed-trailer')).toContainText('deadens a bladed jig. A split tail')
  await choose(page, 'Trailer', 'Split tail 75')
  await expect(joint(page, 'bladed-trailer')).toHaveAttribute('data-verdict', 'good')
  await choose(page, 'Line', 'Braid 0.23 on Brisk 73')
  await choose(page, 'Rod', 'Reedling 2–10')
  await expect(joint(page, 'reel-rod')).toContainText('A casting reel does not sit on a spinning rod.')
  await choose(page, 'Rod', 'Oakstave 10–40')
  await expect(joint(page, 'reel-rod')).toHaveAttribute('data-verdict', 'good')
  await form.getByRole('button', { name: 'Add to the box' }).click()
  await expect(form.getByText('Give it a name').first()).toBeVisible()
  await form.getByLabel('Name').fill('Grass tops')
  await form.getByRole('button', { name: 'Add to the box' }).click()
  await expect(page.locator('[data-rig="Grass tops"]')).toBeVisible()
  await page.getByRole('link', { name: 'Match', exact: true }).click()
  await rankedNames(page)
  const tied = page.getByRole('region', { name: 'Tied already' })
  const mine = tied.getByRole('button', { name: /Grass tops/ })
  await mine.click()
  await expect(mine).toHaveAttribute('aria-pressed', 'true')
  await expect(page.getByRole('heading', { level: 2, name: 'Shudderkin 10' })).toBeVisible()
  await expect(page.locator('.rigline')).toContainText('Oakstave 10–40')
})

/** Rigs of the demo's parts, most of them badly joined. */
const OPEN = {
  headId: null,
  hookId: null,
  sinkerId: null,
  trailerId: null,
  terminalId: null,
  leaderId: null,
  weakLinkN: null,
  stinger: false,
  notes: '',
}
const BAD: readonly (Partial<Rig> & { lure: string; way: Rig['way']; lineId: string; rodId: string })[] = [
  { way: 'head', lure: 'Waglet Slim 75', headId: 'head-swim-21', lineId: 'line-braid-08', rodId: 'rod-reedling' },
  {
    way: 'texas-pegged',
    lure: 'Plainstick 125',
    hookId: 'hook-offset-4',
    sinkerId: 'bullet-5',
    lineId: 'line-braid-13',
    rodId: 'rod-tern',
  },
  { way: 'direct', lure: 'Nimbletwig 90', lineId: 'line-mono-36', rodId: 'rod-oakstave' },
  {
    way: 'snap-swivel',
    lure: 'Flimsy 5',
    terminalId: 'ball-bearing-l',
    lineId: 'line-braid-08',
    rodId: 'rod-reedling',
  },
  { way: 'trolled-keel', lure: 'Pirrip 12', lineId: 'line-braid-19', rodId: 'rod-longarm' },
  {
    way: 'three-way',
    lure: 'Nimbletwig 75',
    sinkerId: 'dropper-20',
    terminalId: 'three-way-m',
    weakLinkN: 200,
    lineId: 'line-braid-13',
    rodId: 'rod-longarm',
  },
  {
    way: 'jig-trailer',
    lure: 'Shudderkin 14',
    trailerId: 'trailer-craw',
    leaderId: 'leader-fluoro-80',
    lineId: 'line-fluoro-26',
    rodId: 'rod-sapling',
  },
  {
    way: 'spinnerbait-trailer',
    lure: 'Grumblewing 10',
    trailerId: 'trailer-split',
    stinger: true,
    lineId: 'line-braid-23',
    rodId: 'rod-oakstave',
  },
  { way: 'umbrella', lure: 'Fivefold 220', terminalId: 'snap-s', lineId: 'line-braid-30', rodId: 'rod-barge' },
  { way: 'direct', lure: 'Skimming 90', lineId: 'line-braid-30', rodId: 'rod-sway' },
  { way: 'direct', lure: 'Leafwhisper 40', lineId: 'line-braid-13', rodId: 'rod-longarm' },
  { way: 'head', lure: 'Waglet Rib 95', headId: 'head-spin-7', lineId: 'line-braid-13', rodId: 'rod-tern' },
  { way: 'snap', lure: 'Dollop 7', terminalId: 'snap-l', lineId: 'line-braid-08', rodId: 'rod-reedling' },
]

test('at least 15 kinds of joints are seen judged in the builder, most of them warned of', async ({ page }) => {
  const world = demoWorld('2026-06-12')
  const rigs = BAD.map(({ lure, ...over }, i): Rig => ({
    ...OPEN,
    id: `bad-${i}`,
    name: `Rig ${i}`,
    lureId: world.box.lures.find((l) => l.name === lure)?.id ?? null,
    ...over,
  }))
  await open(page, '/box')
  await page.getByLabel('Archive to import').setInputFiles({
    name: 'rigs.json',
    mimeType: 'application/json',
    buffer: Buffer.from(writeArchive({ ...world, box: { ...world.box, rigs } })),
  })
  await page.getByRole('link', { name: 'Water', exact: true }).click()
  await choose(page, 'Target', 'Pike')
  await page.getByRole('link', { name: 'Box', exact: true }).click()
  await page.getByRole('link', { name: 'Rigs', exact: true }).click()
  await choose(page, 'Judge for cover', 'Timber')
  const seen = new Set<string>()
  const warned = new Set<string>()
  const dialog = page.getByRole('dialog')
  for (const rig of rigs) {
    await page.locator(`[data-rig="${rig.name}"]`).click()
    await expect(dialog.locator('[data-joint]').first()).toBeVisible()
    for (const one of await dialog.locator('[data-joint]').all()) {
      const [id, verdict] = [await one.getAttribute('data-joint'), await one.getAttribute('data-verdict')]
      seen.add(id ?? '')
      if (verdict !== 'good') warned.add(id ?? '')
    }
    await dialog.getByRole('button', { name: 'Cancel' }).click()
    await expect(dialog).toBeHidden()
  }
  expect([...seen].sort().length).toBeGreaterThanOrEqual(20)
  expect([...warned].sort().length).toBeGreaterThanOrEqual(15)
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
