import { CholeskyDecomposition, Matrix } from 'ml-matrix'
import { SPLIT } from '../../data/party'
import { itemAt } from '../list'
import { seededRandom } from '../random'
import type { Conditions } from '../water'
import { levelsOf, type Levels } from './levels'
import type { Carried, Party } from './outing'
import type { Variable } from './variables'

/** What a party splits among its friends. */
export const SPLIT_VARIABLES = ['size', 'depth', 'fall', 'colour'] as const satisfies readonly Variable[]

interface Kit {
  readonly carried: readonly Carried[]
  /** How many there are of each, by its id; one where nothing is said. */
  readonly count?: Readonly<Record<string, number>>
}
type Share = Party['turns'][number][number]
interface Candidate extends Share {
  readonly levels: Levels
}

/** Ways of each rig that a friend may be given: good ones that differ in what is split, the best first. */
function candidatesOf({ carried }: Kit, water: Pick<Conditions, 'depthM'>): Candidate[] {
  return carried.flatMap((one) => {
    const best = Math.max(...one.ways.map(({ points }) => points))
    const apart = new Map<string, Candidate>()
    for (const way of one.ways) {
      if (way.points < SPLIT.leastOfBest * best) continue
      const levels = levelsOf({ carried: one, way, spot: null }, water)
      const key = SPLIT_VARIABLES.map((v) => levels[v]).join(' ')
      if (!apart.has(key)) apart.set(key, { carriedId: one.id, wayId: way.id, levels })
    }
    return [...apart.values()].slice(0, SPLIT.mostWays)
  })
}

/**
 * What a layout tells of the variables, as the logarithm of the determinant of what is known of them (Bayesian D-optimality: Chaloner and Verdinelli, Statistical Science 10, 1995; from
 * memory). The logarithm of takes is a sum of an angler’s part, a turn’s part, and a part of each step; each turn of each friend adds as much as takes are expected in it. What the anglers and the turns
 * take of that is taken off, by the determinant of the whole over that of their own part (Schur).
 */
function toldBy(layout: readonly (readonly Levels[])[], turnMin: number): number {
  const takes = (SPLIT.takesPer20Min * turnMin) / 20
  const [friends, turns] = [layout[0]?.length ?? 0, layout.length]
  const steps = SPLIT_VARIABLES.map((v) => [...new Set(layout.flat().map((levels) => levels[v]))])
  const blocks = friends + turns
  const size = blocks + steps.reduce((sum, list) => sum + list.length, 0)
  const known = Matrix.zeros(size, size)
  const prior = (spread: number) => 1 / spread ** 2
  for (let i = 0; i < size; i++)
    known.set(i, i, prior(i < friends ? SPLIT.anglerSpread : i < blocks ? SPLIT.turnSpread : SPLIT.stepSpread))
  layout.forEach((turn, t) =>
    turn.forEach((levels, who) => {
      const on = [who, friends + t]
      let from = blocks
      SPLIT_VARIABLES.forEach((v, k) => {
        on.push(from + itemAt(steps, k).indexOf(levels[v]))
        from += itemAt(steps, k).length
      })
      for (const a of on) for (const b of on) known.set(a, b, known.get(a, b) + takes)
    }),
  )
  return logDeterminant(known) - logDeterminant(known.subMatrix(0, blocks - 1, 0, blocks - 1))
}

/** Of a matrix that is positive definite. */
function logDeterminant(matrix: Matrix): number {
  const factor = new CholeskyDecomposition(matrix).lowerTriangularMatrix
  let sum = 0
  for (let i = 0; i < matrix.rows; i++) sum += 2 * Math.log(factor.get(i, i))
  return sum
}

const STARTS = 3
const MOST_ROUNDS = 8
const LEAST_GAIN = 1e-9

/**
 * Splits a kit among friends, turn by turn, so that most is learned of size, depth, fall and colour: what each fishes is exchanged for what tells more until nothing does (coordinate
 * exchange: Meyer and Nachtsheim, Technometrics 37, 1995; from memory), from several starts.
 *
 * @returns null where there is less to fish than there are friends
 * @example two friends, a silver and a hot lure: they change lures turn by turn, and neither colour is fished with one angler only
 */
export function splitKit(
  kit: Kit,
  water: Pick<Conditions, 'depthM'>,
  friends: number,
  turnMin: number,
  turns: number = SPLIT.turns,
): Party['turns'] | null {
  const candidates = candidatesOf(kit, water)
  const pieces = (carriedId: string) => kit.count?.[carriedId] ?? 1
  if (kit.carried.reduce((sum, { id }) => sum + pieces(id), 0) < friends) return null
  const fits = (turn: readonly (Candidate | undefined)[], who: number, one: Candidate) =>
    turn.filter((other, i) => i !== who && other?.carriedId === one.carriedId).length < pieces(one.carriedId)
  const told = (layout: readonly (readonly Candidate[])[]) =>
    toldBy(
      layout.map((turn) => turn.map(({ levels }) => levels)),
      turnMin,
    )
  let best: { layout: Candidate[][]; told: number } | null = null
  for (let start = 0; start < STARTS; start++) {
    const random = seededRandom(start + 1)
    const layout = Array.from({ length: turns }, () => {
      const turn: Candidate[] = []
      for (let who = 0; who < friends; who++) turn.push(random.pick(candidates.filter((one) => fits(turn, who, one))))
      return turn
    })
    let now = told(layout)
    for (let round = 0; round < MOST_ROUNDS; round++) {
      const before = now
      for (const turn of layout) {
        for (let who = 0; who < friends; who++) {
          const held = itemAt(turn, who)
          let keep = held
          for (const one of candidates) {
            if (one === held || !fits(turn, who, one)) continue
            turn[who] = one
            const then = told(layout)
            if (then > now + LEAST_GAIN) {
              now = then
              keep = one
            }
          }
          turn[who] = keep
        }
        // What there is one of cannot go to both on the way: two friends change lures at once.
        for (let a = 0; a < friends; a++)
          for (let b = a + 1; b < friends; b++) {
            const swap = () => ([turn[a], turn[b]] = [itemAt(turn, b), itemAt(turn, a)])
            swap()
            const then = told(layout)
            if (then > now + LEAST_GAIN) now = then
            else swap()
          }
      }
      if (now < before + LEAST_GAIN) break
    }
    if (!best || now > best.told + LEAST_GAIN) best = { layout, told: now }
  }
  return best?.layout.map((turn) => turn.map(({ carriedId, wayId }) => ({ carriedId, wayId }))) ?? null
}
