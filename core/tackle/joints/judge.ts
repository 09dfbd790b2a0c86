import { JOINTS } from '../../../data/joints'
import type { UnitSystem } from '../../quantity'
import type { Box } from '../box'
import type { Lure } from '../lure'
import type { Head, Hook, Leader, Line, Reel, Rod, Sinker, Terminal, Trailer } from '../parts'
import { rigTypeOf, type Rig, type RigType } from '../rig'
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

export interface Judgement {
  readonly id: JointId
  readonly title: string
  readonly verdict: Verdict
  readonly law: boolean
  readonly sentence: string
  /** What to do about it; empty where nothing is to be done. */
  readonly remedy: string
}

/** What a joint's own test finds: a verdict and the figures for its sentences; null where the joint does not arise. */
export type Finding = { readonly verdict: Verdict; readonly figures: Readonly<Record<string, string>> } | null

export function rigParts(rig: Rig, box: Box): RigParts {
  const find = <T extends { id: string }>(list: readonly T[], id: string | null) =>
    list.find((one) => one.id === id) ?? null
  const line = find(box.lines, rig.lineId)
  return {
    type: rigTypeOf(rig.type),
    lure: find(box.lures, rig.lureId),
    head: find(box.heads, rig.headId),
    hook: find(box.hooks, rig.hookId),
    sinker: find(box.sinkers, rig.sinkerId),
    trailer: find(box.trailers, rig.trailerId),
    terminal: find(box.terminals, rig.terminalId),
    leader: find(box.leaders, rig.leaderId),
    line,
    reel: find(box.reels, line?.reelId ?? null),
    rod: find(box.rods, rig.rodId),
    weakLinkN: rig.weakLinkN,
    stinger: rig.stinger,
  }
}

const WORST: readonly Verdict[] = ['wrong', 'mind', 'good']
const filled = (text: string, figures: Readonly<Record<string, string>>) =>
  text.replace(/\{(\w+)\}/g, (_, name: string) => figures[name] ?? '')
const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1)

/** Judges every joint of a rig that arises, the worst first. Reasons: data/joints. */
export function checkRig(parts: RigParts, water: RigWater, system: UnitSystem): Judgement[] {
  const found = (Object.keys(JOINTS) as JointId[]).flatMap((id): Judgement[] => {
    const finding = JOINT_TESTS[id](parts, water, system)
    if (!finding) return []
    const joint = JOINTS[id]
    const { verdict, figures } = finding
    const sentence = filled(joint[verdict], figures)
    if (sentence === '') return []
    const remedy = verdict === 'good' ? '' : filled(joint.remedy, figures)
    return [{ id, title: joint.title, verdict, law: 'law' in joint, sentence: capital(sentence), remedy }]
  })
  return found.sort((a, b) => WORST.indexOf(a.verdict) - WORST.indexOf(b.verdict))
}
