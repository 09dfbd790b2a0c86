import {
  accountOf,
  advise,
  spotsOf,
  usualFeature,
  type Account,
  type Advice,
  type Outing,
  type Spot,
} from '../../core/outing'
import { speciesOf } from '../../core/water'
import { useSettings } from '~/stores/settings'
import { useNow } from './useNow'

/** The outing under way as it stands this second, and what to do next in it. */
export function useLiveOuting(outing: () => Outing) {
  const now = useNow()
  const settings = useSettings()
  const account = computed<Account>(() => accountOf(outing(), now.value))
  /** Spots that the adviser may send to: all of this stop's cover, and those fished before. */
  const spots = computed<Spot[]>(() => {
    const here = account.value.spot
    const feature = here?.featureId ?? usualFeature(account.value.water).id
    const known = outing().entries.flatMap((e) =>
      e.kind === 'spot' ? [{ stop: e.stop, featureId: e.featureId, spotId: e.spotId }] : [],
    )
    const all = [...(here ? spotsOf(here.stop, feature) : []), ...known]
    return all.filter(
      (s, i) => all.findIndex((o) => o.stop === s.stop && o.spotId === s.spotId && o.featureId === s.featureId) === i,
    )
  })
  /** Advice is worked out by the minute and after every entry, not by the second. */
  const minute = computed(() => `${now.value.slice(0, 16)} ${outing().entries.length}`)
  const advice = shallowRef<Advice | null>(null)
  watch(
    [minute, () => settings.system],
    () => {
      const { paused, current, water } = account.value
      advice.value =
        !current || paused
          ? null
          : advise({
              account: account.value,
              carried: outing().carried,
              spots: spots.value,
              schooling: speciesOf(water.speciesId)?.schools ?? false,
              now: now.value,
              system: settings.system,
            })
    },
    { immediate: true },
  )
  return { now, account, spots, advice }
}
