import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { chromium, type FullConfig } from '@playwright/test'
import { DAY } from './open'
import { QUIET_PATH, readStored } from './stored'

/** Where the demo's storage lies for the workers of this run. */
export const DEMO_FILE = 'YGRION_DEMO_FILE'

/** The demo is made once, by the application itself on a first visit; each test is then handed its storage. */
export default async function seedDemo(config: FullConfig): Promise<void> {
  const { baseURL, launchOptions } = config.projects[0]?.use ?? {}
  const browser = await chromium.launch(launchOptions)
  try {
    const page = await browser.newPage({ serviceWorkers: 'block' })
    await page.clock.setFixedTime(DAY)
    await page.goto(`${baseURL}/box`)
    await page.locator('[data-lure]').first().waitFor()
    await page.goto(`${baseURL}${QUIET_PATH}`)
    const file = join(mkdtempSync(join(tmpdir(), 'ygrion-demo-')), 'demo.json')
    writeFileSync(file, JSON.stringify(await readStored(page)))
    process.env[DEMO_FILE] = file
  } finally {
    await browser.close()
  }
}
