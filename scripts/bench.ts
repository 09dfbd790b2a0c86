/**
 * Speed as ratios in one run, and what the hand feels: the closed-form line against the general ODE library, the ranking of the demo box, and
 * frames while a grip is dragged in the browser. No test depends on these; machines are slow and noisy.
 */
import { chromium } from '@playwright/test'
import { spawn } from 'node:child_process'
import { benchFor, rank } from '../core/match'
import { depthOnLine } from '../core/motion'
import { solveOde } from '../core/testing/ode.mjs'
import { demoWorld } from '../core/demo/world'
import { CHROMIUM, ROOT, ensureBrowser, ensureBuild } from './setup.mjs'

const median = (xs: number[]) => [...xs].sort((a, b) => a - b)[Math.floor(xs.length / 2)] ?? NaN
function times(count: number, run: () => void): number[] {
  return Array.from({ length: count }, () => {
    const from = performance.now()
    run()
    return performance.now() - from
  })
}

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

function ranking() {
  const world = demoWorld('2026-06-12')
  for (const water of world.waters) {
    const place = world.places.find((p) => p.id === water.placeId)
    if (!place) continue
    const all = times(25, () => void rank(world.box, benchFor(water, place, world.box, { schools: {} }), 12))
    console.log(
      `ranking ${world.box.lures.length} lures, ${water.placeId}: first ${all[0]?.toFixed(0)} ms, then median ${median(all.slice(5)).toFixed(0)} ms`,
    )
  }
}

async function dragging() {
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
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
    await page.clock.setFixedTime(new Date('2026-06-12T10:00:00'))
    await page.goto(`http://127.0.0.1:${port}/`)
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
    // As text: the runner's own helpers do not exist in the page.
    await page.evaluate(
      'window.frames_ = []; const tick = (t) => { window.frames_.push(t); requestAnimationFrame(tick) }; requestAnimationFrame(tick)',
    )
    await drag(240)
    await page.mouse.up()
    const frames = (await page.evaluate('window.frames_')) as number[]
    const gaps = frames.slice(1).map((t, i) => t - (frames[i] ?? t))
    const seconds = ((frames[frames.length - 1] ?? 0) - (frames[0] ?? 0)) / 1000
    const words = await page.getByText(/lures weighed in/).innerText()
    console.log(
      `dragging the zone: ${(gaps.length / seconds).toFixed(1)} frames a second over ${seconds.toFixed(1)} s, 95 % of gaps under ${[...gaps].sort((a, b) => a - b)[Math.floor(gaps.length * 0.95)]?.toFixed(0)} ms; in the worker: ${words}`,
    )
  } finally {
    await browser.close()
    server.kill()
  }
}

lineAgainstOde()
ranking()
await dragging()
