import { LOOKED_AT } from '../data/plan'
import { chooseKit, layOut, Plan, proveKit, solveKit, tableSteps, type WorthTable } from '../core/plan'
import { slotsOf, watersOf } from '../core/plan/day'
import { drawTastes, tasteFactors } from '../core/plan/taste'
import { outfitKey, outfitsOf, rulesFor, USUAL_PRACTICE } from '../core/match'
import { seededRandom } from '../core/random'
import { lureAction, seenLengthM, type Lure } from '../core/tackle'
import { demoWorld } from '../core/demo/world'

/** What a plan of a very large box takes. */

const world = demoWorld('2026-06-12')
const [water] = world.waters
if (!water) throw new Error('no water')
const JUDGING = { sides: USUAL_PRACTICE.sides, rules: rulesFor(USUAL_PRACTICE) }

/** The demo's lures over and over, each a little larger or smaller, in other colours. */
function manySizes(count: number): Lure[] {
  const { lures } = world.box
  return Array.from({ length: count }, (_, i) => {
    const lure = lures[i % lures.length] as Lure
    const colour = lures[(i * 7) % lures.length]?.colour ?? lure.colour
    const by = 1 + 0.3 * Math.sin(i * 1.7)
    const size = { lengthM: lure.lengthM * Math.cbrt(by), massKg: lure.massKg * by }
    return { ...lure, ...size, colour, id: `many-${i}`, name: `Many ${i}` } as Lure
  })
}

const planOf = (fromH: number, toH: number) =>
  Plan.parse({
    id: 'plan',
    name: 'plan',
    legs: [{ id: 'leg', water: { ...water, zone: null }, fromH, toH }],
    limits: { lures: 12, rods: 3 },
  })

/** A table of 24 hours and 60 worlds in each: what each lure is worth is an invented law of size, thump and flash that goes with the hour and the water; the best are looked at. */
function largeTable(lures: readonly Lure[], tastes: number): WorthTable {
  const plan = planOf(0, 24)
  const [leg] = plan.legs
  const [place] = world.places
  if (!leg || !place) throw new Error('no leg')
  const outfits = [...new Set(outfitsOf(world.box).map((outfit) => outfitKey({ outfit })))]
  const random = seededRandom(3)
  const likes = outfits.map(() => Math.log(0.005) + random.next() * Math.log(10))
  const seen = lures.map((lure) => {
    const { vibration, flash } = lureAction(lure)
    return { size: Math.log(seenLengthM(lure) / 0.08), vibration, flash, mass: Math.log(lure.massKg) }
  })
  const ways = watersOf(leg, plan, 60 / tastes)
  const waters = new Map<string, WorthTable['waters'] extends ReadonlyMap<string, infer W> ? W : never>()
  const hours = slotsOf(plan.legs, world.places).map((slot) => ({
    slot,
    waters: ways.map((one) => {
      const key = `${slot.fromH} ${one.id}`
      const day = Math.sin((Math.PI * slot.fromH) / 24)
      const ask = { size: 0.5 * random.normal(), vibration: 1 - day + 0.2 * random.normal(), flash: day }
      const worth = seen.map(({ size, vibration, flash }, lure) => {
        const off = (size - ask.size) ** 2 + (vibration - ask.vibration) ** 2 + (flash - ask.flash) ** 2
        return { lure, chance: 0.5 * Math.exp(-off) }
      })
      const best = worth.sort((a, b) => b.chance - a.chance).slice(0, LOOKED_AT)
      const chances = new Map(
        best.map(({ lure, chance }) => [
          lure,
          Float64Array.from(likes, (like) => chance * Math.exp(-0.5 * ((seen[lure]?.mass ?? 0) - like) ** 2)),
        ]),
      )
      waters.set(key, { c: water as never, place, chances })
      return { key, weight: one.weight, water: one }
    }),
  }))
  const drawn = drawTastes(tastes, 1)
  const factors = lures.map((lure) => tasteFactors(lure, drawn))
  const alike = new Float64Array(tastes).fill(1 / tastes)
  const of = (lure: number) => factors[lure] ?? alike
  return { lures, outfits, waters, tastes: of, tasteCount: tastes, believed: () => alike, hours }
}

const seconds = (from: number) => `${((performance.now() - from) / 1000).toFixed(2)} s`

/** 2,000 lures, 24 hours, 60 worlds in each: until a first kit stands, until it is chosen, until it is proven. */
export async function largeKit() {
  const lures = manySizes(2000)
  const table = largeTable(lures, 12)
  const plan = planOf(0, 24)
  const asked = new Set([...table.waters.values()].flatMap(({ chances }) => [...chances.keys()]))
  let from = performance.now()
  const first = chooseKit(table, plan, true)
  const firstTook = seconds(from)
  from = performance.now()
  const chosen = chooseKit(table, plan)
  const chosenTook = seconds(from)
  from = performance.now()
  const until = from + 15_000
  const bounded = proveKit(table, plan, chosen, () => performance.now() < until)
  const { proof } = await solveKit(table, plan, chosen, bounded, () => Promise.resolve(null))
  console.log(
    `2,000 lures × 24 h × 60 worlds (${asked.size} lures among the first somewhere, ${table.outfits.length} outfits): first kit ${first.kit.value.toFixed(4)} after ${firstTook}, chosen ${chosen.kit.value.toFixed(4)} after ${chosenTook}, proven within ${(100 * (proof.bound / chosen.kit.value - 1)).toFixed(2)} % (${proof.by}) after ${seconds(from)} more`,
  )
}

/** A plan of the demo box, and of 2,000 lures, from the water on: ranking included. */
export function plansFromWater() {
  for (const [name, lures] of [
    ['the demo box', world.box.lures],
    ['2,000 lures', manySizes(2000)],
  ] as const) {
    const plan = planOf(5, 22)
    const box = { ...world.box, lures: [...lures], rigs: [] }
    const all = { box, places: world.places, judging: JUDGING }
    const from = performance.now()
    let firstTook = ''
    const steps = tableSteps(plan, all)
    let step = steps.next()
    while (!step.done) {
      if (!firstTook) {
        const first = chooseKit(step.value.table, plan, true)
        layOut(
          plan,
          all,
          step.value.table,
          first,
          { bound: 1, by: 'gains', open: null },
          () => '',
          '2026-06-11T20:00:00Z',
        )
        firstTook = seconds(from)
      }
      step = steps.next()
    }
    console.log(
      `plan of ${name}, 17 hours: first kit after ${firstTook}, ${step.value.waters.size} waters ranked after ${seconds(from)}`,
    )
  }
}
