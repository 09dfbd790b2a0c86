import { RIG_PARTS, rigDraftWords as texts, THINGS } from '../../../words'
import { sayIssue } from '~/components/form/issue'
import {
  asTrailer,
  familyOf,
  Rig,
  rigTypeOf,
  type Lure,
  type Rig as RigItem,
  type RigPart,
  type RigParts,
  type RigType,
} from '../../../core/tackle'
import type { Box } from '../../../core/box'

/** A new rig, every joint open. */
export function newRig(id: string, lineId: string | null, rodId: string | null): RigItem {
  return {
    id,
    name: '',
    type: 'direct',
    lureId: null,
    headId: null,
    hookId: null,
    sinkerId: null,
    trailerId: null,
    terminalId: null,
    leaderId: null,
    lineId,
    rodId,
    weakLinkN: null,
    stinger: false,
    further: [],
    notes: '',
  }
}

/** Lures that may be tied in a way. */
export function luresFor(type: RigType, box: Box): Lure[] {
  return box.lures.filter((l) =>
    type.families ? type.families.includes(l.family) : type.bodies.includes(familyOf(l.family).body),
  )
}

interface Named {
  readonly id: string
  readonly name: string
}
/** Parts of a kind that a way takes. */
export function partsFor(part: RigPart, type: RigType, box: Box): readonly Named[] {
  const among = (kinds: readonly string[] | undefined, kind: string) => !kinds || kinds.includes(kind)
  switch (part) {
    case 'head':
      return box.heads.filter((h) => among(type.headKinds, h.kind))
    case 'hook':
      return box.hooks.filter((h) => among(type.hookStyles, h.style))
    case 'sinker':
      return box.sinkers.filter((s) => among(type.sinkerKinds, s.kind))
    case 'terminal':
      return box.terminals.filter((t) => among(type.terminalKinds, t.kind))
    default:
      return [...box.trailers, ...box.lures.filter((lure) => asTrailer(lure) !== null)]
  }
}

/** A rig with what its type has no use for taken out, and parts it does not take dropped. */
export function fitted(rig: RigItem, box: Box): RigItem {
  const type = rigTypeOf(rig.type)
  const uses = new Set<RigPart>([...type.needs, ...type.may])
  const keep = (part: RigPart, id: string | null) =>
    uses.has(part) && partsFor(part, type, box).some((one) => one.id === id) ? id : null
  return {
    ...rig,
    lureId: luresFor(type, box).some((l) => l.id === rig.lureId) ? rig.lureId : null,
    headId: keep('head', rig.headId),
    hookId: keep('hook', rig.hookId),
    sinkerId: keep('sinker', rig.sinkerId),
    trailerId: keep('trailer', rig.trailerId),
    terminalId: keep('terminal', rig.terminalId),
    weakLinkN: type.weakLink ? rig.weakLinkN : null,
    stinger: type.id === 'spinnerbait-trailer' && rig.stinger,
  }
}

/** Joints still open: what a way needs and has not got, in words. */
export function openJoints(parts: RigParts): string[] {
  const missing = parts.type.needs.filter((part) => parts[part] === null).map((part) => RIG_PARTS[part])
  if (!parts.lure) missing.unshift(THINGS.lures.one)
  if (!parts.line) missing.push(THINGS.lines.one)
  else if (!parts.reel) missing.push(texts.reelForThisLine)
  if (!parts.rod) missing.push(THINGS.rods.one)
  return missing
}

export function judgeRigDraft(
  draft: unknown,
): { ok: true; rig: RigItem } | { ok: false; problems: Record<string, string> } {
  const checked = Rig.safeParse(draft)
  if (checked.success) return { ok: true, rig: checked.data }
  const words: Readonly<Record<string, string>> = {
    name: texts.giveItAName,
    notes: texts.notesAtMostLetters,
  }
  return {
    ok: false,
    problems: Object.fromEntries(
      checked.error.issues.map((i) => [String(i.path[0] ?? ''), words[String(i.path[0])] ?? sayIssue(i, draft)]),
    ),
  }
}
