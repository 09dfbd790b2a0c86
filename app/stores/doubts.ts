import { defineStore } from 'pinia'
import { markRaw } from 'vue'
import {
  leaderAt,
  parameterValue,
  type BetterBuy,
  type DecisiveQuestion,
  type SweepParameterId,
  type LeaderInterval,
  type Sweep,
} from '../../core/match'
import { plain } from '~/composables/plain'
import { useMatchWorker } from '~/composables/useMatchWorker'
import { useMatch } from './match'
import { useSweeps } from './sweeps'

/** Doubts are looked into once the water has stood still this long, ms. */
const SETTLED_MS = 900
/** What the sentence beside the answer looks along. */
const LOOKED_ALONG: readonly SweepParameterId[] = ['visibilityM', 'waterTempC']

/** How far the first place holds along one condition. */
export interface Holds {
  readonly sweep: Sweep
  readonly now: LeaderInterval
  readonly before: LeaderInterval | null
  readonly after: LeaderInterval | null
}

/** What an answer hangs on: open questions, conditions, and what is not in the box. Worked out after it, and dropped when the water moves. */
export const useDoubts = defineStore('doubts', () => {
  const match = useMatch()
  const sweeps = useSweeps()
  const hinges = shallowRef<readonly DecisiveQuestion[] | null>(null)
  const buy = shallowRef<BetterBuy | null | undefined>(undefined)
  const holding = shallowRef<readonly Holds[]>([])

  let turn = 0
  let settling: ReturnType<typeof setTimeout> | undefined
  /** Whether anybody looks. */
  const active = ref(false)
  function start() {
    watch(
      () => [match.answer, active.value],
      () => {
        turn += 1
        hinges.value = null
        buy.value = undefined
        holding.value = []
        clearTimeout(settling)
        if (active.value && match.answer?.rows.length) settling = setTimeout(() => void look(turn), SETTLED_MS)
      },
      { immediate: true },
    )
  }

  async function look(mine: number) {
    const { asked, answer } = match
    if (!asked || !answer) return
    const question = plain(asked)
    const worker = useMatchWorker()
    const bought = await worker.betterBuy(plain(answer.rows[0]?.setUp ?? null), question)
    if (mine !== turn) return
    buy.value = bought
    const found = await worker.hinges(question)
    if (mine !== turn || !found) return
    hinges.value = markRaw(found)
    for (const knob of LOOKED_ALONG) {
      const sweep = await sweeps.along('holds', knob)
      if (mine !== turn || !sweep) return
      const reign = leaderAt(sweep, parameterValue(question.c, knob))
      if (reign) holding.value = [...holding.value, markRaw({ sweep, ...reign })]
    }
  }

  return { active, hinges, buy, holding, start }
})
