import { createMatchContext, rulesFor, type MatchContext } from '../../core/match'
import { EMPTY_BOX } from '../../core/box'
import { useBox } from '~/stores/box'
import { useRecord } from '~/stores/record'
import { useWater } from '~/stores/water'

/** The water as it is this very moment, judged as the angler judges: what scoring one given set-up needs, in the page itself. */
export function useJudged() {
  const box = useBox()
  const water = useWater()
  /** What scoring needs of the box: its lures and their tests. */
  const tested = computed(() => ({ ...EMPTY_BOX, lures: box.box.lures, tests: box.box.tests }))
  const record = useRecord()
  const options = computed(() => ({
    sides: box.practice.sides,
    rules: rulesFor(box.practice),
    record: record.entries,
  }))
  const context = computed<MatchContext | null>(() => {
    const { current: c, place } = water
    return c && place ? createMatchContext(c, place, tested.value, options.value) : null
  })
  return { context, options }
}
