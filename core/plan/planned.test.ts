import { beforeAll, describe, expect, it } from 'vitest'
import type { Box } from '../box'
import { USUAL_PRACTICE, lawBroken, rulesFor } from '../match'
import { rejectionReason } from '../match/possible'
import { WORLD } from '../../testing/world'
import { speciesOf, type Conditions } from '../water'
import { chooseKit } from './choose'
import { proveKit } from './prove'
import { layOut, withLocked } from './day-plan'
import { kitValue } from './kit-problem'
import { afterTried } from './learn'
import { packingOf } from './packing'
import { partsOf } from './outfit-sets'
import { Plan, Planned } from './plan'
import { problemOf, tableSteps, type WorthTable } from './table'

/** A day planned whole, with a box of few lures: what is held here holds for every plan. */

const place = WORLD.places.find((p) => p.id === 'quillskar')
const like = WORLD.waters.find((w) => w.placeId === 'quillskar') as Conditions | undefined
if (!place || !like) throw new Error('no sea in the demo')
// Every sixth lure, and what is needed to hook it.
const BOX: Box = { ...WORLD.box, lures: WORLD.box.lures.filter((_, i) => i % 6 === 0), rigs: [], tests: [] }
const JUDGING = { sides: USUAL_PRACTICE.sides, rules: rulesFor(USUAL_PRACTICE) }
const WORLDS = { waters: 3, tastes: 6 }
const world = { box: BOX, places: WORLD.places, judging: JUDGING }
const plan = (over: object = {}) =>
  Plan.parse({
    id: 'p',
    name: 'A day',
    legs: [{ id: 'leg', water: { ...like, date: '2026-09-20', zone: null }, fromH: 5, toH: 9 }],
    limits: { lures: 5, rods: 2 },
    ...over,
  })
const AT = '2026-09-19T20:00:00+00:00'
const say = () => 'a rig'

function tableFor(of: Plan, worlds = WORLDS): WorthTable {
  const steps = tableSteps(of, world, worlds)
  let step = steps.next()
  while (!step.done) step = steps.next()
  return step.value
}
function planned(of: Plan, table: WorthTable): Planned {
  const asked = withLocked(of)
  const chosen = chooseKit(table, asked)
  return layOut(asked, world, table, chosen, proveKit(table, asked, chosen), say, AT)
}

/** An hour of one world: enough to see which lures are looked at. */
const shortly = (over: object) => {
  const [leg] = plan().legs
  return tableFor(plan({ ...over, legs: [{ ...leg, toH: 6 }] }), { waters: 1, tastes: 6 })
}

let table: WorthTable
let first: Planned
beforeAll(() => {
  table = tableFor(plan())
  first = planned(plan(), table)
}, 240_000)

describe('a kit', () => {
  it('is what its schema says, within its limits, and no better than what cannot be bettered', () => {
    expect(Planned.parse(first)).toEqual(first)
    expect(first.lures.length).toBeLessThanOrEqual(5)
    expect(first.rods.length).toBeLessThanOrEqual(2)
    expect(first.value).toBeLessThanOrEqual(first.bound + 1e-9)
    expect(first.bound).toBeLessThanOrEqual(first.whole + 1e-9)
    const sum = first.lures.reduce((total, { adds }) => total + adds, 0)
    expect(sum).toBeCloseTo(first.value / first.whole, 6)
  })
  it('each rod has a reel of its own', () => {
    expect(new Set(first.rods.map(({ reelId }) => reelId)).size).toBe(first.rods.length)
    expect(new Set(first.rods.map(({ rodId }) => rodId)).size).toBe(first.rods.length)
  })
  it('with one lure or one rod more it is never worth less', () => {
    const values = [1, 2, 3, 5, 8].map((lures) => chooseKit(table, plan({ limits: { lures, rods: 2 } })).kit.value)
    const byRods = [1, 2, 3].map((rods) => chooseKit(table, plan({ limits: { lures: 4, rods } })).kit.value)
    for (const list of [values, byRods]) expect(list).toEqual([...list].sort((a, b) => a - b))
  })
  it('no kit of three on one rod is better: every one tried', () => {
    const few = plan({ limits: { lures: 3, rods: 1 } })
    const chosen = chooseKit(table, few)
    let best = 0
    table.outfits.forEach((_, outfit) => {
      const { problem } = problemOf(table, [outfit], few)
      const n = problem.worth.length
      for (let a = 0; a < n; a++)
        for (let b = a; b < n; b++) for (let c = b; c < n; c++) best = Math.max(best, kitValue(problem, [a, b, c]))
    })
    expect(chosen.kit.value).toBeGreaterThanOrEqual(0.99 * best)
    expect(proveKit(table, few, chosen).bound).toBeGreaterThanOrEqual(best - 1e-9)
  })
  it('what is pinned comes along whatever it is worth, in every order', () => {
    const taken = new Set(first.lures.map(({ lureId }) => lureId))
    const last =
      table.lures.find(({ id }, i) => !taken.has(id) && [...table.waters.values()].some((w) => w.chances.has(i)))?.id ??
      ''
    const held = planned(plan({ pinned: [last] }), table)
    expect(held.lures.map(({ lureId }) => lureId)).toContain(last)
    expect(held.value).toBeLessThanOrEqual(first.value + 1e-9)
  })
  it('what is pinned is looked at wherever it lies, and changes no other row', () => {
    const [tray] = BOX.trays
    const out = BOX.lures.find(({ trayId }) => trayId !== tray?.id && trayId !== null)
    const limits = { lures: 5, rods: 2, trayIds: [tray?.id] }
    const [without, held] = [shortly({ limits }), shortly({ limits, pinned: [out?.id] })]
    expect(held.lures.map(({ id }) => id)).toEqual([...without.lures.map(({ id }) => id), out?.id])
    for (const [key, { chances }] of without.waters)
      for (const [lure, row] of chances) expect(held.waters.get(key)?.chances.get(lure)).toEqual(row)
    const factors = held.tastes(held.lures.length - 1)
    expect(factors.reduce((sum, f) => sum + f, 0) / factors.length).toBeCloseTo(1, 9)
  }, 240_000)
  it('what stays at home, and what lies in other trays, is not in it', () => {
    const [best] = first.lures
    const home = shortly({ leftHome: [best?.lureId] })
    expect(home.lures.map(({ id }) => id)).not.toContain(best?.lureId)
    const [tray] = BOX.trays
    const out = shortly({ limits: { lures: 5, rods: 2, trayIds: [tray?.id] } })
    expect(out.lures.every(({ trayId }) => trayId === tray?.id)).toBe(true)
  }, 240_000)
  it('a limit of weight is kept', () => {
    const light = planned(plan({ limits: { lures: 5, rods: 2, luresKg: 0.03 } }), table)
    expect(light.luresKg).toBeLessThanOrEqual(0.03 + 1e-9)
    expect(light.value).toBeLessThanOrEqual(first.value + 1e-9)
  })
})

describe('the day', () => {
  it('every hour has something to fish, tied on a rod that comes along', () => {
    const hours = first.blocks.reduce((sum, { fromH, toH }) => sum + toH - fromH, 0)
    expect(hours).toBe(4)
    const rods = new Set(first.rods.map(({ rodId }) => rodId))
    for (const block of first.blocks) {
      const carried = first.carried.find(({ id }) => id === block.carriedId)
      expect(carried?.ways.map(({ id }) => id)).toContain(block.wayId)
      expect(rods.has(block.rodId)).toBe(true)
      for (const one of block.beside) expect([rods.has(one.rodId), one.rodId === block.rodId]).toEqual([true, false])
    }
  })
  it('every lure of the kit has a set-up, and is carried once on a rod', () => {
    for (const { lureId } of first.lures) expect(first.carried.some((one) => one.lureId === lureId)).toBe(true)
    expect(new Set(first.tied.map(({ carriedId, rodId }) => `${carriedId} ${rodId}`)).size).toBe(first.tied.length)
  })
  it('what is tied anew is seen in the blocks: as many changes as are told', () => {
    const onRod = (rodId: string) =>
      first.blocks.map(({ rodId: main, carriedId, beside }) =>
        main === rodId ? carriedId : beside.find((one) => one.rodId === rodId)?.carriedId,
      )
    const changes = first.rods.flatMap(({ rodId }) => onRod(rodId).filter((id, i, all) => i > 0 && id !== all[i - 1]))
    expect(changes).toHaveLength(first.reTies)
  })
  it('law and strength hold in every rig of it', () => {
    for (const { lureId, rodId, reelId, lineId, partIds } of first.tied.map((t) => ({
      ...t,
      lureId: first.carried.find(({ id }) => id === t.carriedId)?.lureId,
    }))) {
      const find = <T extends { id: string }>(list: readonly T[], id: string | null | undefined) =>
        list.find((one) => one.id === id)
      const lure = find(BOX.lures, lureId)
      const [rod, reel, line] = [find(BOX.rods, rodId), find(BOX.reels, reelId), find(BOX.lines, lineId)]
      const leader = BOX.leaders.find(({ id }) => partIds.includes(id)) ?? null
      const species = speciesOf(like.speciesId)
      if (!lure || !rod || !reel || !line || !species) throw new Error('a part is not in the box')
      expect(lawBroken(lure, place)).toBeNull()
      expect(rejectionReason({ rod, reel, line }, leader, species, like)).toBeNull()
      expect(line.reelId).toBe(reel.id)
    }
  })
  it('a block that is held fast stays where it is, whatever else is moved', () => {
    // The last of the kit that one of the rods carries at both hours.
    const fished = (lureId: string, outfit: string) =>
      table.hours
        .filter(({ slot }) => slot.fromH >= 6 && slot.toH <= 8)
        .every(({ waters }) =>
          waters.some(({ key }) => {
            const chances = table.waters.get(key)?.chances.get(table.lures.findIndex(({ id }) => id === lureId))
            return (chances?.[table.outfits.indexOf(outfit)] ?? 0) > 0
          }),
        )
    const can = first.lures.flatMap((lure) =>
      first.rods.flatMap((on) => (fished(lure.lureId, `${on.rodId}|${on.reelId}`) ? [{ lure, on }] : [])),
    )
    const last = can.at(-1)
    if (!last) throw new Error('no rod carries any of them')
    const { lure, on } = last
    const lock = { legId: 'leg', fromH: 6, toH: 8, lureId: lure.lureId, rodId: on.rodId }
    // What is held is looked at in every water, wherever it stands there.
    const asked = plan({ locks: [lock] })
    const held = planned(asked, tableFor(withLocked(asked)))
    const there = held.blocks.filter(({ fromH, toH }) => fromH < 8 && toH > 6)
    for (const block of there) {
      expect(block.locked).toBe(true)
      expect(held.carried.find(({ id }) => id === block.carriedId)?.lureId).toBe(lure.lureId)
      expect(block.rodId).toBe(on.rodId)
    }
    // Where another rod is tied anew meanwhile, it is two stretches of the same.
    expect([there[0]?.fromH, there.at(-1)?.toH]).toEqual([6, 8])
    expect(there.reduce((sum, { fromH, toH }) => sum + toH - fromH, 0)).toBe(2)
    expect(held.lures.map(({ lureId }) => lureId)).toContain(lure.lureId)
  }, 240_000)
  it('the same plan, the same day', () => {
    expect(planned(plan(), tableFor(plan()))).toEqual(first)
  }, 240_000)
  it('two hours on a rod that cannot carry it, or of a lure that is gone, hold nothing', () => {
    const lock = { legId: 'leg', fromH: 6, toH: 8, lureId: 'gone', rodId: 'gone' }
    expect(planned(plan({ locks: [lock] }), table).blocks).toEqual(first.blocks)
  })
  it('a box without lures, or a place that is gone, is an empty plan', () => {
    const none = tableFor(plan({ legs: [{ ...plan().legs[0], water: { ...like, placeId: 'gone' } }] }))
    const empty = planned(plan(), none)
    expect([empty.lures, empty.blocks, empty.value]).toEqual([[], [], 0])
  })
})

describe('after the first answers', () => {
  it('what was taken is believed in more, what was fished in vain less; nothing tried, nothing changed', () => {
    const [a, b] = [first.lures[0]?.lureId ?? '', first.lures[1]?.lureId ?? '']
    const worth = (of: WorthTable, id: string) => {
      const on = problemOf(
        of,
        of.outfits.map((_, i) => i),
        plan(),
      )
      return kitValue(on.problem, [on.lures.findIndex((i) => of.lures[i]?.id === id)])
    }
    const took = afterTried(table, [
      { lureId: a, hour: 6, minutes: 120, showings: 0 },
      { lureId: b, hour: 7, minutes: 30, showings: 4 },
    ])
    expect(worth(took, a)).toBeLessThan(worth(table, a))
    expect(worth(took, b)).toBeGreaterThan(worth(table, b))
    expect(afterTried(table, [])).toBe(table)
    const other = afterTried(table, [{ lureId: 'gone', hour: 6, minutes: 60, showings: 1 }])
    expect(worth(other, a)).toBeCloseTo(worth(table, a), 9)
  })
})

describe('the packing list', () => {
  const box = () => packingOf(plan(), first, BOX, WORLD.places)
  it('has every lure once, in its tray, and every rod, reel and line', () => {
    const { trays, tackle } = box()
    expect(trays.flatMap((t) => t.lines.map(({ id }) => id)).sort()).toEqual(
      first.lures.map(({ lureId }) => lureId).sort(),
    )
    for (const { trayId, lines } of trays)
      for (const { id } of lines) expect(BOX.lures.find((l) => l.id === id)?.trayId ?? null).toBe(trayId)
    expect(tackle.filter(({ what }) => what === 'rod')).toHaveLength(first.rods.length)
    expect(new Set(tackle.map(({ key }) => key)).size).toBe(tackle.length)
  })
  it('what is tied on has spares; what there are too few of is to buy', () => {
    const { tackle } = box()
    for (const line of tackle.filter(({ what }) => !['rod', 'reel', 'line'].includes(what)))
      expect(line.take).toBeGreaterThan(1)
    const poor = {
      ...BOX,
      leaders: BOX.leaders.map((l) => ({ ...l, count: 0 })),
      lures: BOX.lures.filter(({ id }) => id !== first.lures[0]?.lureId),
    }
    const { short } = packingOf(plan(), first, poor, WORLD.places)
    expect(short.map(({ name }) => name)).toContain(first.lures[0]?.name)
    expect(short.length).toBeGreaterThanOrEqual(1)
  })
  it('where hang-ups cost more, more goes along', () => {
    const withSnag = (snag: number) => {
      const planned = { ...first, tied: first.tied.map((t) => ({ ...t, snag })) }
      const { tackle, trays } = packingOf(plan(), planned, BOX, WORLD.places)
      const lures = trays.flatMap(({ lines }) => lines)
      return [...tackle, ...lures].reduce((sum, { take }) => sum + take, 0)
    }
    expect(withSnag(0.3)).toBeGreaterThan(withSnag(0.05))
    expect(withSnag(0.05)).toBeGreaterThanOrEqual(withSnag(0))
    for (const { snag } of first.tied) expect([snag >= 0, snag <= 1]).toEqual([true, true])
  })
  it('a hollow plug is filled for the hours in which it hangs', () => {
    const plug = WORLD.box.lures.find((l) => l.family === 'needle-plug')
    if (!plug) throw new Error('no plug')
    const lures = [{ lureId: plug.id, name: plug.name, adds: 0.1, without: 0.1 }]
    const load = (fromH: number, kg: number) => ({ lureId: plug.id, legId: 'leg', fromH, toH: fromH + 1, kg })
    const loads = [load(5, 0.014), load(6, 0.028), load(8, 0.014)]
    const { jobs } = packingOf(plan(), { ...first, lures, loads }, WORLD.box, WORLD.places)
    const told = jobs.flatMap((job) => (job.code === 'load' ? [[job.kg, job.hours.map(({ fromH }) => fromH)]] : []))
    expect(told).toEqual([
      [0.014, [5, 8]],
      [0.028, [6]],
    ])
  })
  it('gold and silver of one lure are told of: both along, or one at home', () => {
    const one = WORLD.box.lures.find((l) => l.family === 'casting-spoon')
    if (!one) throw new Error('no spoon')
    const dressed = (id: string, colour: string) => ({
      ...one,
      id,
      name: `Twinling 60 ${colour === 'gold' ? 'Gold' : 'Silver'}`,
      colour: { ...one.colour, back: colour, flank: colour, belly: colour },
    })
    const [gold, silver] = [dressed('g', 'gold'), dressed('s', 'silver')]
    const jobsWith = (ids: readonly string[]) => {
      const lures = ids.map((lureId) => ({ lureId, name: lureId, adds: 0.1, without: 0.1 }))
      const box = { ...BOX, lures: [gold, silver] as typeof BOX.lures }
      return packingOf(plan(), { ...first, lures }, box, WORLD.places).jobs.filter(({ code }) => code === 'twin')
    }
    expect(jobsWith(['g', 's'])).toMatchObject([{ lureId: 's', twin: gold.name, along: true }])
    expect(jobsWith(['g'])).toMatchObject([{ lureId: 'g', twin: silver.name, along: false }])
  })
  it('plugs that hold filler, worn lures, and trebles where singles are the law are the evening’s work', () => {
    const loaded = WORLD.box.lures.find((l) => l.family === 'needle-plug')
    const treble = WORLD.box.lures.find((l) => l.hooks?.style === 'round treble' && l.hooks.count > 1)
    if (!loaded || !treble) throw new Error('the demo lacks one')
    const lures = [loaded, { ...treble, condition: 'spent' as const }]
    const named = lures.map(({ id, name }) => ({ lureId: id, name, adds: 0.1, without: 0.1 }))
    const places = WORLD.places.map((p) => ({ ...p, singlesOnly: true }))
    const { jobs } = packingOf(plan(), { ...first, lures: named }, { ...BOX, lures }, places)
    const codes = jobs.map(({ code, lureId }) => [code, lureId])
    expect(codes).toContainEqual(['load', loaded.id])
    expect(codes).toContainEqual(['singles', treble.id])
    expect(codes).toContainEqual(['care', treble.id])
  })
})

it('an outfit is found again by its key', () => {
  for (const key of table.outfits) {
    const { rodId, reelId } = partsOf(key)
    expect([BOX.rods.some(({ id }) => id === rodId), BOX.reels.some(({ id }) => id === reelId)]).toEqual([true, true])
  }
})
