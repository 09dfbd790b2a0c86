import { contenderNames, deliveryOfWay, spotLabel, type Entry, type EntryOf, type Outing } from '../../core/outing'
import { showMeasure, type RoleId, type UnitSystem } from '../../core/quantity'
import { speciesOf } from '../../core/water'
import { alteredWords, answerWords } from './answers'
import { EFFORT_WORDS } from './deliveries'
import { boatForm } from './screens/outing'
import { lostHowWords, lostPartWords, lureDidWords } from './told'
import { saySign, saySky } from './water'

/** What stands around an entry, and how its measures are shown. */
interface Log {
  readonly outing: Outing
  readonly show: (valueSi: number, role: RoleId) => string
}

const listed = (...parts: readonly (string | false | 0 | null | undefined)[]) => parts.filter(Boolean).join(', ')
const carriedIn = ({ outing }: Log, id: string) => outing.carried.find((c) => c.id === id)

/** What was counted when an entry was made: casts, drops, passes. */
export function effortWordsAt(entry: Entry, outing: Outing) {
  const before = outing.entries.slice(0, outing.entries.indexOf(entry))
  const rig = before.findLast((e) => e.kind === 'rig')
  const way = rig && outing.carried.find((c) => c.id === rig.carriedId)?.ways.find((w) => w.id === rig.wayId)
  return EFFORT_WORDS[deliveryOfWay(way ?? {}).effort]
}

/** One row for each kind of entry: how the log says it. */
const ENTRY_WORDS: { readonly [K in Entry['kind']]: (entry: EntryOf<K>, log: Log) => string } = {
  rig({ carriedId, wayId }, log) {
    const rig = carriedIn(log, carriedId)
    return `${rig?.name ?? '?'}: ${rig?.ways.find((w) => w.id === wayId)?.name.toLowerCase() ?? ''}`
  },
  spot: (spot) => `Stop ${spot.stop}, ${spotLabel(spot).toLowerCase()}`,
  cast: (entry, { outing }) => effortWordsAt(entry, outing).one,
  answer({ answer, fish, lostHow, watched, lureId }, { outing, show }) {
    const said = listed(
      answerWords(answer).name,
      fish?.lengthM && show(fish.lengthM, 'lureLength'),
      lostHow && lostHowWords(lostHow).toLowerCase(),
      watched?.offM !== undefined && show(watched.offM, 'depth'),
      watched?.lureDid && lureDidWords(watched.lureDid).toLowerCase(),
    )
    const lure = lureId && outing.carried.flatMap((c) => c.beside ?? []).find((b) => b.lureId === lureId)
    return lure ? `${said}, to ${lure.name}` : said
  },
  altered({ carriedId, what, lengthM, byKg, to }, log) {
    const more = [
      lengthM !== undefined && log.show(lengthM, 'lureLength'),
      byKg !== undefined && log.show(byKg, 'lureMass'),
      to,
    ]
    const tail = more.filter(Boolean).map((part) => ` ${part}`)
    return `${carriedIn(log, carriedId)?.name ?? '?'}: ${alteredWords(what).said}${tail.join(',')}`
  },
  boat: ({ speedMps, lineOutM, side, turn }, { show }) =>
    listed(
      speedMps !== undefined && show(speedMps, 'boatSpeed'),
      lineOutM !== undefined && `${show(lineOutM, 'distance')} of line out`,
      side && boatForm[side],
      turn && boatForm[turn],
    ),
  reading: ({ waterTempC, visibilityM, depthM, windMps, sky }, { show }) =>
    listed(
      waterTempC !== undefined && `water ${show(waterTempC, 'waterTemp')}`,
      visibilityM !== undefined && `seen to ${show(visibilityM, 'depth')}`,
      depthM !== undefined && `depth ${show(depthM, 'depth')}`,
      windMps !== undefined && `wind ${show(windMps, 'wind')}`,
      sky !== undefined && saySky(sky),
    ),
  pause: () => 'A break',
  resume: () => 'Fishing again',
  advice: ({ taken, says }) => `${taken ? 'Advice followed' : 'Advice left'}: ${says}`,
  'lost-lure': () => 'The lure is lost',
  'lost-part': ({ part }) => lostPartWords(part),
  companion({ who, speciesId, lengthM, lure }, { show }) {
    const fish = listed(speciesOf(speciesId)?.name.toLowerCase() ?? speciesId, lengthM && show(lengthM, 'lureLength'))
    return `${who ?? 'Somebody else'}: ${fish}${lure ? ` on ${lure.name}` : ''}`
  },
  sign: ({ sign }) => saySign(sign),
  comparison({ a, aWayId, b, bWayId }, { outing }) {
    const [one, other] = contenderNames(outing, {
      a: { carriedId: a, wayId: aWayId ?? null },
      b: { carriedId: b, wayId: bWayId ?? null },
    })
    return `Trial: ${one} against ${other}`
  },
  'comparison-end': () => 'Trial ended',
  note: ({ text }) => text,
  end: () => 'Ended',
}

/** An entry in words, as it stands in the log. */
export function sayEntry(entry: Entry, outing: Outing, system: UnitSystem): string {
  // The entry and its row are of one kind by the table’s own type.
  const say = ENTRY_WORDS[entry.kind] as (entry: Entry, log: Log) => string
  return say(entry, { outing, show: (valueSi, role) => showMeasure(valueSi, role, system) })
}
