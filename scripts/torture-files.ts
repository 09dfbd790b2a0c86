/** Files gone wrong, by the thousand: each has to be refused in words that an angler reads, or to be taken whole. */
import { archiveTrials, gpxTrials, logTrials, nmeaTrials, sheetTrials, type Trials } from '../testing/hostile/trials'
import type { Finding } from './torture-server'

const MANY: readonly (readonly [what: string, trials: (n: number) => Trials, n: number])[] = [
  ['archives', archiveTrials, 12_000],
  ['lure sheets', sheetTrials, 4000],
  ['logs', logTrials, 4000],
  ['waypoint files', gpxTrials, 4000],
  ['logs of instruments', nmeaTrials, 4000],
]

export function tortureFiles(): Finding[] {
  return MANY.map(([what, trials, n]) => {
    const { tried, refused, threw, silent, unclear, late, examples } = trials(n)
    const bad = threw + silent + unclear + late
    const found = `tried ${tried}, refused ${refused}, threw ${threw}, silent ${silent}, unclear ${unclear}, failed late ${late}`
    return { what, found: [found, ...examples].join('\n          '), ok: bad === 0 }
  })
}
