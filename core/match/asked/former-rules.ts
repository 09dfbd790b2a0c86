import { formerAsked } from '../../tackle'

/** Own rules of before asked a speed, m/s, and a pause, s, of whatever is fished, and named fixed ways of working a lure. */

type Written = Readonly<Record<string, unknown>>

const isObject = (value: unknown): value is Written => typeof value === 'object' && value !== null

/** Patience that a pause of so many seconds meant: half of it at 3.5 s, nearly all at half a minute. */
const patienceOf = (pauseS: number) => Math.round((1 - 1 / (1 + Math.max(0, pauseS) / 3.5)) * 100) / 100

function testOfBefore({ retrieve, pauseS, ...test }: Written): Written {
  const named = Array.isArray(retrieve) ? formerAsked(retrieve.map(String)) : {}
  return { ...test, ...named, ...(pauseS !== undefined && { restS: pauseS }) }
}

/** What an effect of an own rule meant, in today’s words; one of today is left as it is. */
export function effectOfBefore(effect: Written): Written {
  if (effect.axis === 'speed') return { ...effect, axis: 'pace' }
  if (effect.axis === 'dwell') return { ...effect, axis: 'patience', want: patienceOf(Number(effect.want)) }
  const tests = (['favour', 'avoid', 'unless'] as const).flatMap((key) => {
    const test = effect[key]
    return isObject(test) && ('retrieve' in test || 'pauseS' in test) ? [[key, testOfBefore(test)] as const] : []
  })
  return tests.length > 0 ? { ...effect, ...Object.fromEntries(tests) } : effect
}
