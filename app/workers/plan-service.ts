import {
  afterTried,
  chooseKit,
  heldSteps,
  layOut,
  loadsOf,
  proveKit,
  solveKit,
  tableSteps,
  withLocked,
  type Plan,
  type Planned,
  type PlanWorld,
  type Proof,
  type TableStep,
  type Solved,
  type Answered,
  type WorthTable,
} from '../../core/plan'
import { judgedBy, type Practice, type RecordEntry } from '../../core/match'
import { EMPTY_BOX, type Box } from '../../core/box'
import type { Place } from '../../core/water'
import { sayRig } from '../../words'

/** A plan to be worked out, and how the angler judges. The box is known already. */
export interface PlanRequest {
  readonly plan: Plan
  readonly places: readonly Place[]
  readonly practice: Practice
  /** What was tried in outings from this plan, and from when on the rest is laid out; null lays out all. */
  readonly tried: readonly Answered[]
  readonly from: { readonly date: string; readonly hour: number } | null
  /** Moment it is asked at. */
  readonly at: string
}

/** How far it has come; with a plan that holds for the waters so far, where there is a new one. */
export interface PlanProgress {
  readonly done: number
  readonly of: number
  readonly planned: Planned | null
}

export type PlanReply = { ok: true; planned: Planned } | { ok: false; problem: string } | null

let box: Box = EMPTY_BOX
let record: readonly RecordEntry[] = []
let newest = 0

/** What was ranked last, and for which question: other limits need no new ranking, and what is held to only its own rows. */
let ranked: { readonly key: string; readonly table: WorthTable } | null = null
let rankedHeld: { readonly key: string; readonly of: WorthTable; readonly table: WorthTable } | null = null

/** How long is worked without listening, ms; and after how many waters a plan so far is told. */
const YIELD_EVERY_MS = 25
const TELL_EVERY = 14
/** How long the proof is sought, ms. */
const PROOF_MS = 15_000
const breathe = () => new Promise<void>((resolve) => setTimeout(resolve))

/** What of a plan its ranking hangs on: how many are carried, what is held to, what is ticked and what came of it do not count. */
function rankingKey({ plan, places, practice }: PlanRequest): string {
  const { legs, spread, added, leftHome, limits } = plan
  return JSON.stringify([legs, spread, added, leftHome, limits.trayIds, places, practice])
}
/** What is held to, for which rows are added to the ranking. */
const heldKey = ({ pinned }: Plan) => JSON.stringify([...pinned].sort())

/** The hours that are still to come. */
function rest(table: WorthTable, from: PlanRequest['from']): WorthTable {
  if (!from) return table
  const hours = table.hours.filter(({ slot: { leg, toH } }) => {
    const { date } = leg.water
    return date > from.date || (date === from.date && toH > from.hour)
  })
  return hours.length > 0 ? { ...table, hours } : table
}

/** Goes through steps, listening now and then; null where a newer question took the place of this one. */
async function through(
  steps: Generator<TableStep, WorthTable>,
  mine: number,
  tell: (step: TableStep) => unknown,
): Promise<WorthTable | null> {
  let heard = performance.now()
  for (;;) {
    const step = steps.next()
    if (step.done) return step.value
    await tell(step.value)
    if (performance.now() - heard > YIELD_EVERY_MS) {
      await breathe()
      heard = performance.now()
      if (newest !== mine) return null
    }
  }
}

const SO_FAR: Proof = { bound: 1, by: 'gains', open: null }
/** Sets of outfits that the solver is asked about at most, one after another. */
const MOST_SOLVED = 4

/** Tries all kits of a program; one that is under way can be ended. */
interface Solving {
  readonly solve: (program: string) => Promise<Solved>
  readonly end: () => void
}
let solver: Solving | null = null
let solving = false

/** What the solver says; null without one, or where it did not come to an end. */
async function solve(program: string): Promise<Solved | null> {
  solving = true
  try {
    return (await solver?.solve(program)) ?? null
  } catch {
    return null
  } finally {
    solving = false
  }
}
/** A newer question: what the solver is at is not wanted any more. */
function next(): number {
  if (solving) solver?.end()
  return ++newest
}

export const planService = {
  setBox(next: Box) {
    box = next
    ranked = null
  },
  setRecord(next: readonly RecordEntry[]) {
    record = next
    ranked = null
  },
  /** The solver that tries all kits where a better one is not ruled out; without one, the bound stays as it is. */
  setSolver(it: Solving) {
    solver = it
  },
  /** Works a plan out; null where a newer question took its place, or it was stopped. */
  async plan(asked: PlanRequest, onProgress: (progress: PlanProgress) => unknown): Promise<PlanReply> {
    const mine = next()
    const plan = withLocked(asked.plan)
    const world: PlanWorld = {
      box,
      places: asked.places,
      judging: { ...judgedBy(asked.practice), record },
    }
    try {
      const key = rankingKey(asked)
      const tell = ({ done, of, table }: TableStep) => {
        const tells = done === 0 || done === 1 || done % TELL_EVERY === 0
        const planned = tells
          ? layOut(plan, world, table, chooseKit(table, plan, true), SO_FAR, sayRig, asked.at)
          : null
        return onProgress({ done, of, planned })
      }
      if (ranked?.key !== key) {
        const table = await through(tableSteps({ ...plan, pinned: [] }, world), mine, tell)
        if (!table) return null
        ranked = { key, table }
      }
      const base = ranked.table
      if (rankedHeld?.of !== base || rankedHeld.key !== heldKey(plan)) {
        const table = await through(heldSteps(base, plan, world), mine, ({ done, of }) =>
          onProgress({ done, of, planned: null }),
        )
        if (!table) return null
        rankedHeld = { key: heldKey(plan), of: base, table }
      }
      const table = rest(afterTried(rankedHeld.table, asked.tried), asked.from)
      const first = chooseKit(table, plan)
      const from = performance.now()
      const bounded = proveKit(table, plan, first, () => performance.now() - from < PROOF_MS)
      await breathe()
      if (newest !== mine) return null
      let asks = 0
      const { chosen, proof } = await solveKit(table, plan, first, bounded, async (program) =>
        newest === mine && asks++ < MOST_SOLVED ? solve(program) : null,
      )
      if (newest !== mine) return null
      const planned = layOut(plan, world, table, chosen, proof, sayRig, asked.at)
      return { ok: true, planned: { ...planned, loads: loadsOf(plan, planned, world) } }
    } catch (error) {
      return { ok: false, problem: error instanceof Error ? error.message : String(error) }
    }
  },
  /** Ends what is under way. */
  stop() {
    next()
  },
}
export type PlanService = typeof planService
