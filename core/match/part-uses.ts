import { EASY_TURNS, KNOT } from '../../data/tackle-limits'
import { showMeasure, type UnitSystem } from '../quantity'
import { buildsOf, familyOf, hookFits, trailerFits, type Box, type Lure, type PartKind, type PartOf } from '../tackle'
import { isBiteProof, lineInRodRange, rodThrows } from './outfit'

/** What a part is good for in this very box, as an angler would say it. */
export type Uses = { readonly [K in PartKind]: (part: PartOf<K>, box: Box, system: UnitSystem) => string }

const count = (n: number, one: string, many = `${one}s`) => `${n === 0 ? 'no' : n} ${n === 1 ? one : many}`
const mounts = (lure: Lure) => familyOf(lure.family).mounts ?? []
const fitting = (box: Box, fits: (lure: Lure) => boolean) => count(box.lures.filter(fits).length, 'lure')

const STYLE_MOUNT = { offset: 'texas', 'belly-weighted': 'belly', wacky: 'wacky', 'drop-shot': 'drop-shot' } as const

export const PART_USES: Uses = {
  rods: (rod, box) =>
    `throws ${count(box.lures.filter((l) => buildsOf(l, box).some((b) => rodThrows(rod, b.massKg))).length, 'lure')} of ${box.lures.length}; ${count(box.lines.filter((l) => lineInRodRange(rod, l)).length, 'line')} in its range`,
  reels: (reel, box, system) => {
    const at = (turns: number) => showMeasure(turns * reel.linePerTurnM, 'lureSpeed', system)
    const on = box.lines.filter((l) => l.reelId === reel.id).map((l) => l.name)
    return `winds ${at(EASY_TURNS.least)} to ${at(EASY_TURNS.most)} at ease; ${on.length ? `${on.join(', ')} on it` : 'empty'}`
  },
  lines: (line, box, system) => {
    const reel = box.reels.find((r) => r.id === line.reelId)
    const rods = box.rods.filter((r) => lineInRodRange(r, line) && (!reel || r.type === reel.type))
    return `${reel ? `on ${reel.name}` : 'in the drawer'}; stands ${showMeasure(line.strengthN * KNOT, 'lineStrength', system)} at the knot; for ${count(rods.length, 'rod')}`
  },
  leaders: (leader, _, system) =>
    `${isBiteProof(leader) ? 'stands teeth' : 'not for teeth'}; ${showMeasure(leader.strengthN * KNOT, 'lineStrength', system)} at the knot`,
  heads: (head, box) =>
    `carries ${fitting(box, (l) => mounts(l).includes('head') && hookFits('head', head.hookSize, l.lengthM))}`,
  hooks: (hook, box) => {
    const kind = STYLE_MOUNT[hook.style]
    return `carries ${fitting(box, (l) => mounts(l).includes(kind) && hookFits(kind, hook.hookSize, l.lengthM))}`
  },
  sinkers: (sinker, box) => {
    const kind = sinker.kind === 'bullet' ? 'texas' : 'drop-shot'
    return `for ${fitting(box, (l) => mounts(l).includes(kind))}`
  },
  trailers: (trailer, box) =>
    `goes behind ${fitting(box, (l) => familyOf(l.family).takesTrailer && trailerFits(trailer, l.lengthM))}`,
}

export function sayUses<K extends PartKind>(kind: K, part: PartOf<K>, box: Box, system: UnitSystem): string {
  return PART_USES[kind](part, box, system)
}
