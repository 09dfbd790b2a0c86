/** Refreshes docs/screenshots from the demo data on a fixed June morning. */
import { spawn } from 'node:child_process'
import { mkdirSync } from 'node:fs'
import { join } from 'node:path'
import { CHROMIUM, ROOT, ensureBrowser, ensureBuild, ensurePackages } from './setup.mjs'

ensurePackages()
ensureBrowser()
ensureBuild()
const { chromium } = await import('@playwright/test')
const port = '4397'
const server = spawn(process.execPath, ['.output/server/index.mjs'], {
  cwd: ROOT,
  env: { ...process.env, PORT: port, HOST: '127.0.0.1' },
})
await new Promise((resolve) => server.stdout.once('data', resolve))
const browser = await chromium.launch({ executablePath: CHROMIUM, args: ['--no-sandbox', '--disable-gpu'] })
const folder = join(ROOT, 'docs/screenshots')
mkdirSync(folder, { recursive: true })

const DESK = { width: 1280, height: 800 }
const PHONE = { width: 390, height: 844 }
const SHOTS = [
  { name: 'match', path: '/', size: DESK },
  { name: 'water', path: '/water', size: DESK },
  { name: 'box', path: '/box', size: DESK },
  { name: 'lure-form', path: '/box', size: DESK, then: (page) => page.locator('[data-lure="Nimbletwig 110"]').click() },
  { name: 'parts', path: '/box/parts', size: DESK },
  {
    name: 'match-night',
    path: '/',
    size: DESK,
    then: (page) => page.getByRole('button', { name: 'Night colours' }).click(),
  },
  { name: 'match-phone', path: '/', size: PHONE },
  { name: 'box-phone', path: '/box', size: PHONE },
]
for (const { name, path, size, then } of SHOTS) {
  const page = await browser.newPage({ viewport: size })
  await page.clock.setFixedTime(new Date('2026-06-12T10:00:00'))
  await page.goto(`http://127.0.0.1:${port}${path}`)
  await page.locator('[data-lure], [data-part]').first().waitFor()
  await then?.(page)
  await page.evaluate(() => document.fonts.ready)
  // The lift is worked out once the water has stood still; wait for it where it is shown.
  if (path === '/') await page.getByText('Lift it most:').waitFor()
  await page.evaluate(() => new Promise((resolve) => setTimeout(resolve, 600)))
  await page.screenshot({ path: join(folder, `${name}.png`) })
  await page.close()
}
await browser.close()
server.kill()
