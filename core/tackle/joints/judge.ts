import { JOINTS } from '../../../data/joints'
import type { RoleId } from '../../quantity'
import type { HungHooks } from '../hung-hooks'
import type { TackleBox } from '../tackle-box'
import { asTrailer } from '../builds'
import type { Lure } from '../lure'
import type { Head, Hook, Leader, Line, Reel, Rod, Sinker, Terminal, Trailer } from '../parts'
import { rigTypeOf, type Further, type Rig, type RigType } from '../rig'
import { JOINT_TESTS } from './verdicts'

/** What a rig joins, looked up in the box; null where a joint is open or the part is gone. */
export interface RigParts {
  readonly type: RigType
  readonly lure: Lure | null
  readonly head: Head | null
  readonly hook: Hook | null
  readonly sinker: Sinker | null
  readonly trailer: Trailer | null
  readonly terminal: Terminal | null
  readonly leader: Leader | null
  readonly line: Line | null
  readonly reel: Reel | null
  readonly rod: Rod | null
  readonly weakLinkN: number | null
  readonly stinger: boolean
  /** What else hangs on the line, looked up. */
  readonly further: readonly FurtherLure[]
}

interface FurtherLure extends Pick<Further, 'at' | 'metres' | 'dummy'> {
  readonly lure: Lure
}

/** The water a rig is judged for, as far as joints ask about it. */
export interface RigWater {
  readonly cover: { readonly kind: string; readonly density: number }
  readonly depthM: number
  readonly visibilityM: number
  readonly mood: string
  /** Name of the species where its teeth cut line, else null. */
  readonly toothed: string | null
}

export type JointId = keyof typeof JOINTS
export type Verdict = 'good' | 'mind' | 'wrong'

/** What a sentence about a joint is filled with: a word, a count, a measure or a range in SI, a hook, or the hooks a lure carries. */
export type JointFigure =
  | string
  | number
  | { readonly si: number; readonly role: RoleId }
  | { readonly from: number; readonly to: number; readonly role: RoleId }
  | { readonly wire: string; readonly style: string }
  | { readonly hooks: HungHooks; readonly stinger: boolean }
export type JointFigures = Readonly<Record<string, JointFigure>>

/** A joint judged; words/ has its title, sentence and remedy. */
export interface Judgement {
  readonly id: JointId
  readonly verdict: Verdict
  readonly law: boolean
  readonly figures: JointFigures
}

/** What a joint's own test finds: a verdict and the figures for its sentences; null where the joint does not arise. */
export type Finding = { readonly verdict: Verdict; readonly figures: JointFigures } | null

/** A soft bait of the box that serves as trailer. */
const softTrailer = (lure: Lure | null) => (lure ? asTrailer(lure) : null)

export function rigParts(rig: Rig, box: TackleBox): RigParts {
  const find = <T extends { id: string }>(list: readonly T[], id: string | null) =>
    list.find((one) => one.id === id) ?? null
  const line = find(box.lines, rig.lineId)
  return {
    type: rigTypeOf(rig.type),
    lure: find(box.lures, rig.lureId),
    head: find(box.heads, rig.headId),
    hook: find(box.hooks, rig.hookId),
    sinker: find(box.sinkers, rig.sinkerId),
    trailer: find(box.trailers, rig.trailerId) ?? softTrailer(find(box.lures, rig.trailerId)),
    terminal: find(box.terminals, rig.terminalId),
    leader: find(box.leaders, rig.leaderId),
    line,
    reel: find(box.reels, line?.reelId ?? null),
    rod: find(box.rods, rig.rodId),
    weakLinkN: rig.weakLinkN,
    stinger: rig.stinger,
    further: rig.further.flatMap(({ lureId, ...where }) => {
      const lure = find(box.lures, lureId)
      return lure ? [{ lure, ...where }] : []
    }),
  }
}

const WORST: readonly Verdict[] = ['wrong', 'mind', 'good']

/** Judges every joint of a rig that arises and of which there is something to say, the worst first. Verdicts: data/joints. */
export function checkRig(parts: RigParts, water: RigWater): Judgement[] {
  const found = (Object.keys(JOINTS) as JointId[]).flatMap((id): Judgement[] => {
    const finding = JOINT_TESTS[id](parts, water)
    const joint: { readonly says: readonly Verdict[] } = JOINTS[id]
    if (!finding || !joint.says.includes(finding.verdict)) return []
    return [{ id, verdict: finding.verdict, law: 'law' in joint, figures: finding.figures }]
  })
  return found.sort((a, b) => WORST.indexOf(a.verdict) - WORST.indexOf(b.verdict))
}
