import { EASY_TURNS, KNOT, LINE_DENSITY, POINT_HIDDEN } from '../../../data/tackle-limits'
import { LOOSE_STYLES } from '../../../data/hooks'
import {
  buildsOf,
  familyOf,
  hookFits,
  hookGapM,
  lineHoldsN,
  lineInRodRange,
  reelFitsRod,
  spoolHoldsM,
  trailerFits,
  type Lure,
  type PartKind,
  type PartOf,
} from '../../tackle'
import type { Box } from '../../box'
import { isBiteProof, rodCanCast } from '../possible'

/** What a part is good for in a box: how many lures or lines go with it, and what it holds. Strengths N, speeds m/s. */
export type PartUse =
  | { readonly kind: 'rods'; readonly lures: number; readonly of: number; readonly lines: number }
  | { readonly kind: 'reels'; readonly slowMps: number; readonly fastMps: number; readonly lines: readonly string[] }
  | {
      readonly kind: 'lines'
      readonly reel: string | null
      readonly knotN: number
      readonly rods: number
      readonly densityKgM3: number
      /** How much of it its reel's spool holds, m; null where that is not known. */
      readonly spoolHoldsM: number | null
    }
  | { readonly kind: 'leaders'; readonly biteProof: boolean; readonly knotN: number }
  | { readonly kind: 'heads' | 'trailers' | 'blades'; readonly lures: number }
  | { readonly kind: 'hooks'; readonly lures: number; readonly point: PointHidden; readonly replaces: boolean }
  | { readonly kind: 'sinkers'; readonly lures: number | null }
  | { readonly kind: 'terminals'; readonly holdsN: number; readonly lines: number }

type PointHidden = 'bare' | 'half' | 'buried'
type Uses = { readonly [K in PartKind]: (part: PartOf<K>, box: Box) => PartUse }

const mounts = (lure: Lure) => familyOf(lure.family).mounts ?? []
const fitting = (box: Box, fits: (lure: Lure) => boolean) => box.lures.filter(fits).length

/** A loose treble or single stands in for a lure's own where its gap is near. */
const GAP_NEAR = 0.2

const pointOf = (exposed: number): PointHidden =>
  exposed <= POINT_HIDDEN.buried ? 'buried' : exposed <= POINT_HIDDEN.half ? 'half' : 'bare'

const PART_USES: Uses = {
  rods: (rod, box) => ({
    kind: 'rods',
    lures: fitting(box, (l) => buildsOf(l, box).some((b) => rodCanCast(rod, b.massKg))),
    of: box.lures.length,
    lines: box.lines.filter((l) => lineInRodRange(rod, l)).length,
  }),
  reels: (reel, box) => ({
    kind: 'reels',
    slowMps: EASY_TURNS.least * reel.linePerTurnM,
    fastMps: EASY_TURNS.most * reel.linePerTurnM,
    lines: box.lines.filter((l) => l.reelId === reel.id).map((l) => l.name),
  }),
  lines: (line, box) => {
    const reel = box.reels.find((r) => r.id === line.reelId)
    return {
      kind: 'lines',
      reel: reel?.name ?? null,
      knotN: lineHoldsN(line) * KNOT,
      spoolHoldsM: reel ? spoolHoldsM(reel, line.diameterM) : null,
      rods: box.rods.filter((r) => lineInRodRange(r, line) && (!reel || reelFitsRod(r, reel))).length,
      densityKgM3: LINE_DENSITY[line.material],
    }
  },
  leaders: (leader) => ({ kind: 'leaders', biteProof: isBiteProof(leader), knotN: leader.strengthN * KNOT }),
  heads: (head, box) => ({
    kind: 'heads',
    lures: fitting(box, (l) => mounts(l).includes('head') && hookFits('head', head.hookSize, l.lengthM)),
  }),
  hooks: (hook, box) => {
    const { mount: kind, exposed } = LOOSE_STYLES[hook.style]
    const gap = hookGapM(hook.hookSize)
    const fits = (l: Lure) =>
      kind === null
        ? l.hooks !== null && Math.abs(hookGapM(l.hooks.size) / gap - 1) < GAP_NEAR
        : mounts(l).includes(kind) && hookFits(kind, hook.hookSize, l.lengthM, hook.style)
    return { kind: 'hooks', lures: fitting(box, fits), point: pointOf(exposed), replaces: kind === null }
  },
  sinkers: (sinker, box) => {
    const kind = sinker.kind === 'bullet' ? 'texas' : 'drop-shot'
    const lures = sinker.kind === 'dropper' ? null : fitting(box, (l) => mounts(l).includes(kind))
    return { kind: 'sinkers', lures }
  },
  trailers: (trailer, box) => ({
    kind: 'trailers',
    lures: fitting(box, (l) => familyOf(l.family).takesTrailer && trailerFits(trailer, l.lengthM)),
  }),
  blades: (blade, box) => ({
    kind: 'blades',
    lures: fitting(
      box,
      (l) => 'blade' in l.traits && l.traits.blade === blade.shape && l.traits.bladeSize === blade.size,
    ),
  }),
  terminals: (terminal, box) => ({
    kind: 'terminals',
    holdsN: terminal.strengthN,
    lines: box.lines.filter((l) => terminal.strengthN >= lineHoldsN(l) * KNOT).length,
  }),
}

export function partUse<K extends PartKind>(kind: K, part: PartOf<K>, box: Box): PartUse {
  return PART_USES[kind](part, box)
}
