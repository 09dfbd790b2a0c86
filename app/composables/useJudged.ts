import { contextAgainst, judgedBy, type MatchContext } from '../../core/match'
import { EMPTY_BOX } from '../../core/box'
import { useBox } from '~/stores/box'
import { useMatch } from '~/stores/match'
import { useRecord } from '~/stores/record'
import { useWater } from '~/stores/water'

/** The water as it is this very moment, judged as the angler judges: what scoring one given set-up needs, in the page itself. */
export function useJudged() {
  const box = useBox()
  const water = useWater()
  /** What scoring needs of the box: its lures and their tests. */
  const tested = computed(() => ({ ...EMPTY_BOX, lures: box.box.lures, tests: box.box.tests }))
  const record = useRecord()
  const match = useMatch()
  /** The worker has worked out the best that could be tied on; until it has, a score is a chance. */
  const against = () => match.answer?.against ?? 1
  const options = computed(() => ({
    ...judgedBy(box.practice),
    record: record.entries,
  }))
  const context = computed<MatchContext | null>(() => {
    const { current: c, place } = water
    return c && place ? contextAgainst(c, place, tested.value, options.value, against) : null
  })
  return { context, options }
}
