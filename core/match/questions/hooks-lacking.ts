import { median } from 'd3-array'
import { REMEDY } from '../../../data/remedy'
import type { Box } from '../../box'
import {
  buildsOf,
  familyOf,
  hookGapM,
  hookSizeFor,
  usualPart,
  wantedGapM,
  type Lure,
  type PartKind,
  type PartOf,
} from '../../tackle'

/** A part to put in the box. */
export type PartPiece = { readonly [K in PartKind]: { readonly kind: K; readonly part: PartOf<K> } }[PartKind]

/** A weedless hook and a head of the size that a body asks for. */
export function hooksFor(lure: Lure, depthM: number): PartPiece[] {
  const mounts = familyOf(lure.family).mounts ?? []
  const pieces: PartPiece[] = []
  if (mounts.includes('texas')) {
    const hookSize = hookSizeFor(lure, 'texas')
    const massKg = hookGapM(hookSize) * REMEDY.hookKgPerGap
    const part = { ...usualPart('hooks', `new hook ${hookSize}`), hookSize, massKg, count: REMEDY.pack }
    pieces.push({ kind: 'hooks', part })
  }
  if (mounts.includes('head')) {
    const hookSize = hookSizeFor(lure, 'head')
    const byDepth = REMEDY.heads.find((h) => depthM <= h.toM)?.kg ?? REMEDY.lureKg
    const massKg = Math.max(byDepth, REMEDY.headByBody * lure.massKg)
    pieces.push({
      kind: 'heads',
      part: { ...usualPart('heads', `new head ${hookSize}`), hookSize, massKg, count: REMEDY.pack },
    })
  }
  return pieces
}

/** A pack of heads or hooks, and for how many of the bodies without a hook it serves. */
export interface HooksLacking {
  readonly piece: PartPiece
  readonly serves: number
}

/** Of bodies for which no hook of the box fits: the one pack with which most of them can be fished, heads before hooks, no heads where lead is forbidden; null where none serves. */
export function hooksLacking(
  bodies: readonly Lure[],
  box: Box,
  { depthM, noLead }: { readonly depthM: number; readonly noLead: boolean },
): HooksLacking | null {
  const bySize = new Map<string, PartPiece>()
  for (const body of bodies)
    for (const piece of hooksFor(body, depthM))
      if (!noLead || piece.kind === 'hooks') bySize.set(`${piece.kind} ${piece.part.id}`, piece)
  const middleM = median(bodies, (body) => wantedGapM(body)) ?? 0
  const offMiddle = ({ part }: PartPiece) =>
    'hookSize' in part ? Math.abs(Math.log(hookGapM(part.hookSize) / middleM)) : Infinity
  const served = [...bySize.values()].map((piece): HooksLacking => {
    const mended = { ...box, [piece.kind]: [...box[piece.kind], piece.part] }
    return { piece, serves: bodies.filter((body) => buildsOf(body, mended).length > 0).length }
  })
  const [best] = served.sort(
    (a, b) =>
      b.serves - a.serves ||
      Number(b.piece.kind === 'heads') - Number(a.piece.kind === 'heads') ||
      offMiddle(a.piece) - offMiddle(b.piece),
  )
  return best && best.serves > 0 ? best : null
}
