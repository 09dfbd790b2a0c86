import { itemAt } from '../list'
import { DEMO_LOG } from '../../data/demo/outings'
import { DEMO_WATERS } from '../../data/demo/places'
import { seededRandom, type SeededRandom } from '../random'
import { Outing, type Carried, type Entry, type NewEntry, type Watched } from '../outing'
import {
  COLOUR_GROUPS,
  familyOf,
  groupShares,
  lureAction,
  modelKeyOf,
  techniquesOf,
  workAt,
  type Lure,
} from '../tackle'
import { motionOf, sinkRateMps } from '../motion'
import { Conditions, forageLengthM, waterDensity, type Place } from '../water'
import { z } from '../zod'

const SKIES = ['sun', 'broken', 'cloud', 'cloud', 'rain'] as const
type LogPlace = (typeof DEMO_LOG.places)[number]

/** The demo's outings, made once by seeded chance from the hidden truth in data/demo/outings. `before`: the day so many days before the opening. */
export function demoOutings(
  lures: readonly Lure[],
  places: readonly Place[],
  before: (days: number) => string,
): Outing[] {
  const random = seededRandom(DEMO_LOG.seed)
  const days: string[] = []
  for (let back = 3; days.length < DEMO_LOG.days; back += DEMO_LOG.apartDays + Math.floor(random.next() * 5)) {
    const day = before(back)
    if ((DEMO_LOG.months as readonly number[]).includes(Number(day.slice(5, 7)))) days.push(day)
  }
  return z.array(Outing).parse(days.map((day, i) => demoOuting(day, i, lures, places, random)))
}

function placeFor(random: SeededRandom): LogPlace {
  let mark = random.next()
  return DEMO_LOG.places.find((p) => (mark -= p.share) < 0) ?? DEMO_LOG.places[0]
}

function demoOuting(
  day: string,
  number: number,
  lures: readonly Lure[],
  places: readonly Place[],
  random: SeededRandom,
): unknown {
  const at = placeFor(random)
  const place = places.find((p) => p.id === at.id)
  const { tempByMonthC, forage: kind, ...usual } = DEMO_WATERS[at.id]
  const month = Number(day.slice(5, 7)) - 1
  const water = Conditions.parse({
    ...usual,
    placeId: at.id,
    date: day,
    hour: 6,
    waterTempC: Math.round(((tempByMonthC[month] ?? 10) + random.normal()) * 10) / 10,
    visibilityM: Math.round(usual.visibilityM * Math.exp(0.2 * random.normal()) * 10) / 10,
    sky: random.pick(SKIES),
    windMps: 1 + Math.floor(random.next() * 7),
    forage: { kind, lengthM: forageLengthM(kind, day) },
    rodTipM: null,
    seasonAs: null,
    lightAs: null,
  })
  const names = random.shuffled(Object.entries(at.lures)).slice(0, 4)
  const carried = names.map(([name], i) => carriedFrom(lures, name, `c${i + 1}`, water))
  const spots = Object.entries(at.spots)
  const startH = random.pick([5, 6, 7, 12, 15])
  const offset = place?.utcOffsetH ?? 0
  const moment = (min: number) => momentOf(day, startH * 60 + min, offset)
  const entries: Entry[] = []
  const say = (min: number, said: NewEntry) =>
    entries.push({ id: `o${number + 1}-${entries.length + 1}`, at: moment(min), ...said } as Entry)
  const lastMin = 180 + Math.floor(random.next() * 150)
  // Half the blanks of real logs are days on which nothing would have helped.
  const mood = random.next() < 0.2 ? 0.05 : 0.6 + 0.8 * random.next()
  const trial = number === 1
  if (trial) say(0, { kind: 'comparison', a: 'c1', b: 'c2', castsEach: 15 })
  for (let min = 0, turn = 0; min < lastMin; turn++) {
    const lasts = Math.min(lastMin - min, trial && turn < 6 ? 25 : 20 + Math.floor(random.next() * 40))
    const [spot, spotTimes] = trial && turn > 0 ? itemAt(spots, 0) : random.pick(spots)
    const k = trial && turn < 6 ? turn % 2 : Math.floor(random.next() * carried.length)
    const [featureId = '', spotId = ''] = spot.split(':')
    if (!trial || turn === 0 || turn === 6) say(min, { kind: 'spot', stop: 1, featureId, spotId })
    if (trial && turn === 6) say(min, { kind: 'comparison-end' })
    const rig = carried[k]
    const [, times] = itemAt(names, k)
    if (!rig) break
    say(min, { kind: 'rig', carriedId: rig.id, wayId: random.pick(rig.ways).id })
    const hour = startH + min / 60
    const early = hour < 8 || hour > 18 ? at.early : 0.85
    const takes = random.poisson((lasts / 60) * at.perH * times * spotTimes * early * mood)
    const touches = random.poisson((lasts / 60) * 0.5 * mood)
    const events = [...Array.from({ length: takes }, () => true), ...Array.from({ length: touches }, () => false)]
      .map((take) => ({ take, min: min + 0.5 + random.next() * (lasts - 1) }))
      .sort((a, b) => a.min - b.min)
    for (const event of events) say(event.min, answered(event.take, rig.ways[0]?.restS ?? 0, at, water, random))
    min += lasts
    if (random.next() < 0.012 * lasts && !trial && featureId === 'rocks') say(min, { kind: 'lost-lure' })
  }
  say(lastMin, { kind: 'end' })
  const told = tell(entries, carried, water, number)
  return {
    id: `demo-outing-${String(number + 1).padStart(2, '0')}`,
    placeName: place?.name ?? at.id,
    water,
    startedAt: moment(0),
    effortBy: 'clock',
    carried,
    entries: told,
    note: '',
  }
}

/**
 * What an angler tells of entries besides: of about every second one, by a chance of its own, so that the log itself stays as it is drawn. Fish that follow were
 * near, mostly, and the lure had stopped.
 */
function tell(
  entries: readonly Entry[],
  carried: readonly Carried[],
  { speciesId }: Conditions,
  number: number,
): Entry[] {
  const random = seededRandom(DEMO_LOG.seed * 1000 + number)
  const before = (i: number, said: NewEntry): Entry =>
    ({ id: `${entries[i]?.id}-b`, at: entries[i]?.at, ...said }) as Entry
  return entries.flatMap((e, i): Entry[] => {
    if (e.kind === 'rig' && random.next() < 0.12) {
      const { name, family, lengthM, colour, lureId } = random.pick(carried)
      const lure = random.next() < 0.75 ? { lure: { name, family, lengthM, colour, lureId } } : {}
      const longM = Math.round((0.2 + 0.4 * random.next()) * 100) / 100
      return [e, before(i, { kind: 'companion', who: null, speciesId, lengthM: longM, ...lure })]
    }
    if (e.kind === 'spot' && random.next() < 0.1)
      return [e, before(i, { kind: 'lost-part', part: random.pick(['sinker', 'sinker', 'leader', 'trailer']) })]
    if (e.kind !== 'answer') return [e]
    if (e.answer === 'lost' && random.next() < 0.7)
      return [{ ...e, lostHow: random.pick(['jumped', 'at-the-net', 'hook-pulled', 'hook-pulled', 'in-cover']) }]
    if (e.answer === 'landed' && e.fish) {
      const heldBy = random.pick(['front', 'front', 'middle', 'tail'] as const)
      return [random.next() < 0.5 ? e : { ...e, fish: { ...e.fish, heldBy } }]
    }
    if (e.answer !== 'follow') return [e]
    // Fish on the sounder beside those that followed.
    const seen = Array.from({ length: Math.floor(random.next() * 3) }, (_, k) => ({
      ...before(i, { kind: 'answer', answer: 'seen', aim: null, fish: null, watched: seenSo(random) }),
      id: `${e.id}-s${k}`,
    }))
    return [...seen, { ...e, watched: followedSo(random) }]
  })
}
const OFF_M = 2.5
const tenths = (m: number) => Math.round(10 * m) / 10
/** Those that follow were near, mostly, and the lure had stopped. */
function followedSo(random: SeededRandom): Watched {
  return {
    by: random.pick(['eye', 'sounder'] as const),
    where: 'behind',
    offM: tenths(0.1 + 1.2 * random.next()),
    lureDid: random.pick(['stopped', 'stopped', 'snapped', 'dropped'] as const),
    then: random.pick(['nothing', 'drop', 'second-lure'] as const),
  }
}
/** Those that do not come are farther off. */
function seenSo(random: SeededRandom): Watched {
  return {
    by: 'sounder',
    where: 'below',
    offM: tenths(OFF_M * Math.sqrt(random.next())),
    lureDid: random.pick(['snapped', 'steady', 'dropped', 'stopped'] as const),
    fishDid: random.next() < 0.2 ? 'turned-away' : 'stayed',
  }
}

function answered(
  take: boolean,
  restS: number,
  { lengthM }: LogPlace,
  { speciesId }: Conditions,
  random: SeededRandom,
): NewEntry {
  if (!take)
    return { kind: 'answer', answer: random.pick(['follow', 'peck', 'slap', 'follow'] as const), aim: null, fish: null }
  const ate = restS > 0 && random.next() < 0.65 ? 'pause' : 'winding'
  if (random.next() < 0.25) return { kind: 'answer', answer: 'lost', aim: null, fish: null }
  const [from, to] = lengthM
  const length = Math.round((from + (to - from) * random.next() ** 1.8) * 100) / 100
  const hooked = random.pick(['inside', 'inside', 'edge', 'outside'] as const)
  return {
    kind: 'answer',
    answer: 'landed',
    aim: null,
    fish: { speciesId, lengthM: length, massKg: null, hooked, ate, released: random.next() < 0.8 },
  }
}

/** A clock reading with its distance from universal time. */
function momentOf(day: string, minutes: number, offsetH: number): string {
  const local = new Date(Date.parse(`${day}T00:00:00Z`) + Math.round(minutes * 60) * 1000).toISOString().slice(0, 19)
  const sign = offsetH < 0 ? '-' : '+'
  const whole = Math.floor(Math.abs(offsetH))
  const rest = Math.round((Math.abs(offsetH) - whole) * 60)
  return `${local}${sign}${String(whole).padStart(2, '0')}:${String(rest).padStart(2, '0')}`
}

/** As it falls by itself in fresh water. */
function fallOf(lure: Lure): number {
  const density = waterDensity(15, 0)
  return Math.max(
    0,
    sinkRateMps(motionOf({ lure, mount: { kind: 'own' }, trailer: null, massKg: lure.massKg }, density), density),
  )
}

function gearOf({ lengthM, hooks }: Lure): NonNullable<Carried['gear']> {
  const { rod, line } = DEMO_LOG.gear.find((g) => lengthM <= g.upToM) ?? DEMO_LOG.gear[1]
  return { rod, line, ...(hooks && { hook: hooks.style }) }
}

/** A lure as it was carried on a day long past: the ways that its family is fished, without a match for that day. */
function carriedFrom(lures: readonly Lure[], name: string, id: string, { depthM, zone, castM }: Conditions): Carried {
  const lure = lures.find((l) => l.name === name)
  if (!lure) throw new Error(`the demo's log names ${name}, which is not in its box`)
  const family = familyOf(lure.family)
  const shares = groupShares(lure.colour)
  const midM = zone ? (zone.topM + zone.bottomM) / 2 : depthM / 2
  return {
    id,
    lureId: lure.id,
    name,
    modelKey: modelKeyOf(lure).slice(0, 200),
    family: lure.family,
    lengthM: lure.lengthM,
    colour: COLOUR_GROUPS.reduce((a, b) => (shares[b] > shares[a] ? b : a)),
    sound: lure.sound,
    vibration: lureAction(lure).vibration,
    rig: '',
    linePerTurnM: 0.75,
    fallMps: fallOf(lure),
    gear: gearOf(lure),
    cost: lure.cost,
    ways: castFirst(lure.family).map((technique, i) => {
      const asked = { tempo: i === 0 ? 0.45 : 0.25, patience: 0.5 }
      const { tempo, patience, paceMps, restS } = workAt(technique, asked, family.speedMps)
      return {
        id: `${technique.id}/0/0.2`,
        techniqueId: technique.id,
        name: technique.name,
        tempo,
        patience,
        paceMps,
        pullS: technique.pullS,
        restS,
        countDownS: 0,
        rodTipM: 0.2,
        depthM: Math.round(midM * 10) / 10,
        castM,
        castS: 60,
        points: 70,
      }
    }),
  }
}

/** Two ways in which a lure is worked, those first that are cast. */
const castFirst = (family: Lure['family']) =>
  techniquesOf(family)
    .toSorted((a, b) => Number(b.delivery === 'cast') - Number(a.delivery === 'cast'))
    .slice(0, 2)
