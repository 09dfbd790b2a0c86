import 'fake-indexeddb/auto'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { writeLures } from '../../core/exchange'
import { BROKEN_ROWS, MENDED, messySheet } from '../../testing/sheet'
import { removal } from '../../storage/edits'
import { useBox } from './box'
import { useHistory } from './history'
import { repository } from './repository'
import { useSheets } from './sheets'

vi.mock('~/composables/file-work', () => import('~/testing/file-work'))
vi.mock('~/composables/useMatchWorker', () => import('~/testing/match-on-thread'))

const fail = (error: unknown) => {
  throw error
}
beforeEach(async () => {
  setActivePinia(createPinia())
  await useBox().open(fail)
  await useBox().startDemo()
  await repository.apply((await repository.read()).aside.map((a) => removal('aside', a.id)))
  await vi.waitFor(() => expect(useBox().status.state).toBe('ready'), { timeout: 30_000 })
})
const lures = async () => (await repository.read()).box.lures.length
const aside = async () => (await repository.read()).aside

async function bringIn(text: string) {
  const sheets = useSheets()
  await sheets.read('shed.csv', text)
  await sheets.plan()
  await sheets.take()
  await vi.waitFor(async () => expect(useBox().box.lures).toHaveLength(await lures()), { timeout: 30_000 })
}

describe('a spreadsheet on its way into the box', () => {
  it('good rows come in and bad ones wait, as one step back', async () => {
    const before = await repository.read()
    await bringIn(messySheet().text)
    expect(await lures()).toBe(before.box.lures.length + 295)
    expect((await aside())[0]?.rows.map((r) => r.row)).toEqual([...BROKEN_ROWS.keys()])
    expect(useSheets().stage).toMatchObject({ state: 'done', added: 295, aside: 5 })
    await useHistory().undo()
    expect(await repository.read()).toEqual(before)
  })
  it('a mended row goes into the box and no longer waits; undone, it waits again', async () => {
    await bringIn(messySheet().text)
    const many = await lures()
    for (const [row, column] of BROKEN_ROWS) {
      const from = (await aside())[0]
      const one = from?.rows.find((r) => r.row === row)
      if (!from || !one) throw new Error(`row ${row} does not wait`)
      const cells = [...one.cells]
      cells[from.mapping.indexOf(column)] = MENDED[column] ?? ''
      await useSheets().mend(from, one, cells)
    }
    expect([await lures(), await aside()]).toEqual([many + 5, []])
    await useHistory().undo()
    expect([await lures(), (await aside())[0]?.rows.length]).toEqual([many + 4, 1])
  })
  it('a row mended wrongly waits with what is wrong now', async () => {
    await bringIn(messySheet(60).text)
    const [from] = await aside()
    const [one] = from?.rows ?? []
    if (!from || !one) throw new Error('nothing waits')
    const cells = [...one.cells]
    cells[from.mapping.indexOf('weight')] = '5 furlongs'
    await useSheets().mend(from, one, cells)
    expect((await aside())[0]?.rows[0]?.problems[0]?.problem).toMatchObject({ code: 'unknown-unit', text: 'furlongs' })
  })
  it('rows thrown away can be had back', async () => {
    await bringIn(messySheet(70).text)
    const [from] = await aside()
    if (!from) throw new Error('nothing waits')
    await useSheets().drop(from, null)
    expect(await aside()).toEqual([])
    await useHistory().undo()
    expect(await aside()).toEqual([from])
  })
  it('one’s own export changes nothing and is no step', async () => {
    const steps = useHistory().steps.length
    const before = await repository.read()
    await bringIn(writeLures(before.box))
    expect(useSheets().stage).toMatchObject({ state: 'done', added: 0, changed: 0, same: before.box.lures.length })
    expect(useHistory().steps).toHaveLength(steps)
    expect(await repository.read()).toEqual(before)
  })
  it('a column of ours stands over one of theirs only', async () => {
    const sheets = useSheets()
    await sheets.read('x.csv', 'A,B\n1,2')
    sheets.map(0, 'name')
    sheets.map(1, 'name')
    expect(sheets.stage).toMatchObject({ state: 'mapping', mapping: [null, 'name'] })
    sheets.close()
    expect(sheets.stage.state).toBe('idle')
  })
  it('what is no sheet is refused, and the columns can be gone back to', async () => {
    const sheets = useSheets()
    await sheets.read('x.csv', '')
    expect(sheets.stage).toMatchObject({ state: 'refused', problem: { code: 'no-rows' } })
    await sheets.read('x.csv', 'Name,Family\nA,Crankbait')
    await sheets.plan()
    expect(sheets.stage.state).toBe('planned')
    sheets.again()
    expect(sheets.stage.state).toBe('mapping')
  })
})
