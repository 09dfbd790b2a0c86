import { techniqueDraftWords as texts } from '../../../words'
import { OwnTechnique } from '../../../core/match'
import { techniqueOf, type Technique } from '../../../core/tackle'
import { sayIssue } from '~/components/form/issue'
import { conditionsOf, whenOf, type Condition } from './rule-draft'

type Typed = number | null

/** A technique of one's own as it is typed. */
export interface TechniqueDraft {
  id: string
  of: string
  name: string
  how: string
  families: string[]
  /** From slow to fast: m/s, or parts of the lure's own window in percent; empty where water or boat sets it. */
  pace: Typed[]
  pullS: Typed
  /** From short to long, s; empty where it does not rest. */
  restS: Typed[]
  /** What is done within the pull, in percent of it; empty: as the technique it is a copy of. */
  beat: { does: string; percent: Typed }[]
  /** Strength of line, percent of what lure and fish ask. */
  linePercent: Typed
  rodM: [Typed, Typed]
  power: [string | null, string | null]
  reels: string[]
  likeOriginal: boolean
  reaches: boolean
  sentence: string
  conditions: Condition[]
  weight: number
}

/** How its pace is told: m/s, parts of the lure's own window, or not at all. */
export const paceKind = ({ pace }: Pick<Technique, 'pace'>): 'mps' | 'window' | null =>
  pace === null ? null : 'mps' in pace ? 'mps' : 'window'

const USUAL_WEIGHT = 6

export function draftOfTechnique(own: OwnTechnique): TechniqueDraft {
  const { id, of, name, how, families, pace, pullS, restS, beat, tackle, likeOriginal, reach } = own
  const percent = (share: number) => Math.round(share * 1000) / 10
  return {
    id,
    of,
    name,
    how,
    families: [...families],
    pace: pace === null ? [] : 'mps' in pace ? [...pace.mps] : pace.window.map(percent),
    pullS,
    restS: [...(restS ?? [])],
    beat: (beat ?? []).map(({ does, part }) => ({ does, percent: percent(part) })),
    linePercent: tackle.line === undefined ? null : percent(tackle.line),
    rodM: [tackle.rodM?.[0] ?? null, tackle.rodM?.[1] ?? null],
    power: [tackle.power?.[0] ?? null, tackle.power?.[1] ?? null],
    reels: [...(tackle.reels ?? [])],
    likeOriginal,
    reaches: reach !== null,
    sentence: reach?.sentence ?? '',
    conditions: reach ? conditionsOf(reach.when) : [],
    weight: reach?.weight ?? USUAL_WEIGHT,
  }
}

type Made = { ok: true; own: OwnTechnique } | { ok: false; problem: string }

/** What a draft stands for; or what is missing, in words. */
export function techniqueOfDraft(draft: TechniqueDraft): Made {
  const { id, of, name, how, families, pullS, likeOriginal } = draft
  const told = [...draft.pace, pullS, ...draft.restS, ...draft.beat.map((b) => b.percent)]
  if (told.includes(null)) return { ok: false, problem: texts.aFigureIsMissing }
  const kind = paceKind(techniqueOf(of))
  const [rod, power] = [pairOf(draft.rodM), pairOf(draft.power)]
  if (rod === null || power === null) return { ok: false, problem: texts.sayBothEnds }
  const when = draft.reaches ? whenOf(draft.conditions) : {}
  if (when === null) return { ok: false, problem: texts.aConditionLacksIts }
  const typed = {
    id,
    of,
    name,
    how,
    families,
    pace: kind === null ? null : kind === 'mps' ? { mps: draft.pace } : { window: draft.pace.map(share) },
    pullS,
    restS: draft.restS.length > 0 ? draft.restS : null,
    beat: draft.beat.length > 0 ? draft.beat.map(({ does, percent }) => ({ does, part: share(percent) })) : null,
    tackle: {
      ...(draft.linePercent !== null && { line: share(draft.linePercent) }),
      ...(rod && { rodM: rod }),
      ...(power && { power }),
      ...(draft.reels.length > 0 && { reels: draft.reels }),
    },
    likeOriginal,
    reach: draft.reaches ? { sentence: draft.sentence, when, weight: draft.weight } : null,
  }
  const parsed = OwnTechnique.safeParse(typed)
  if (parsed.success) return { ok: true, own: parsed.data }
  const [issue] = parsed.error.issues
  return { ok: false, problem: issue ? sayIssue(issue, typed) : '' }
}

const share = (percent: Typed) => (percent ?? 0) / 100

/** Both ends, undefined where neither is said, null where only one is. */
const pairOf = <T>([low, high]: readonly [T | null, T | null]): readonly [T, T] | undefined | null =>
  low === null && high === null ? undefined : low === null || high === null ? null : [low, high]
