import { z } from '../../core/zod'
import { bowedCase } from './by-bowed-line'
import type { LineCase } from './cases'
import type { Mark } from './follow'
import TABLE from './cases.json'

const number = z.number()
const Vector = z.tuple([number, number, number])
const Row = z.strictObject({
  name: z.string(),
  group: z.enum(['wind', 'diver', 'flow', 'hop', 'count', 'swing', 'pitch', 'sweep']),
  lure: z.strictObject({
    massKg: number,
    submergedWeightN: number,
    towDragAreaM2: number,
    sinkDragAreaM2: number,
    diveAngleTan: number,
  }),
  line: z.strictObject({ diameterM: number, densityKgM3: number }),
  tipM: number,
  depthM: number,
  flowMps: z.tuple([number, number]),
  from: Vector,
  slack: z.boolean(),
  windMps: number,
  pullDurationS: number,
  pauseS: number,
  givesLine: z.boolean(),
  way: z.array(z.tuple([number, number, number, number])),
})
/** The table: every case with its marks by the line of lumped masses. Made by scripts/line-cases.ts. */
export const LINE_TABLE: readonly (LineCase & { readonly way: readonly Mark[] })[] = z.array(Row).parse(TABLE)

/** How far a depth may be out: a share of it, and what no angler tells from nothing, m. */
const ALLOWED = { diver: 0.08, sinker: 0.15, leastM: 0.1 } as const

export interface Difference {
  readonly name: string
  readonly group: LineCase['group']
  readonly mark: number
  readonly referenceM: number
  /** NaN where the lure never came to the mark. */
  readonly foundM: number
  readonly within: boolean
}

/** The application's line beside the reference, mark by mark. */
export function lineDifferences(finer = 1): Difference[] {
  return LINE_TABLE.flatMap((one) => {
    const found = bowedCase(one, finer)
    return one.way.map(([, , , referenceM], i): Difference => {
      const foundM = found[i]?.[3] ?? NaN
      const most = Math.max(ALLOWED.leastM, (one.group === 'diver' ? ALLOWED.diver : ALLOWED.sinker) * referenceM)
      const within = Math.abs(foundM - referenceM) <= most
      return { name: one.name, group: one.group, mark: i + 1, referenceM, foundM, within }
    })
  })
}
