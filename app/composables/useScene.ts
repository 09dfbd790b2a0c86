import { profileFromTests, pathBand, cachedProfile } from '../../core/bench'
import { scoreSetUp, type MatchRow } from '../../core/match'
import { useBox } from '~/stores/box'
import { useMatchShown } from '~/composables/useMatchShown'
import { useWater } from '~/stores/water'
import { useJudged } from './useJudged'

/**
 * The chosen set-up thrown into the water as it is this very moment: it follows the finger within a frame, while the ranking of the whole box
 * comes after it from the worker.
 */
export function useScene() {
  const water = useWater()
  const match = useMatchShown()
  const box = useBox()
  const { context } = useJudged()
  const now = computed(() => {
    const { current: c } = water
    const row: MatchRow | undefined = match.chosen
    if (!c || !context.value || !row) return null
    const held =
      c.rodTipM === null ? row.setUp : { ...row.setUp, handling: { ...row.setUp.handling, rodTipM: c.rodTipM } }
    return scoreSetUp(held, context.value)
  })
  /** What is known of the lure in the picture, and from it how far its path may be out. */
  const lureId = computed(() => now.value?.setUp.build.lure.id)
  const known = computed(() => {
    const lure = lureId.value ? box.lureById.get(lureId.value) : undefined
    return lure ? (cachedProfile(box.box, lure) ?? profileFromTests(lure, [])) : null
  })
  const band = computed(() => {
    const plan = now.value?.thrown.plan
    return plan && known.value && !plan.surface ? pathBand(plan, known.value) : null
  })
  const others = computed(() =>
    match.rows
      .filter((r) => r.key !== match.chosen?.key)
      .slice(0, 3)
      .map((r) => ({ path: r.thrown.path, name: r.setUp.build.lure.name })),
  )
  return { now, others, band, known }
}
