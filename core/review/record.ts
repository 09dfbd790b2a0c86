import { itemAt } from '../list'
import {
  ANSWERS,
  BOAT_STEP_MPS,
  accountOf,
  answerOf,
  beginShowings,
  dayIdOf,
  hourOf,
  isDrawn,
  spotLabel,
  type AnswerId,
  type Carried,
  type Outing,
  type Stretch,
} from '../outing'
import type { Conditions } from '../water'

/** A stretch of effort with all that can be asked of it; what reviews count. */
export interface EffortRow {
  /** The outing, or the party whose logs are of one day: what is fished together stands or falls together. */
  readonly dayId: string
  /** Who fished it, where it was a party; and whether that is a friend. */
  readonly who?: string
  readonly isFriends?: true
  readonly placeId: string
  readonly placeName: string
  readonly date: string
  readonly hour: number
  readonly minutes: number
  readonly casts: number
  readonly carried: Carried
  readonly way: Stretch['way']
  readonly spot: Stretch['spot']
  readonly water: Conditions
  readonly answers: readonly AnswerId[]
  /** Showings that began in it. */
  readonly showings: Showings
  /** What was changed in the hand before. */
  readonly altered?: Stretch['altered']
  /** Side and turn of a trolled rod. */
  readonly boat?: Stretch['boat']
  /** The effort of each lure on the line by itself, where there were several: all had all of the time, and each its own answers. */
  readonly byLure?: readonly Pick<EffortRow, 'carried' | 'answers' | 'showings'>[]
  /** The one kind of answer looked at, where effort was split by answers. */
  readonly only?: AnswerId
}

/** Schools that showed themselves, by what is counted of them: one that took three times in two minutes is one. */
interface Showings {
  readonly landed: number
  readonly bites: number
  readonly answers: number
  /** Those of one kind of answer by itself. */
  readonly kinds: Readonly<Partial<Record<AnswerId, number>>>
}

type Given = Stretch['answers'][number]
const isLanded = ({ answer }: Given) => answer === 'landed'
const isBite = ({ answer }: Given) => answerOf(answer).bite
/** A fish that was only watched answered nothing. */
const isAnswer = ({ answer }: Given) => !answerOf(answer).watched

/** Showings of stretches that follow one another; one that goes on over a change belongs to the stretch in which it began. */
function showingsOf(stretches: readonly (readonly Given[])[]): Showings[] {
  const all = stretches.flat()
  const begins = beginShowings(all.map(({ at }) => at))
  // Whatever it did, an answer belongs to the school that was there: of what is counted the first in each school is taken.
  const schools: Given[][] = []
  all.forEach((answer, i) => (begins[i] ? schools.push([answer]) : schools.at(-1)?.push(answer)))
  const beginning = (counts: (a: Given) => boolean) => {
    const first = new Set(schools.map((school) => school.find(counts)))
    return (answers: readonly Given[]) => answers.filter((a) => first.has(a)).length
  }
  const [landed, bites, answers] = [beginning(isLanded), beginning(isBite), beginning(() => true)]
  const kinds = [...new Set(all.map(({ answer }) => answer))].map(
    (id) => [id, beginning((a) => a.answer === id)] as const,
  )
  return stretches.map((given) => ({
    landed: landed(given),
    bites: bites(given),
    answers: answers(given),
    kinds: Object.fromEntries(kinds.map(([id, count]) => [id, count(given)])),
  }))
}

/** All effort of some outings; one still under way counts up to `now`. */
export function effortRows(outings: readonly Outing[], now: string): EffortRow[] {
  return outings.flatMap((outing) => {
    const stretches = accountOf(outing, now)
      .stretches.map((s) => ({ ...s, answers: s.answers.filter(isAnswer) }))
      .filter((s) => s.minutes > 0 || s.answers.length > 0)
    const shown = showingsOf(stretches.map(({ answers }) => answers))
    const eachShown = lureShowings(stretches)
    return stretches.map((s, i): EffortRow => ({
      dayId: dayIdOf(outing),
      ...(outing.party && { who: outing.party.names[outing.party.who] }),
      ...(outing.party?.isFriends && { isFriends: true }),
      placeId: outing.water.placeId,
      placeName: outing.placeName,
      date: s.from.slice(0, 10),
      hour: hourOf(s.from),
      minutes: s.minutes,
      casts: s.casts.length,
      carried: s.carried,
      way: s.way,
      spot: s.spot,
      water: s.water,
      boat: s.boat,
      altered: s.altered,
      answers: s.answers.map((a) => a.answer),
      showings: itemAt(shown, i),
      ...(s.carried.beside?.length && { byLure: eachLure(s, i, eachShown) }),
    }))
  })
}

/** Answers of a stretch that one lure on the line was given. */
const givenTo = ({ carried, answers }: Stretch, lureId: string | null) =>
  answers.filter((a) => (a.lureId ?? carried.lureId) === lureId)

/** Showings of each lure of the lines with several, stretch by stretch. */
function lureShowings(stretches: readonly Stretch[]): ReadonlyMap<string | null, readonly Showings[]> {
  const ids = stretches.flatMap(({ carried }) =>
    carried.beside?.length ? [carried.lureId, ...carried.beside.map(({ lureId }) => lureId)] : [],
  )
  return new Map([...new Set(ids)].map((id) => [id, showingsOf(stretches.map((s) => givenTo(s, id)))]))
}

function eachLure(
  stretch: Stretch,
  i: number,
  shown: ReturnType<typeof lureShowings>,
): NonNullable<EffortRow['byLure']> {
  const { carried } = stretch
  const alone = ({ beside: _, ...lure }: Carried) => ({
    carried: lure,
    answers: givenTo(stretch, lure.lureId).map((a) => a.answer),
    showings: itemAt(shown.get(lure.lureId) ?? [], i),
  })
  return [alone(carried), ...(carried.beside ?? []).map((other) => alone({ ...carried, ...other }))]
}

/** The same effort lure by lure: for what is asked of lures. Time on a line with several counts for each of them. */
export const splitByLure = (tried: readonly EffortRow[]): EffortRow[] =>
  tried.flatMap(({ byLure, ...row }) => byLure?.map((own) => ({ ...row, ...own })) ?? [row])

/** The same effort once for each kind of answer: every kind had all of the time to be given. */
export function splitByAnswer(tried: readonly EffortRow[]): EffortRow[] {
  return ANSWERS.flatMap(({ id }) =>
    tried.map((t) => {
      const answers = t.showings.kinds[id] ?? 0
      return {
        ...t,
        only: id,
        answers: t.answers.filter((a) => a === id),
        showings: { landed: 0, bites: 0, answers, kinds: { [id]: answers } },
      }
    }),
  )
}

/** What is counted for a rate. */
export const MEASURES = [
  { id: 'landed', name: 'Landed', says: 'fish landed' },
  { id: 'bites', name: 'Takes', says: 'takes' },
  { id: 'answers', name: 'Any answer', says: 'answers' },
] as const
export type MeasureId = (typeof MEASURES)[number]['id']

/** Showings of a stretch: what every rate, comparison and pattern counts. */
export const countShowings = ({ showings }: Pick<EffortRow, 'showings'>, measure: MeasureId): number =>
  showings[measure]

/** Fish or answers one by one: what a day, a season or a lure brought. Never what a rate is made of. */
export function countAnswers({ answers }: Pick<EffortRow, 'answers'>, measure: MeasureId): number {
  if (measure === 'answers') return answers.length
  return answers.filter((a) => (measure === 'landed' ? a === 'landed' : answerOf(a).bite)).length
}

const band = (value: number, ends: readonly number[], unit: (from: number, to: number | null) => string) => {
  const i = ends.filter((end) => value >= end).length
  return { key: String(i), label: unit(i === 0 ? 0 : itemAt(ends, i - 1), ends[i] ?? null), order: i }
}
interface Label {
  readonly key: string
  readonly label: string
  readonly order: number
}
const named = (key: string, label = key): Label => ({ key, label, order: 0 })
const range = (unit: string) => (from: number, to: number | null) =>
  to === null ? `${from} ${unit} and more` : `${from}–${to} ${unit}`
const capital = (s: string) => s.charAt(0).toUpperCase() + s.slice(1).replaceAll('-', ' ')

const MONTH = new Intl.DateTimeFormat('en', { month: 'long', timeZone: 'UTC' })

/** By what effort can be split. `within`: may change during one outing. */
export interface Factor {
  readonly id: string
  /** Asks of the lure: then effort on a line with several counts for each. */
  readonly byLure?: boolean
  readonly name: string
  readonly within: boolean
  readonly of: (t: EffortRow) => Label | null
}

/** What all of a boat share is told by one’s own line alone: a school under it shows itself to friends, too, and is no second piece of news of the hour or the spot. */
const ofBoat =
  (of: Factor['of']): Factor['of'] =>
  (t) =>
    t.isFriends ? null : of(t)

export const FACTORS = [
  {
    id: 'lure',
    name: 'Lure',
    byLure: true,
    within: true,
    of: (t) => named(t.carried.lureId ?? t.carried.name, t.carried.name),
  },
  {
    id: 'family',
    name: 'Family',
    byLure: true,
    within: true,
    of: (t) => named(t.carried.family, capital(t.carried.family)),
  },
  {
    id: 'colour',
    name: 'Colour',
    byLure: true,
    within: true,
    of: (t) => named(t.carried.colour, capital(t.carried.colour)),
  },
  {
    id: 'size',
    name: 'Size',
    byLure: true,
    within: true,
    of: (t) => band(t.carried.lengthM * 1000, [50, 75, 100, 140], range('mm')),
  },
  {
    id: 'fall',
    name: 'Fall',
    byLure: true,
    within: true,
    of: (t) => (t.carried.fallMps > 0 ? band(t.carried.fallMps, [0.2, 0.4, 0.8], range('m/s')) : null),
  },
  {
    id: 'altered',
    name: 'Changed in the hand',
    within: true,
    of: ({ altered = [] }) =>
      altered.length > 0
        ? { ...named(altered.join(' '), altered.map(capital).join(', ')), order: 1 }
        : named('', 'As carried'),
  },
  { id: 'technique', name: 'Technique', within: true, of: (t) => named(t.way.techniqueId, t.way.name) },
  {
    id: 'tempo',
    name: 'Tempo',
    within: true,
    of: (t) => band(t.way.tempo, [0.35, 0.65], (from, to) => (to === null ? 'Fast' : from === 0 ? 'Slow' : 'Usual')),
  },
  {
    id: 'boat-speed',
    name: 'Boat speed',
    within: true,
    of: ofBoat((t) => {
      if (!isDrawn(t.way)) return null
      const step = Math.round(t.way.paceMps / BOAT_STEP_MPS)
      return { key: String(step), label: `${(step * BOAT_STEP_MPS).toFixed(2)} m/s`, order: step }
    }),
  },
  {
    id: 'turn',
    name: 'Rod in a turn',
    within: true,
    of: (t) => (t.boat?.turn ? named(t.boat.turn, capital(t.boat.turn)) : null),
  },
  {
    id: 'side',
    name: 'Side of the boat',
    within: true,
    of: (t) => (t.boat?.side ? named(t.boat.side, capital(t.boat.side)) : null),
  },
  { id: 'depth', name: 'Depth fished', within: true, of: (t) => band(t.way.depthM, [1, 2, 3, 5, 8], range('m')) },
  {
    id: 'spot',
    name: 'Spot',
    within: true,
    of: ofBoat((t) => (t.spot ? named(`${t.spot.featureId}:${t.spot.spotId}`, spotLabel(t.spot)) : null)),
  },
  {
    id: 'hour',
    name: 'Hour',
    within: true,
    of: ofBoat((t) => band(t.hour, [3, 6, 9, 12, 15, 18, 21], (a, b) => `${a}–${b ?? 24} h`)),
  },
  {
    id: 'answer',
    name: 'Answer',
    within: true,
    of: (t) => {
      const at = ANSWERS.findIndex((a) => a.id === t.only)
      const answer = ANSWERS[at]
      return answer ? { key: answer.id, label: capital(answer.id), order: at } : null
    },
  },
  { id: 'angler', name: 'Who fished', within: true, of: (t) => (t.who === undefined ? null : named(t.who)) },
  { id: 'sky', name: 'Sky', within: true, of: ofBoat((t) => named(t.water.sky, capital(t.water.sky))) },
  {
    id: 'temp',
    name: 'Water temperature',
    within: false,
    of: ofBoat((t) => band(Math.max(0, t.water.waterTempC), [5, 8, 11, 14, 17, 20, 23], range('°C'))),
  },
  {
    id: 'clarity',
    name: 'Clarity',
    within: false,
    of: ofBoat((t) => band(t.water.visibilityM, [0.5, 1, 2, 4], range('m'))),
  },
  { id: 'wind', name: 'Wind', within: false, of: ofBoat((t) => band(t.water.windMps, [2, 5, 8], range('m/s'))) },
  { id: 'place', name: 'Place', within: false, of: ofBoat((t) => named(t.placeId, t.placeName)) },
  {
    id: 'species',
    name: 'Species sought',
    within: false,
    of: ofBoat((t) => named(t.water.speciesId, capital(t.water.speciesId))),
  },
  {
    id: 'month',
    name: 'Month',
    within: false,
    of: ofBoat((t) => ({
      key: t.date.slice(5, 7),
      label: MONTH.format(new Date(t.date)),
      order: Number(t.date.slice(5, 7)),
    })),
  },
] as const satisfies readonly Factor[]
export type FactorId = (typeof FACTORS)[number]['id']

/** @throws Error on an id that is no factor */
export function factorOf(id: FactorId): Factor {
  const found = FACTORS.find((f) => f.id === id)
  if (!found) throw new Error(`${id} is not a factor of the review`)
  return found
}
