import { spawn } from 'node:child_process'
import { once } from 'node:events'
import { mkdtemp, rm } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { chromium, type Page } from '@playwright/test'
import { BROWSER_ARGS, CHROMIUM } from '../scripts/setup.mjs'

export interface MortalBrowser {
  newPage(): Promise<Page>
  /** The process in which a page runs ends at once; the browser stays. */
  crashPage(page: Page): Promise<void>
  /** The whole browser is killed: it is many processes. */
  kill(): Promise<void>
}

/** A browser on a profile that outlives it, and that can be killed outright. */
export async function mortalBrowser(profile: string): Promise<MortalBrowser> {
  const child = spawn(
    CHROMIUM,
    [
      ...BROWSER_ARGS,
      '--remote-debugging-port=0',
      `--user-data-dir=${profile}`,
      '--window-size=390,844',
      'about:blank',
    ],
    { detached: true, stdio: ['ignore', 'ignore', 'pipe'] },
  )
  const endpoint = await new Promise<string>((resolve, reject) => {
    let output = ''
    child.stderr.on('data', (part: Buffer) => {
      output += String(part)
      const found = /DevTools listening on (ws:\S+)/.exec(output)
      if (found?.[1]) resolve(found[1])
    })
    child.on('exit', () => reject(new Error(`the browser ended: ${output.slice(-300)}`)))
  })
  const browser = await chromium.connectOverCDP(endpoint)
  const [context] = browser.contexts()
  if (!context) throw new Error('no context')
  return {
    newPage: () => context.newPage(),
    async crashPage(page) {
      const session = await context.newCDPSession(page)
      const crashed = page.waitForEvent('crash')
      // Its answer never comes: the process is gone.
      session.send('Page.crash').catch(() => undefined)
      await crashed
      await page.close()
    },
    async kill() {
      const gone = once(child, 'exit')
      process.kill(-(child.pid ?? 0), 'SIGKILL')
      await gone
      await browser.close().catch(() => undefined)
    },
  }
}

/** A profile in a folder of its own, removed afterwards. */
export async function withProfile<T>(use: (profile: string) => Promise<T>): Promise<T> {
  const profile = await mkdtemp(join(tmpdir(), 'ygrion-profile-'))
  try {
    return await use(profile)
  } finally {
    await rm(profile, { recursive: true, force: true, maxRetries: 5 })
  }
}
