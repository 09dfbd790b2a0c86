/**
 * Speed as ratios in one run, and what the hand feels: the closed-form line against the general ODE library, the ranking of the demo box, a
 * large spreadsheet, and frames while a grip is dragged and 5,000 lures are scrolled in the browser. No test depends on these; machines are slow and noisy.
 */
import { chromium, type Page } from '@playwright/test'
import { spawn } from 'node:child_process'
import { guessColumns, planImport, readSheet } from '../core/exchange'
import { createMatchContext, rank, rankSteps } from '../core/match'
import { profileFromTests } from '../core/bench'
import { depthOnLine } from '../core/motion'
import { lineTable, pathCosts } from './line-bench'
import { median, times } from './timing'
import { solveOde } from '../testing/ode'
import { lakeDays, ratioText, takesOf, takesRatio } from '../testing/lake-days'
import { kitDay, ONE_WATER, SEVERAL_WATERS, type DayType, type KitBy } from '../testing/kit-days'
import { itemAt } from '../core/list'
import { largeKit, plansFromWater } from './kit-bench'
import { firstVisit } from './load-bench'
import { messySheet } from '../testing/sheet'
import type { Lure } from '../core/tackle'
import { EMPTY_BOX } from '../core/box'
import { manyLures } from '../testing/many-lures'
import { demoWorld } from '../core/demo/world'
import { CHROMIUM, ROOT, ensureBrowser, ensureBuild } from './setup.mjs'

function lineAgainstOde() {
  const k = 0.3
  const slope = (_: number, [p = 0]: number[]) => [-k * Math.sin(p) ** 2, Math.sin(p), Math.cos(p)]
  const many = 1000
  const ode = median(times(21, () => void solveOde(slope, 0, [0.9, 0, 0], 10)))
  const closed = median(
    times(21, () => {
      for (let i = 0; i < many; i++) depthOnLine(k, 0.79 + i * 1e-6, 10)
    }),
  )
  console.log(`line of 10 m: closed form ${Math.round(ode / (closed / many))} × as fast as the general ODE library`)
}

/** What the bench's own sums take. */
function fits() {
  const world = demoWorld('2026-06-12')
  const tested = world.box.lures.filter((l) => world.box.tests.some((t) => t.lureId === l.id))
  const plain = median(times(9, () => void JSON.parse(JSON.stringify(world.box.tests))))
  const all = times(9, () => tested.forEach((l) => void profileFromTests(l, world.box.tests)))
  console.log(
    `fitting ${tested.length} tested lures: first ${all[0]?.toFixed(0)} ms, then median ${median(all).toFixed(0)} ms, ${(median(all) / plain).toFixed(0)} × the time of one plain pass over the same tests`,
  )
}

function ranking() {
  const world = demoWorld('2026-06-12')
  for (const water of world.waters) {
    const place = world.places.find((p) => p.id === water.placeId)
    if (!place) continue
    const all = times(25, () => void rank(world.box, createMatchContext(water, place, world.box, { sides: {} }), 12))
    console.log(
      `ranking ${world.box.lures.length} lures, ${water.placeId}: first ${all[0]?.toFixed(0)} ms, then median ${median(all.slice(5)).toFixed(0)} ms`,
    )
  }
}

/** A box of 2,000 lures: what a ranking takes until the first rows, and in all, against one plain pass over the same lures. */
function bigBox() {
  const world = demoWorld('2026-06-12')
  const { lures } = world.box
  const many = Array.from({ length: 2000 }, (_, i) => {
    const lure = lures[i % lures.length] as Lure
    const by = 1 + 0.3 * Math.sin(i * 1.7)
    return {
      ...lure,
      id: `many-${i}`,
      name: `Many ${i}`,
      lengthM: lure.lengthM * Math.cbrt(by),
      massKg: lure.massKg * by,
    } as Lure
  })
  const box = { ...world.box, lures: many, rigs: [] }
  for (const water of world.waters) {
    const place = world.places.find((p) => p.id === water.placeId)
    if (!place) continue
    const runs = Array.from({ length: 4 }, () => {
      const from = performance.now()
      const steps = rankSteps(box, createMatchContext(water, place, box, { sides: {} }), 12)
      let first = 0
      let longest = 0
      let last = from
      for (let step = steps.next(); !step.done; step = steps.next()) {
        const now = performance.now()
        if (step.value.first) first = now - from
        longest = Math.max(longest, now - last)
        last = now
      }
      return { first, all: performance.now() - from, longest }
    })
    const plain = median(times(9, () => void JSON.parse(JSON.stringify(many))))
    const of = (key: 'first' | 'all' | 'longest') => median(runs.slice(1).map((r) => r[key]))
    console.log(
      `2,000 lures, ${water.placeId}: first rows after ${of('first').toFixed(0)} ms, all after ${of('all').toFixed(0)} ms (cold ${runs[0]?.all.toFixed(0)} ms), ${(of('all') / plain).toFixed(0)} × one plain pass; longest step ${of('longest').toFixed(0)} ms`,
    )
  }
}

/** Reading a sheet of 10,000 rows against only splitting it into cells. */
async function sheets() {
  const { text } = messySheet(10_000)
  const split = median(times(5, () => void readSheet(text)))
  const read = readSheet(text)
  if (!read.ok) throw new Error(read.problem.code)
  const { sheet } = read
  let id = 0
  const from = performance.now()
  const plan = planImport(sheet, guessColumns(sheet.headings), [], EMPTY_BOX, () => `n${++id}`)
  const took = performance.now() - from
  console.log(
    `sheet of 10,000 rows: ${plan?.added.length} lures planned in ${took.toFixed(0)} ms, ${(took / split).toFixed(1)} × the time of only splitting it into cells`,
  )
}

/** Frames of the page between two moments, a second. As text: the runner's own helpers do not exist in the page. */
const RECORD =
  'window.frames_ = []; const tick = (t) => { window.frames_.push(t); requestAnimationFrame(tick) }; requestAnimationFrame(tick)'
async function told(page: Page): Promise<string> {
  const frames = (await page.evaluate('window.frames_')) as number[]
  const gaps = frames.slice(1).map((t, i) => t - (frames[i] ?? t))
  const seconds = ((frames[frames.length - 1] ?? 0) - (frames[0] ?? 0)) / 1000
  const slow = [...gaps].sort((a, b) => a - b)[Math.floor(gaps.length * 0.95)]?.toFixed(0)
  return `${(gaps.length / seconds).toFixed(1)} frames a second over ${seconds.toFixed(1)} s, 95 % of gaps under ${slow} ms`
}

async function dragging(page: Page, base: string) {
  await page.goto(base)
  await page.locator('[data-lure]').first().waitFor()
  const grip = await page.getByRole('slider', { name: 'Top of the zone' }).boundingBox()
  if (!grip) throw new Error('no grip')
  const [x, y] = [grip.x + grip.width / 2, grip.y + grip.height / 2]
  const drag = async (count: number) => {
    for (let i = 0; i < count; i++) await page.mouse.move(x, y - 60 + 60 * Math.cos(i / 12))
  }
  await page.mouse.move(x, y)
  await page.mouse.down()
  await drag(120)
  await page.evaluate(RECORD)
  await drag(240)
  await page.mouse.up()
  const words = await page.getByText(/lures compared in/).innerText()
  console.log(`dragging the zone: ${await told(page)}; in the worker: ${words}`)
}

/** A plan being worked out, and the kit under the hand once it stands. */
async function planning(page: Page, base: string) {
  await page.goto(`${base}plan`)
  await page.getByRole('button', { name: 'Work it out' }).click()
  const from = performance.now()
  await page.locator('[data-block]').first().waitFor({ timeout: 240_000 })
  const first = performance.now() - from
  await page.evaluate(RECORD)
  await page.getByText(/^No kit of/).waitFor({ timeout: 240_000 })
  console.log(
    `a plan of the demo box: first kit after ${(first / 1000).toFixed(1)} s, proven after ${((performance.now() - from) / 1000).toFixed(1)} s; meanwhile ${await told(page)}`,
  )
  const slider = page.getByRole('slider', { name: 'How many lures' })
  await slider.focus()
  await page.evaluate(RECORD)
  for (let i = 0; i < 60; i++) {
    await page.keyboard.press(i % 20 < 10 ? 'ArrowRight' : 'ArrowLeft')
    await page.waitForTimeout(30)
  }
  console.log(`how many lures, moved: ${await told(page)}`)
}

async function scrolling(page: Page, base: string) {
  await page.goto(`${base}box`)
  await page.getByLabel('Archive to import').setInputFiles({
    name: 'many.json',
    mimeType: 'application/json',
    buffer: Buffer.from(manyLures(5000)),
  })
  await page.getByRole('button', { name: 'Replace everything' }).click()
  await page.getByText(/5000 lures in/).waitFor()
  for (const view of ['Trays', 'Families', 'Table']) {
    await page.getByRole('button', { name: view, exact: true }).click()
    await page.locator('[data-lure], [data-row]').first().waitFor()
    await page.mouse.move(640, 600)
    await page.evaluate(RECORD)
    for (let i = 0; i < 120; i++) await page.mouse.wheel(0, 180)
    console.log(`5,000 lures, ${view.toLowerCase()} scrolled: ${await told(page)}`)
  }
}

/** A box of 2,000 lures ranked in the worker while the zone is dragged: first rows, the whole, and frames meanwhile. */
async function bigBoxDragged(page: Page, base: string) {
  await page.goto(`${base}box`)
  await page.getByLabel('Archive to import').setInputFiles({
    name: 'many.json',
    mimeType: 'application/json',
    buffer: Buffer.from(manyLures(2000)),
  })
  await page.getByRole('button', { name: 'Replace everything' }).click()
  await page.getByText(/2000 lures in/).waitFor()
  await page.getByRole('link', { name: 'Match', exact: true }).click()
  await page.getByText(/2000 lures compared in \d+ ms/).waitFor({ timeout: 60_000 })
  const grip = await page.getByRole('slider', { name: 'Top of the zone' }).boundingBox()
  if (!grip) throw new Error('no grip')
  const [x, y] = [grip.x + grip.width / 2, grip.y + grip.height / 2]
  await page.mouse.move(x, y)
  await page.mouse.down()
  await page.evaluate(RECORD)
  for (let i = 0; i < 240; i++) await page.mouse.move(x, y - 60 + 60 * Math.cos(i / 12))
  const frames = await told(page)
  await page.mouse.up()
  await page.getByRole('progressbar').waitFor({ state: 'hidden', timeout: 30_000 })
  const said = await page.getByText(/2000 lures compared/).textContent()
  console.log(`2,000 lures, the zone dragged: ${frames}; afterwards ${said?.replace(/\s+/g, ' ').trim()}`)
}

async function inBrowser() {
  ensureBrowser()
  ensureBuild()
  const port = '4398'
  const server = spawn(process.execPath, ['.output/server/index.mjs'], {
    cwd: ROOT,
    env: { ...process.env, PORT: port, HOST: '127.0.0.1' },
  })
  await new Promise<void>((resolve) => server.stdout.once('data', () => resolve()))
  const browser = await chromium.launch({ executablePath: CHROMIUM, args: ['--no-sandbox', '--disable-gpu'] })
  try {
    await firstVisit(browser, `http://127.0.0.1:${port}/`)
    if (only === 'load') return
    for (const run of [dragging, planning, bigBoxDragged, scrolling]) {
      const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
      await page.clock.setFixedTime(new Date('2026-06-12T10:00:00'))
      await run(page, `http://127.0.0.1:${port}/`)
      await page.close()
    }
  } finally {
    await browser.close()
    server.kill()
  }
}

/** What following the advice brings on 300 simulated days; the tests fish 60. */
function lake() {
  const days = lakeDays(300)
  const advised = takesOf('advised', 'marked', days)
  const say = (name: string, ratio: ReturnType<typeof takesRatio>) => console.log(`${name} = ${ratioText(ratio)}`)
  say('300 marked days, advised : first choice', takesRatio(advised, takesOf('stays', 'marked', days)))
  say('300 marked days, advised : random change', takesRatio(advised, takesOf('random', 'marked', days)))
  const mild = takesRatio(takesOf('advised', 'mild', days), takesOf('stays', 'mild', days))
  say('300 mild days, advised : first choice', mild)
}

/** Kits of as many lures on the same days: the plan's against rules of thumb; and the whole list, which no kit can be worth more than. */
function kits() {
  const days = lakeDays(300)
  const told = (name: string, types: readonly DayType[], alike = false) => {
    const at = types.map((type) => kitDay(type, { alike }))
    const takes = (by: KitBy) => days.map((seed) => itemAt(at, seed % at.length).takes(by, seed))
    const plan = takes('plan')
    for (const by of ['noon', 'families', 'legs', 'all'] as const)
      console.log(`300 days ${name}, kit of the plan : kit by ${by} = ${ratioText(takesRatio(plan, takes(by)))}`)
  }
  told('of several waters', SEVERAL_WATERS)
  told('of several waters where lures take alike but for hidden likings', SEVERAL_WATERS, true)
  told('on one water', ONE_WATER)
}

/** `npm run bench -- load` measures a first visit alone. */
const [, , only] = process.argv
if (only !== 'load') {
  lake()
  kits()
  lineAgainstOde()
  lineTable()
  pathCosts()
  fits()
  ranking()
  bigBox()
  await largeKit()
  plansFromWater()
  await sheets()
}
await inBrowser()
