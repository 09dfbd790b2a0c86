import {
  createMatchContext,
  bestSingleChange,
  betterBuy,
  findDecisiveQuestions,
  matchSteps,
  mendOf,
  rank,
  rankShared,
  rowsBehind,
  rowsOfWays,
  judgedBy,
  scoreSetUp,
  sweepSteps,
  whyNotLure,
  type BetterBuy,
  type DecisiveQuestion,
  type SweepParameterId,
  type Improvement,
  type MatchAnswer,
  type MatchRow,
  type Mend,
  type Practice,
  type RecordEntry,
  type SetUp,
  type SharedRow,
  type Sweep,
  type WhyNot,
} from '../../core/match'
import { EMPTY_BOX, type Box } from '../../core/box'
import type { Technique } from '../../core/tackle'
import type { World } from '../../core/demo/world'
import type { Carried, Party, Taken, Wanted } from '../../core/outing'
import type { Debrief, LessonId, PracticeRun } from '../../core/practice'
import type { EffortRow, Findings, MeasureId } from '../../core/review'
import type { Conditions, Place } from '../../core/water'

/** One water, and how the angler judges. The box is known already. */
export interface MatchRequest {
  readonly c: Conditions
  readonly place: Place
  readonly practice: Practice
}

/** What comes back: the answer and the time it took, or what went wrong; null where a newer question took its place. */
export type MatchReply = { ok: true; answer: MatchAnswer; ms: number } | { ok: false; problem: string } | null

let box: Box = EMPTY_BOX
/** The angler's own log, as the match hears it. */
let record: readonly RecordEntry[] = []

/** Work that follows on a ranking, or is asked for apart; of each sort only the newest goes on. */
type JobKind = 'match' | 'aside' | 'holds' | 'sweep'
const newest: Record<JobKind, number> = { match: 0, aside: 0, holds: 0, sweep: 0 }

/** How long is worked without listening, ms. */
const YIELD_EVERY_MS = 25
const yieldToEventLoop = () => new Promise<void>((resolve) => setTimeout(resolve))

/** Runs steps to their end; null where a newer piece of work of this sort, or a new ranking, took their place. */
async function run<Step, Out>(
  sort: JobKind,
  steps: Generator<Step, Out>,
  onProgress?: (step: Step) => unknown,
): Promise<Out | null> {
  const mine = ++newest[sort]
  const match = newest.match
  let heard = performance.now()
  for (;;) {
    const step = steps.next()
    if (step.done) return step.value
    if (onProgress) await onProgress(step.value)
    if (performance.now() - heard < YIELD_EVERY_MS) continue
    await yieldToEventLoop()
    heard = performance.now()
    if (newest[sort] !== mine || newest.match !== match) return null
  }
}

const optionsOf = ({ practice }: MatchRequest) => ({ ...judgedBy(practice), record })
const benchOf = (asked: MatchRequest) => createMatchContext(asked.c, asked.place, box, optionsOf(asked))

/** Work that is asked for less often than a ranking is fetched when it is. */
const demoJobs = () => import('./demo-jobs')
const outingJobs = () => import('./outing-jobs')
const practiceJobs = () => import('./practice-jobs')

/** The same functions as on the server and in the tests, off the page's own thread. Plain data crosses; a fault comes back as data too. */
export const matchService = {
  setBox(next: Box) {
    box = next
  },
  setRecord(next: readonly RecordEntry[]) {
    record = next
  },
  /** `onProgress`: how far it has come, with the first rows as soon as there are some. */
  async match(
    asked: MatchRequest,
    limit: number,
    onProgress: (done: number, of: number, rows: readonly MatchRow[] | null) => unknown,
  ): Promise<MatchReply> {
    const from = performance.now()
    try {
      const steps = matchSteps(asked.c, asked.place, box, { ...optionsOf(asked), limit, lifts: 0 })
      const answer = await run('match', steps, ({ done, of, rows }) => onProgress(done, of, rows?.() ?? null))
      return answer && { ok: true, answer, ms: performance.now() - from }
    } catch (error) {
      return { ok: false, problem: error instanceof Error ? error.message : String(error) }
    }
  },
  /** Ends the ranking under way. */
  stop() {
    newest.match += 1
  },
  /** The one change that would lift a set-up most; asked for apart, so that a ranking never waits for it. */
  lift(setUp: SetUp, asked: MatchRequest): Improvement | null {
    const context = benchOf(asked)
    return bestSingleChange(scoreSetUp(setUp, context), context)
  },
  /** The sizes and colours that stand behind a row, each with a score of its own. */
  behind(row: Pick<MatchRow, 'alike'>, asked: MatchRequest): MatchRow[] {
    return rowsBehind(row, box, benchOf(asked))
  },
  /** Every way of hooking and working one lure of the box, each ranked; null where it is not there. */
  ways(lureId: string, asked: MatchRequest): ReturnType<typeof rowsOfWays> | null {
    const lure = box.lures.find((l) => l.id === lureId)
    return lure ? rowsOfWays(lure, box, benchOf(asked)) : null
  },
  whyNot(lureId: string, answer: SetUp, asked: MatchRequest): WhyNot | null {
    const lure = box.lures.find((l) => l.id === lureId)
    const context = benchOf(asked)
    return lure ? whyNotLure(lure, scoreSetUp(answer, context), box, context) : null
  },
  async betterBuy(answer: SetUp | null, asked: MatchRequest): Promise<BetterBuy | null> {
    const { shop } = await demoJobs()
    const context = benchOf(asked)
    return betterBuy(box, context, answer ? scoreSetUp(answer, context) : undefined, shop())
  },
  /** The one thing that would mend a poor answer most. */
  async mend(first: SetUp, asked: MatchRequest): Promise<Mend | null> {
    const { shop } = await demoJobs()
    return mendOf(first, box, benchOf(asked), shop())
  },
  /** The demo’s world, as it is on a day. */
  async demo(day: string): Promise<World> {
    return (await demoJobs()).demo(day)
  },
  /** Set-ups as they go on the water, each with every way in which it can be fished there. */
  async carry(
    setUps: readonly SetUp[],
    asked: MatchRequest,
    beside: readonly (readonly string[])[] = [],
  ): Promise<Carried[]> {
    return (await outingJobs()).carryAll(setUps, beside, box, benchOf(asked))
  },
  /** Anything of the box as it goes on the water, also what the match would not fish; what the box no longer has is left out. */
  async carryAny(wanted: readonly Wanted[], ids: readonly string[], asked: MatchRequest): Promise<Taken[]> {
    return (await outingJobs()).carryWanted(wanted, ids, box, benchOf(asked))
  },
  /** What is carried, split among friends turn by turn; a lure of which the box has two can be fished by two. Null where there is too little. */
  async split(
    carried: readonly Carried[],
    c: Conditions,
    friends: number,
    turnMin: number,
  ): Promise<Party['turns'] | null> {
    return (await outingJobs()).split(carried, box, c, friends, turnMin)
  },
  /** Looks through the log for what stands out, and shuffles it against luck. */
  async patterns(tried: readonly EffortRow[], measure: MeasureId): Promise<Findings> {
    return (await outingJobs()).patterns(tried, measure)
  },
  /** A day on the practice lake. */
  async practise(lessonId: LessonId, seed: number): Promise<PracticeRun> {
    return (await practiceJobs()).practise(lessonId, seed)
  },
  /** What the fish wanted on it, and what the choices cost; null where nothing was fished. */
  async debrief(run: PracticeRun): Promise<Debrief | null> {
    return (await practiceJobs()).debriefed(run)
  },
  /** Every place as it would be; for rules and techniques that are being written. */
  preview(asked: MatchRequest): { id: string; name: string; score: number; technique: Technique }[] {
    return rank(box, benchOf(asked), box.lures.length).map(({ setUp: { build, handling }, score }) => ({
      id: build.lure.id,
      name: build.lure.name,
      score,
      technique: handling.technique,
    }))
  },
  /** One ranking for all the fish that are sought. */
  shared(asked: MatchRequest): SharedRow[] {
    return rankShared(asked.c, asked.place, box, optionsOf(asked))
  },
  hinges(asked: MatchRequest): Promise<DecisiveQuestion[] | null> {
    return run('aside', findDecisiveQuestions(asked.c, asked.place, box, optionsOf(asked)))
  },
  /** `sort`: for the sentence beside an answer, or for the picture. */
  sweep(
    sort: 'holds' | 'sweep',
    knob: SweepParameterId,
    count: number,
    asked: MatchRequest,
    onProgress: (share: number) => unknown,
  ): Promise<Sweep | null> {
    return run(sort, sweepSteps({ ...asked, box, options: optionsOf(asked) }, knob, count), onProgress)
  },
}
export type MatchService = typeof matchService
