import { EASY_TURNS, KNOT, LINE_DENSITY, POINT_WORDS } from '../../data/tackle-limits'
import { showMeasure, type UnitSystem } from '../quantity'
import { LOOSE_STYLES } from '../../data/hooks'
import {
  buildsOf,
  familyOf,
  hookFits,
  hookGapM,
  reelFitsRod,
  trailerFits,
  type Box,
  type Lure,
  type PartKind,
  type PartOf,
} from '../tackle'
import { isBiteProof, lineInRodRange, rodCanCast } from './outfit'

/** What a part is good for in this very box, as an angler would say it. */
type Uses = { readonly [K in PartKind]: (part: PartOf<K>, box: Box, system: UnitSystem) => string }

const count = (n: number, one: string, many = `${one}s`) => `${n === 0 ? 'no' : n} ${n === 1 ? one : many}`
const mounts = (lure: Lure) => familyOf(lure.family).mounts ?? []
const fitting = (box: Box, fits: (lure: Lure) => boolean) => count(box.lures.filter(fits).length, 'lure')

/** A loose treble or single stands in for a lure's own where its gap is near. */
const GAP_NEAR = 0.2
/** Whether a line floats, and how heavy it is beside water. */
function buoyancyOf(material: keyof typeof LINE_DENSITY): string {
  const density = LINE_DENSITY[material]
  return `${density < 1000 ? 'floats' : density < 1400 ? 'sinks slowly' : 'sinks'}, ${(density / 1000).toFixed(2)} g/cm³`
}

const PART_USES: Uses = {
  rods: (rod, box) =>
    `throws ${count(box.lures.filter((l) => buildsOf(l, box).some((b) => rodCanCast(rod, b.massKg))).length, 'lure')} of ${box.lures.length}; ${count(box.lines.filter((l) => lineInRodRange(rod, l)).length, 'line')} in its range`,
  reels: (reel, box, system) => {
    const at = (turns: number) => showMeasure(turns * reel.linePerTurnM, 'lureSpeed', system)
    const on = box.lines.filter((l) => l.reelId === reel.id).map((l) => l.name)
    return `winds ${at(EASY_TURNS.least)} to ${at(EASY_TURNS.most)} at ease; ${on.length ? `${on.join(', ')} on it` : 'empty'}`
  },
  lines: (line, box, system) => {
    const reel = box.reels.find((r) => r.id === line.reelId)
    const rods = box.rods.filter((r) => lineInRodRange(r, line) && (!reel || reelFitsRod(r, reel)))
    return `${reel ? `on ${reel.name}` : 'in the drawer'}; stands ${showMeasure(line.strengthN * KNOT, 'lineStrength', system)} at the knot; for ${count(rods.length, 'rod')}; ${buoyancyOf(line.material)}`
  },
  leaders: (leader, _, system) =>
    `${isBiteProof(leader) ? 'stands teeth' : 'not for teeth'}; ${showMeasure(leader.strengthN * KNOT, 'lineStrength', system)} at the knot`,
  heads: (head, box) =>
    `carries ${fitting(box, (l) => mounts(l).includes('head') && hookFits('head', head.hookSize, l.lengthM))}`,
  hooks: (hook, box) => {
    const { mount: kind, exposed } = LOOSE_STYLES[hook.style]
    const point = POINT_WORDS.find((w) => exposed <= w.to)?.word ?? 'point bare'
    if (kind === null) {
      const gap = hookGapM(hook.hookSize)
      const near = (l: Lure) => l.hooks !== null && Math.abs(hookGapM(l.hooks.size) / gap - 1) < GAP_NEAR
      return `${point}; near in size to the hooks of ${fitting(box, near)}`
    }
    return `carries ${fitting(box, (l) => mounts(l).includes(kind) && hookFits(kind, hook.hookSize, l.lengthM))}; ${point}`
  },
  sinkers: (sinker, box) => {
    if (sinker.kind === 'dropper') return 'for three-way rigs'
    const kind = sinker.kind === 'bullet' ? 'texas' : 'drop-shot'
    return `for ${fitting(box, (l) => mounts(l).includes(kind))}`
  },
  trailers: (trailer, box) =>
    `goes behind ${fitting(box, (l) => familyOf(l.family).takesTrailer && trailerFits(trailer, l.lengthM))}`,
  blades: (blade, box) =>
    `like the blade of ${fitting(box, (l) => 'blade' in l.traits && l.traits.blade === blade.shape && l.traits.bladeSize === blade.size)}`,
  terminals: (terminal, box, system) => {
    const stands = (l: { strengthN: number }) => terminal.strengthN >= l.strengthN * KNOT
    return `stands ${showMeasure(terminal.strengthN, 'lineStrength', system)}: more than the knot of ${count(box.lines.filter(stands).length, 'line')}`
  },
}

export function sayUses<K extends PartKind>(kind: K, part: PartOf<K>, box: Box, system: UnitSystem): string {
  return PART_USES[kind](part, box, system)
}
