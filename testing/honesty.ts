import { versus } from '../core/outing'
import { checkRules, findPatterns, ratesBy } from '../core/review'
import { someSeason, someTrial, type Law } from './logs'

/** How often what is claimed of made-up logs is wrong, and how often what is so is found. */

const share = (count: number, wrong: (seed: number) => boolean) =>
  Array.from({ length: count }, (_, seed) => wrong(seed)).filter(Boolean).length / count

/** Share of logs in which the 90 % interval of one colour holds its true rate, an hour. */
export const intervalsHold = (law: Law, logs: number, outings: number): number =>
  share(logs, (seed) => {
    const { cells } = ratesBy(someSeason(seed, law, { outings }), 'colour', null, 'bites')
    const cell = cells.find(({ row }) => row === 'silver')
    return cell !== undefined && cell.shown.low <= 1 && 1 <= cell.shown.high
  })

/** Share of trials of two rigs in which a winner is named, looked at after every pair; with `times` 1 each of them is a false one. */
export const winnerNamed = (law: Law, trials: number, times = 1, pairs = 20): number =>
  share(trials, (seed) => {
    const all = someTrial(seed, law, pairs, times)
    return all.some((_, i) => versus(all.slice(0, i + 1)).verdict !== null)
  })

/** Share of logs without any pattern in which one is told. */
export const falsePatterns = (law: Law, logs: number): number =>
  share(logs, (seed) => findPatterns(someSeason(seed, law), 'bites', seed).patterns.length > 0)

/** Share of logs in which gold, so many times as good, is told. */
export const goldFound = (law: Law, logs: number, goldTimes: number, outings = 16): number =>
  share(logs, (seed) =>
    findPatterns(someSeason(seed, law, { goldTimes, outings }), 'bites', seed).patterns.some(
      ({ factor, label }) => factor === 'colour' && label === 'Gold',
    ),
  )

/** Share of logs in which gold, fished on three great days only and no better than the rest, is told as a colour or lure. */
export const maskTaken = (law: Law, logs: number): number =>
  share(logs, (seed) =>
    findPatterns(someSeason(seed, law, { greatDays: 4 }), 'bites', seed).patterns.some(
      ({ factor, within, label }) => within === null && ['colour', 'lure'].includes(factor) && /gold/i.test(label),
    ),
  )

/** Share of logs in which any rule of thumb is borne out or contradicted, where none is so. */
export const falseRules = (law: Law, logs: number): number =>
  share(logs, (seed) => checkRules(someSeason(seed, law), 'bites').some(({ verdict }) => verdict !== 'open'))
