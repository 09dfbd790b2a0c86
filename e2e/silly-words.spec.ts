import { readFileSync } from 'node:fs'
import { expect, test, type Page } from './browser'
import { WORLDS, choosing } from './odd-worlds'
import { DAY, goWithin } from './open'
import { READY } from './ready'
import { DEMO_FILE } from './seed-demo'
import { QUIET_PATH, writeStored, type Stored } from './stored'

/** Every page, with boxes of every kind, in both systems of units, by day and by night: no word that only a programmer would write. */

/** What no page says. */
const SILLY: readonly (readonly [name: string, pattern: string])[] = [
  ['not a number', '\\bNaN\\b'],
  ['undefined', '\\bundefined\\b'],
  ['null', '\\bnull\\b'],
  ['an object', '\\[object'],
  ['without end', 'Infinity|∞'],
  ['minus nothing', '[-−]0(?![.,\\d])'],
  ['camel case', '\\b[a-z]+[a-z][A-Z][a-z]+\\b'],
  ['an id', '\\bdemo-\\d{3}\\b|\\b[0-9a-f]{8}-[0-9a-f]{4}-'],
  ['two spaces', '\\S {2,}\\S'],
  ['a space before a stop', '\\w [,.;](?=\\s|$)'],
  ['two stops', '[^.]\\.\\.(?!\\.)'],
  [
    'one of many',
    '(?<![\\d.,])1 (?:rods|reels|lures|lines|leaders|rigs|places|outings|trays|hooks|heads|tests|fish es|casts|hours|days)\\b',
  ],
  ['no figure', '–\\u202f'],
]

/** What stands on the page, part by part, and what of it is silly. */
const look = (silly: typeof SILLY): string[] => {
  const faults: string[] = []
  const main = document.querySelector('main')
  if (!main?.innerText.trim()) faults.push('a blank page')
  if (document.querySelector('[role=alert] .failure, .failure[role=alert]')) faults.push('a notice of failure')
  const said = new Set<string>()
  const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT)
  for (let node = walk.nextNode(); node; node = walk.nextNode()) {
    const parent = node.parentElement
    if (!parent || parent.closest('script, style, noscript, code')) continue
    said.add((node.textContent ?? '').replace(/\s*\n\s*/g, ' ').trim())
  }
  for (const element of document.querySelectorAll('[aria-label], [title], [alt], [placeholder]'))
    for (const name of ['aria-label', 'title', 'alt', 'placeholder']) said.add(element.getAttribute(name) ?? '')
  said.add(document.title)
  for (const text of said)
    for (const [name, pattern] of silly)
      if (new RegExp(pattern, 'u').test(text)) faults.push(`${name}: “${text.slice(0, 120)}”`)
  return faults
}

/** Waits until what is on the page stands still: two looks in a row that are alike, with nothing under way. */
async function still(page: Page) {
  let before = ''
  await expect
    .poll(
      async () => {
        const now = await page.evaluate(
          () =>
            [...document.querySelectorAll<HTMLElement>('main, [role=dialog]')].map((e) => e.innerText).join() +
            document.title,
        )
        const same = now === before && now.trim() !== ''
        before = now
        return same
      },
      { intervals: [60, 120, 200, 250] },
    )
    .toBe(true)
}

/** What opens a dialog, page by page; of things in a list the first, and the first of every drawer. */
const OPENERS: Readonly<Record<string, readonly string[]>> = {
  '/box': [
    '[data-lure]',
    'button:has-text("Add a lure")',
    'button:has-text("Add a tray")',
    'button:has-text("Weigh all")',
    'button:has-text("Change the tray")',
    'button:has-text("Start an empty box")',
  ],
  '/box/parts': ['.drawer [data-part]', '.drawer header button'],
  '/box/rigs': ['[data-rig]', 'button:has-text("Build a rig")'],
  '/rules': ['button:has-text("Write a rule")'],
}
/** Opens every dialog of a page, one after another, and answers with what is silly in each. */
async function lookIntoDialogs(page: Page, path: string): Promise<string[]> {
  const found: string[] = []
  const dialog = page.getByRole('dialog')
  for (const opener of OPENERS[path] ?? []) {
    const each = opener.startsWith('.drawer ')
    const places = each ? await page.locator('.drawer').count() : 1
    for (let i = 0; i < places; i++) {
      const place = each ? page.locator('.drawer').nth(i) : page.locator('main')
      const button = place.locator(opener.replace('.drawer ', '')).first()
      if (!(await button.isVisible())) continue
      await button.click()
      await dialog.first().waitFor()
      await still(page)
      found.push(...(await page.evaluate(look, SILLY)).map((fault) => `${path} › ${opener} ${i + 1}: ${fault}`))
      await page.keyboard.press('Escape')
      await expect(dialog).toHaveCount(0)
    }
  }
  return found
}

const demoStored = (): Stored => JSON.parse(readFileSync(process.env[DEMO_FILE] ?? '', 'utf8')) as Stored

const VISITS = [
  ['demo', { system: 'metric', night: false }, 'dialogs too'],
  ['demo', { system: 'imperial', night: true }],
  ['empty', { system: 'imperial', night: false }],
  ['one lure', { system: 'metric', night: true }],
  ['odd', { system: 'metric', night: false }],
  ['odd', { system: 'imperial', night: true }, 'dialogs too'],
] as const

test.describe('no silly word', () => {
  test.use({ firstVisit: true })
  for (const [world, choices, dialogs] of VISITS)
    test(`${world}, ${choices.system}, ${choices.night ? 'by night' : 'by day'}`, async ({ page }) => {
      test.setTimeout(240_000)
      const complaints: string[] = []
      let at = ''
      page.on('console', (m) => {
        if (m.type() === 'error') complaints.push(`${at}: ${m.text().slice(0, 200)}`)
      })
      page.on('pageerror', (e) => complaints.push(`${at}: ${e.message.slice(0, 200)}`))
      await page.clock.setFixedTime(DAY)
      await page.goto(QUIET_PATH)
      const make = WORLDS[world]
      if (!make) throw new Error(`no world ${world}`)
      await writeStored(page, choosing(make(demoStored()), choices), false)
      await page.goto('/box')
      await page.locator('main h1, main h2').first().waitFor()
      const found: string[] = []
      for (const path of Object.keys(READY)) {
        at = path
        await goWithin(page, path)
        await still(page)
        found.push(...(await page.evaluate(look, SILLY)).map((fault) => `${path}: ${fault}`))
        if (dialogs) found.push(...(await lookIntoDialogs(page, path)))
      }
      expect([...found, ...complaints]).toEqual([])
    })
})
