import { EFFORT_WORDS, outingLogWords as words, alteredWords, answerWords, sayAdvice, spotWords } from '../../words'
import {
  answerEntry,
  deliveryOfWay,
  followAdvice,
  newFish,
  nextStop,
  refuseAdvice,
  type Account,
  type AlteredInHand,
  type AnswerId,
  type Change,
  type Entry,
  type Fish,
  type NewEntry,
  type Outing,
} from '../../core/outing'
import { useOutings } from '~/stores/outings'
import { useSettings } from '~/stores/settings'
import { createQueue } from './queue'
import { sayError } from './say-error'

/** Everything that is tapped on the water, logged one after another; `status` says what was logged, or what was not. */
export function useOutingLog(outing: () => Outing, account: Ref<Account>, feature: Ref<string>) {
  const outings = useOutings()
  const settings = useSettings()
  const status = ref('')
  /** The fish whose details are open. */
  const detailsId = ref<string | null>(null)
  const details = computed(() => answerEntry(outing(), detailsId.value))

  const enqueue = createQueue((error) => {
    status.value = words.notSavedTapAgain(sayError(error))
  })
  const log = (entry: NewEntry, label: string, logged?: string) =>
    enqueue(async () => {
      await outings.log(outing(), entry, label)
      if (logged !== undefined) status.value = logged
    })
  const name = () => account.value.inHand?.carried.name ?? words.theLure
  /** Advice as it is logged: what was said, in the units of the moment. */
  const adviceText = ({ does, why }: Change) =>
    `${sayAdvice(does, settings.system)}. ${sayAdvice(why, settings.system)}`.slice(0, 400)

  function answer(id: AnswerId, lureId: string | null = null) {
    const fish = id === 'landed' ? newFish(account.value.water.speciesId) : null
    return enqueue(async () => {
      const entry = { kind: 'answer', answer: id, aim: account.value.aim, fish, ...(lureId && { lureId }) } as const
      const stored = await outings.log(outing(), entry, answerWords(id).name)
      status.value = words.logged(answerWords(id).says)
      if (id === 'landed') detailsId.value = stored.id
    })
  }
  function changeFish(fish: Partial<Fish>) {
    const entryId = details.value?.id
    if (entryId === undefined) return
    return enqueue(() => outings.change({ outingId: outing().id, amend: [{ entryId, fish }] }, words.theFish))
  }
  /** A cast, a drop, a pass: what is counted of the way that is fished. */
  const cast = (aim: number | null) => {
    const { effort } = deliveryOfWay(account.value.inHand?.way ?? {})
    return log({ kind: 'cast', aim }, EFFORT_WORDS[effort].one, '')
  }
  const takeRig = (carriedId: string, wayId: string) => log({ kind: 'rig', carriedId, wayId }, words.anotherRig)
  /** A rig in its first way. */
  function turnTo(carriedId: string) {
    const way = outing().carried.find((c) => c.id === carriedId)?.ways[0]
    return way && takeRig(carriedId, way.id)
  }
  /** The lure in the hand, changed there. */
  function alter(what: AlteredInHand, lengthM: number | null) {
    const rig = account.value.inHand?.carried
    if (!rig) return
    const entry = { kind: 'altered', carriedId: rig.id, what, ...(lengthM !== null && { lengthM }) } as const
    const { does } = alteredWords(what)
    return log(entry, does, words.logged(does))
  }
  const lost = () => log({ kind: 'lost-lure' }, words.lureLost(name()), words.markedLostOneFewer(name()))
  const goTo = (spotId: string, stop: number) => {
    const spot = { stop, featureId: feature.value, spotId }
    return log({ kind: 'spot', ...spot }, words.anotherSpot, `At ${spotWords(spot)}.`)
  }
  function goToNextStop() {
    const next = nextStop(outing(), feature.value)
    return next && goTo(next.spotId, next.stop)
  }
  const follow = (change: Change) =>
    enqueue(async () => {
      const entries = followAdvice(change, adviceText(change), account.value.spot)
      for (const entry of entries)
        await outings.log(outing(), entry, entry.kind === 'advice' ? words.adviceFollowed : words.whatItAdvised)
      status.value = words.changedNowGive
    })
  const refuse = (change: Change) => log(refuseAdvice(change, adviceText(change)), words.adviceLeft)
  async function compare(a: string, b: string, castsEach: number) {
    await log({ kind: 'comparison', a, b, castsEach }, words.aComparison)
    await turnTo(a)
  }
  const remove = (entry: Entry) => enqueue(() => outings.removeEntry(outing(), entry, words.takenOut))
  const undoLast = () =>
    enqueue(async () => {
      detailsId.value = null
      await outings.undoLast(outing())
      status.value = words.takenBack
    })

  return {
    status,
    details,
    detailsId,
    log,
    answer,
    changeFish,
    cast,
    takeRig,
    turnTo,
    alter,
    lost,
    goTo,
    goToNextStop,
    follow,
    refuse,
    compare,
    remove,
    undoLast,
  }
}
