import { REMEDY } from '../../../data/remedy'
import { BITE_PROOF_M, KNOT } from '../../../data/tackle-limits'
import { median } from 'd3-array'
import {
  familyOf,
  hookPoints,
  lureMass,
  monoOfThicknessN,
  reelFitsRod,
  swapHooks,
  thicknessOfMonoM,
  usualPart,
  type Lure,
  type Part,
  type PartOf,
} from '../../tackle'
import type { Box } from '../../box'
import { hooksFor, type PartPiece } from './hooks-lacking'
import { createMatchContext } from '../against'
import { requiredStrengthN, type MatchContext, type MatchOptions } from '../possible'
import { rank } from '../tuned'

/** A piece to tie, to respool or to buy. */
export type Piece =
  | PartPiece
  /** A line from the drawer, wound on a reel. */
  | { readonly kind: 'respool'; readonly part: PartOf<'lines'>; readonly reel: string }
  /** Trebles changed for single hooks. */
  | { readonly kind: 'singles'; readonly lure: Lure }

/** The cheapest change to a box with which it has an answer, and what that answer then is. */
export interface Remedy {
  readonly pieces: readonly Piece[]
  readonly lure: Pick<Lure, 'id' | 'name'>
  readonly score: number
}

/** A box with the pieces in it. */
export function withPieces(box: Box, pieces: readonly Piece[]): Box {
  return pieces.reduce((on, piece): Box => {
    if (piece.kind === 'singles') return { ...on, lures: replaced(on.lures, piece.lure) }
    if (piece.kind === 'respool') return { ...on, lines: replaced(on.lines, piece.part) }
    return { ...on, [piece.kind]: replaced(on[piece.kind] as readonly Part[], piece.part) }
  }, box)
}

function replaced<T extends { id: string }>(list: readonly T[], one: T): T[] {
  return list.some((l) => l.id === one.id) ? list.map((l) => (l.id === one.id ? one : l)) : [...list, one]
}

/**
 * What a box that has no answer here needs at least: single changes first, from the cheapest kind to the dearest, then two and three together. Each is tried:
 * what is named works. Null where nothing of it does.
 */
export function cheapestRemedy(
  box: Box,
  context: MatchContext,
  options: Pick<MatchOptions, 'sides' | 'rules' | 'record'>,
): Remedy | null {
  for (const pieces of tries(box, context)) {
    const mended = withPieces(box, pieces)
    const [first] = rank(mended, createMatchContext(context.c, context.place, mended, options), 1)
    if (!first) continue
    const { id, name } = first.setUp.build.lure
    return { pieces, lure: { id, name }, score: first.score }
  }
  return null
}

function* tries(box: Box, context: MatchContext): Generator<Piece[]> {
  const { c, species } = context
  const lures = box.lures.filter((l) => l.count > 0)
  if (lures.length === 0) return
  const neededN = (requiredStrengthN(species, c) / KNOT) * REMEDY.over
  const kg = median(lures, (l) => lureMass(l).kg) ?? REMEDY.lureKg
  for (const respooled of respools(box)) yield [respooled]
  if (context.place.singlesOnly) for (const lure of lures.slice(0, REMEDY.tried)) yield* singlesFor(lure)
  for (const lure of lures.filter((l) => familyOf(l.family).body === 'soft').slice(0, REMEDY.tried))
    for (const piece of hooksFor(lure, c.depthM)) yield [piece]
  const leader = leaderOf(neededN, species.biteProof)
  yield [leader]
  const lines = linesFor(box.rods, box.reels, neededN)
  for (const line of lines) yield [line]
  for (const line of lines) yield [line, leader]
  for (const rod of rodsForLines(box, kg, neededN)) yield [rod]
  for (const type of REEL_TYPES) {
    const reel = reelOf(type)
    for (const line of linesFor(box.rods, [reel.part], neededN)) {
      yield [reel, line]
      if (species.biteProof) yield [reel, line, leader]
    }
  }
  for (const type of REEL_TYPES) {
    const rod = rodOf(type, kg, neededN)
    const reel = box.reels.find((r) => reelFitsRod(rod.part, r)) ?? reelOf(type)
    const fresh = 'part' in reel ? [reel] : []
    const pieces = [rod, ...fresh, lineOf(neededN, 'part' in reel ? reel.part : reel)]
    yield pieces
    yield [...pieces, leader]
  }
}

const REEL_TYPES = ['spinning', 'casting'] as const

/** A line for each reel and rod that go together: strong enough, and in the middle of what the rod takes. */
function linesFor(rods: Box['rods'], reels: Box['reels'], neededN: number) {
  return reels.flatMap((reel) =>
    rods
      .filter((rod) => reelFitsRod(rod, reel))
      .map((rod) => lineOf(Math.max(neededN, (rod.lineMinN + rod.lineMaxN) / 2), reel)),
  )
}

/** A rod for each line that is strong enough and on its reel. */
function rodsForLines({ lines, reels }: Box, kg: number, neededN: number): Piece[] {
  return lines.flatMap((line) => {
    const reel = reels.find((r) => r.id === line.reelId)
    if (!reel || line.strengthN < neededN) return []
    return [rodOf(reel.type === 'spinning' ? 'spinning' : 'casting', kg, line.strengthN)]
  })
}

/** Lines in the drawer, on each reel: costs nothing but an hour. */
function respools({ lines, reels }: Box): Piece[] {
  return lines
    .filter((l) => l.reelId === null)
    .flatMap((line) =>
      reels.map((reel): Piece => ({ kind: 'respool', part: { ...line, reelId: reel.id }, reel: reel.name })),
    )
}

function singlesFor(lure: Lure): Piece[][] {
  const { hooks } = lure
  if (!hooks || hookPoints(hooks) === hooks.count) return []
  const single = { ...hooks, style: 'single' as const }
  return [[{ kind: 'singles', lure: { ...lure, ...swapHooks(lure, single) } as Lure }]]
}

function leaderOf(neededN: number, biteProof: boolean): Piece {
  const diameterM = Math.max(thicknessOfMonoM(neededN), biteProof ? BITE_PROOF_M : 0)
  const part = { ...usualPart('leaders', 'new leader'), diameterM, strengthN: monoOfThicknessN(diameterM) }
  return { kind: 'leaders', part }
}

function lineOf(neededN: number, reel: PartOf<'reels'>): Extract<Piece, { kind: 'lines' }> {
  const part = {
    ...usualPart('lines', `new line on ${reel.id}`),
    strengthN: neededN,
    diameterM: Math.sqrt(neededN / REMEDY.braidNPerMm2) / 1000,
    reelId: reel.id,
  }
  return { kind: 'lines', part }
}

function reelOf(type: 'spinning' | 'casting'): Extract<Piece, { kind: 'reels' }> {
  return { kind: 'reels', part: { ...usualPart('reels', `new ${type} reel`), type } }
}

function rodOf(type: 'spinning' | 'casting', kg: number, lineN: number): Extract<Piece, { kind: 'rods' }> {
  const power = REMEDY.powers.find((p) => kg <= p.toKg)?.power ?? 'heavy'
  const part = {
    ...usualPart('rods', `new ${type} rod`),
    type,
    power,
    lureMinKg: kg * REMEDY.lures[0],
    lureMaxKg: kg * REMEDY.lures[1],
    lineMinN: lineN * REMEDY.lines[0],
    lineMaxN: lineN * REMEDY.lines[1],
  }
  return { kind: 'rods', part }
}
