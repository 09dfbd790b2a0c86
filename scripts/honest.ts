import { LAWS } from '../core/testing/logs'
import { falsePatterns, falseRules, goldFound, intervalsHold, maskTaken, winnerNamed } from '../core/testing/honesty'

/** Holds every claim of the review against made-up logs: `npm run honest [logs]`. */
const logs = Number(process.argv[2] ?? 1000)
const percent = (share: number) => `${(100 * share).toFixed(1)} %`.padStart(8)

console.log(`${logs} logs of each law`)
for (const law of LAWS) {
  const row = [
    ['interval holds, 6 outings', intervalsHold(law, logs, 6)],
    ['16 outings', intervalsHold(law, logs, 16)],
    ['false winner', winnerNamed(law, logs)],
    ['winner 2.5 ×', winnerNamed(law, logs, 2.5)],
    ['false rule', falseRules(law, logs)],
    ['false pattern', falsePatterns(law, logs)],
    ['mask taken', maskTaken(law, logs)],
    ['gold 2.5 × found', goldFound(law, logs, 2.5)],
    ['40 outings', goldFound(law, Math.ceil(logs / 4), 2.5, 40)],
  ] as const
  console.log(`${law.padEnd(10)} ${row.map(([name, share]) => `${name} ${percent(share)}`).join(' · ')}`)
}
