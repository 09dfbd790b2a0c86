import { readFile } from 'node:fs/promises'
import { expect, test } from './browser'
import { DAY, DEMO_LURES, open, ranking } from './open'

const DATABASE = 'ygrion'

test.describe('on a first visit without a database', () => {
  test.use({ firstVisit: true, ownContext: true })
  for (const [how, script] of [
    ['missing', "Object.defineProperty(window, 'indexedDB', { value: undefined })"],
    [
      'forbidden to be asked for, on an origin that is not secure',
      "Object.defineProperty(window, 'indexedDB', { configurable: true, get() { throw new DOMException('no', 'SecurityError') } }); delete Crypto.prototype.randomUUID",
    ],
    ['denied', "IDBFactory.prototype.open = () => { throw new DOMException('no', 'SecurityError') }"],
  ] as const)
    test(`${how}: the page works in memory, says so, and can be exported`, async ({ page }) => {
      await page.addInitScript(script)
      await open(page)
      await expect(ranking(page).first()).toBeVisible()
      const kept = page.getByRole('complementary', { name: 'Nothing is kept here.' })
      await expect(kept).toBeVisible()
      const [download] = await Promise.all([
        page.waitForEvent('download'),
        kept.getByRole('button', { name: 'Export to a file' }).click(),
      ])
      expect(JSON.parse(await readFile(await download.path(), 'utf8')).box.lures).toHaveLength(DEMO_LURES)
    })
})

test.describe('with a database that does not do its work', () => {
  test.use({ ownContext: true })
  test('one that never answers is told of, and the page goes on without it', async ({ page }) => {
    await page.addInitScript('IDBFactory.prototype.open = () => ({ addEventListener() {} })')
    await page.clock.install({ time: DAY })
    await page.goto('/')
    await expect(page.getByText('Opening the box')).toBeVisible()
    await page.clock.runFor(11_000)
    await expect(page.getByRole('heading', { name: 'The box has not opened yet' })).toBeVisible()
    await page.getByRole('button', { name: 'Go on' }).click()
    await page.clock.runFor(5000)
    await expect(page.getByText('Nothing is kept here.')).toBeVisible()
    await expect(ranking(page).first()).toBeVisible()
  })
  test('one of a newer version is left alone, and all that can be read of it goes into a file', async ({ page }) => {
    await page.goto('/icon.svg')
    await page.evaluate(
      (name) =>
        new Promise<void>((resolve, reject) => {
          const asked = indexedDB.open(name, 9990)
          asked.onerror = () => reject(new Error('not opened'))
          asked.onsuccess = () => {
            asked.result.close()
            resolve()
          }
        }),
      DATABASE,
    )
    await open(page, '/box')
    const rescue = page.getByRole('alert')
    await expect(rescue.getByRole('heading', { name: 'The box does not open' })).toBeVisible()
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      rescue.getByRole('button', { name: 'Save to a file' }).click(),
    ])
    expect(JSON.parse(await readFile(await download.path(), 'utf8')).box.lures).toHaveLength(DEMO_LURES)
    await expect(rescue.getByText(`Saved: ${DEMO_LURES} lures`)).toBeVisible()
  })
})

test('a row that can no longer be read is set aside and told; mended, it is back', async ({ page }) => {
  await page.goto('/icon.svg')
  await page.evaluate(
    (name) =>
      new Promise<void>((resolve, reject) => {
        const asked = indexedDB.open(name)
        asked.onsuccess = () => {
          const db = asked.result
          const work = db.transaction(['places', 'lures'], 'readwrite')
          const places = work.objectStore('places')
          const get = places.getAll()
          get.onsuccess = () => places.put({ ...get.result[0], name: 'Hollow Mere '.repeat(20) })
          work.objectStore('lures').put({ id: 'half', name: 'Half a lure' })
          work.onerror = () => reject(new Error('not written'))
          work.oncomplete = () => {
            db.close()
            resolve()
          }
        }
      }),
    DATABASE,
  )
  await open(page, '/water/places')
  await expect(page.getByRole('alert')).toContainText('2 entries could not be read')
  await page.getByRole('link', { name: 'Look at them' }).click()
  const unread = page.getByRole('region', { name: 'Could not be read' })
  const place = unread.getByRole('listitem').filter({ hasText: 'Hollow Mere' })
  await expect(place).toContainText('is too long')
  await place.getByLabel('What the name should be').fill('Hollow Mere')
  await place.getByRole('button', { name: 'Try again' }).click()
  await expect(place).toBeHidden()
  await unread.getByRole('button', { name: 'Throw away' }).click()
  await expect(unread).toBeHidden()
  await page.getByRole('link', { name: 'Water', exact: true }).click()
  await page.getByRole('link', { name: 'Places' }).click()
  await expect(page.getByText('Hollow Mere').first()).toBeVisible()
})
