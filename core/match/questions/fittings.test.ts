import { describe, expect, it } from 'vitest'

import { checkRig, rigTypeOf, type Terminal } from '../../tackle'
import { PLACE, WORLD, water } from '../../../testing/world'
import { createMatchContext } from '../against'
import { bestOf } from '../tuned'
import { fittingFor } from './fittings'

/** What goes between line and lure (common practice): turning lures on a swivel, trolled ones behind a keel, plugs on a snap, thick spoons tied direct. */

const { box } = WORLD
function fitted(family: string, terminals: readonly Terminal[] = box.terminals, over: object = {}) {
  const context = createMatchContext(water({ speciesId: 'brown-trout', ...over }), PLACE, box, { sides: {} })
  const lure = box.lures.find((l) => l.family === family)
  const row = lure && bestOf(lure, box, context)
  if (!row) throw new Error(`no ${family}`)
  return { fitting: fittingFor(row.setUp, terminals, context), setUp: row.setUp }
}
const without = (...kinds: Terminal['kind'][]) => box.terminals.filter(({ kind }) => !kinds.includes(kind))

describe('what a lure is tied on with', () => {
  it.each([
    ['in-line-spinner', /snap-swivel|ball-bearing/],
    ['thin-spoon', /snap-swivel|ball-bearing/],
    ['crankbait', /^snap$/],
    ['jerkbait', /^snap$/],
    ['casting-spoon', /^direct$/],
  ] as const)('%s: %s', (family, wanted) => {
    const { fitting } = fitted(family)
    expect(fitting?.terminal?.kind ?? 'direct').toMatch(wanted)
    expect(fitting?.lacking).toBeNull()
  })
  it('of two that do, the lighter; what would open before the knot is left', () => {
    const { fitting, setUp } = fitted('crankbait')
    const weak = box.terminals.map((t) => (t.kind === 'snap' ? { ...t, strengthN: 5 } : t))
    const context = createMatchContext(water({ speciesId: 'brown-trout' }), PLACE, box, { sides: {} })
    expect(fitting?.terminal?.name).toBe('Fine snap')
    expect(fittingFor(setUp, weak, context)?.terminal?.kind).not.toBe('snap')
    expect(fittingFor(setUp, weak, context)?.lacking).toBe('snap')
  })
  it('what is wanted and not owned is named; an empty drawer ties direct', () => {
    expect(fitted('in-line-spinner', without('snap-swivel', 'ball-bearing')).fitting?.lacking).toMatch(/swivel|bearing/)
    expect(fitted('in-line-spinner', []).fitting).toMatchObject({ terminal: null })
    expect(fitted('casting-spoon', []).fitting).toMatchObject({ terminal: null, lacking: null })
  })
  it('a soft bait on its head, and what hangs on a three-way, have their own joints', () => {
    expect(fitted('paddle-tail', box.terminals, { speciesId: 'zander' }).fitting).toBeNull()
  })
  it('a rig saved as it is advised is never blamed for what it is tied on with', () => {
    for (const family of ['in-line-spinner', 'thin-spoon', 'crankbait', 'casting-spoon', 'spinnerbait'] as const) {
      const { fitting, setUp } = fitted(family)
      if (!fitting) throw new Error('no fitting')
      const type = fitting.terminal?.kind === 'snap' ? 'snap' : fitting.terminal ? 'snap-swivel' : 'direct'
      const { outfit, leader, build } = setUp
      const parts = {
        ...outfit,
        leader,
        lure: build.lure,
        trailer: null,
        terminal: fitting.terminal,
        type: rigTypeOf(type),
      }
      const open = { head: null, hook: null, sinker: null, weakLinkN: null, stinger: false, further: [] }
      const about = { cover: { kind: 'open', density: 0 }, depthM: 4, visibilityM: 2, mood: 'neutral', toothed: null }
      const said = checkRig({ ...parts, ...open }, about)
      for (const { id, verdict } of fitting.judged) expect(said.find((j) => j.id === id)?.verdict).toBe(verdict)
      expect(fitting.judged.filter(({ verdict }) => verdict === 'wrong')).toEqual([])
    }
  })
})
