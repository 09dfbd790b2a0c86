import {
  EFFORT_WORDS,
  alteredWords,
  answerWords,
  boxPicker,
  outingLogWords as words,
  sayAdvice,
  sayRefusal,
  spotWords,
} from '../../words'
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
  type Contender,
  type Entry,
  type Fish,
  type NewEntry,
  type Outing,
  type Wanted,
} from '../../core/outing'
import type { Amendment } from '../../storage/log'
import { useMatch } from '~/stores/match'
import { useOutings } from '~/stores/outings'
import { useSettings } from '~/stores/settings'
import { createQueue } from './queue'
import { usePractised } from './usePractised'
import { sayError } from './say-error'

/** What a card tells of its entry, and what it takes back. */
export type Telling = Pick<Amendment, 'told' | 'watched' | 'unsaid'>

/** Answers and other entries of which more can be told than a tap says. */
function hasDetails(e: Entry): boolean {
  if (e.kind === 'answer') return ['follow', 'seen', 'peck', 'slap', 'lost'].includes(e.answer)
  return e.kind === 'companion' || (e.kind === 'altered' && e.what !== 'trimmed' && e.what !== 'cut')
}

/** Everything that is tapped on the water, logged one after another; `status` says what was logged, or what was not. */
export function useOutingLog(outing: () => Outing, account: Ref<Account>, feature: Ref<string>) {
  const outings = usePractised()?.log ?? useOutings()
  const settings = useSettings()
  const status = ref('')
  /** The entry whose details are open: a fish landed, or anything else that more can be told of. */
  const detailsId = ref<string | null>(null)
  const details = computed(() => {
    const found = answerEntry(outing(), detailsId.value)
    return found?.fish ? found : undefined
  })
  const telling = computed(() => outing().entries.find((e) => e.id === detailsId.value && hasDetails(e)) ?? null)
  const match = useMatch()

  const enqueue = createQueue((error) => {
    status.value = words.notSavedTapAgain(sayError(error))
  })
  const log = (entry: NewEntry, label: string, logged?: string) =>
    enqueue(async () => {
      await outings.log(outing(), entry, label)
      // Who goes on has told enough of what was before; of a fish in the hand it is told on.
      if (telling.value && !details.value) detailsId.value = null
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
      detailsId.value = id === 'landed' || hasDetails(stored) ? stored.id : null
    })
  }
  /** An entry of which more can be told at once. */
  const logAndAsk = (entry: NewEntry, label: string) =>
    enqueue(async () => {
      const stored = await outings.log(outing(), entry, label)
      status.value = words.logged(label)
      detailsId.value = hasDetails(stored) ? stored.id : null
    })
  /** More of the entry that is open. */
  function amend(more: Omit<Amendment, 'entryId'>, label: string) {
    const entryId = detailsId.value
    if (entryId === null) return
    return enqueue(() => outings.change({ outingId: outing().id, amend: [{ entryId, ...more }] }, label))
  }
  const tell = (more: Telling) => amend(more, words.moreTold)
  /** Somebody else’s fish: of the kind that is sought, on what the last one took; both can be told better. */
  function companion() {
    const last = outing().entries.findLast((e) => e.kind === 'companion')
    const entry = {
      kind: 'companion',
      who: last?.who ?? null,
      speciesId: account.value.water.speciesId,
      lengthM: null,
    } as const
    return logAndAsk(entry, words.somebodysFish)
  }
  const taking = ref(false)
  /** Something of the box that was not carried, into the hand. */
  const takeAlong = (wanted: Wanted) =>
    enqueue(async () => {
      taking.value = true
      try {
        await match.sendInputs()
        const taken = await outings.takeAlong(outing(), account.value, wanted, words.takenAlong)
        if (!taken) status.value = words.noLongerInBox
        else if (taken.why) status.value = boxPicker.notFished(taken.carried.name, sayRefusal(taken.why))
        else status.value = words.logged(taken.carried.name)
      } finally {
        taking.value = false
      }
    })
  const changeFish = (fish: Partial<Fish>) => amend({ fish }, words.theFish)
  /** A cast, a drop, a pass: what is counted of the way that is fished. */
  const cast = (aim: number | null) => {
    const { effort } = deliveryOfWay(account.value.inHand?.way ?? {})
    return log({ kind: 'cast', aim }, EFFORT_WORDS[effort].one, '')
  }
  const takeRig = (carriedId: string, wayId: string) => log({ kind: 'rig', carriedId, wayId }, words.anotherRig)
  /** A side of a trial: its rig, in its way or in the first. */
  function turnTo({ carriedId, wayId }: Contender) {
    const way = wayId ?? outing().carried.find((c) => c.id === carriedId)?.ways[0]?.id
    return way === undefined ? undefined : takeRig(carriedId, way)
  }
  /** The lure in the hand, changed there. */
  function alter(what: AlteredInHand, lengthM: number | null) {
    const rig = account.value.inHand?.carried
    if (!rig) return
    const entry = { kind: 'altered', carriedId: rig.id, what, ...(lengthM !== null && { lengthM }) } as const
    return logAndAsk(entry, alteredWords(what).does)
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
  async function compare(a: Contender, b: Contender, castsEach: number) {
    const ways = { ...(a.wayId && { aWayId: a.wayId }), ...(b.wayId && { bWayId: b.wayId }) }
    await log({ kind: 'comparison', a: a.carriedId, b: b.carriedId, castsEach, ...ways }, words.aComparison)
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
    telling,
    taking,
    answer,
    logAndAsk,
    tell,
    companion,
    takeAlong,
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
