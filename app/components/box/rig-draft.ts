import {
  familyOf,
  Rig,
  rigWayOf,
  type Box,
  type Lure,
  type Rig as RigType,
  type RigPart,
  type RigParts,
  type RigWay,
} from '../../../core/tackle'

/** A new rig, every joint open. */
export function newRig(id: string, lineId: string | null, rodId: string | null): RigType {
  return {
    id,
    name: '',
    way: 'direct',
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
    notes: '',
  }
}

/** Lures that may be tied in a way. */
export function luresFor(way: RigWay, box: Box): Lure[] {
  return box.lures.filter((l) =>
    way.families ? way.families.includes(l.family) : way.bodies.includes(familyOf(l.family).body),
  )
}

interface Named {
  readonly id: string
  readonly name: string
}
/** Parts of a kind that a way takes. */
export function partsFor(part: RigPart, way: RigWay, box: Box): readonly Named[] {
  const among = (kinds: readonly string[] | undefined, kind: string) => !kinds || kinds.includes(kind)
  switch (part) {
    case 'head':
      return box.heads.filter((h) => among(way.headKinds, h.kind))
    case 'hook':
      return box.hooks.filter((h) => among(way.hookStyles, h.style))
    case 'sinker':
      return box.sinkers.filter((s) => among(way.sinkerKinds, s.kind))
    case 'terminal':
      return box.terminals.filter((t) => among(way.terminalKinds, t.kind))
    default:
      return box.trailers
  }
}

/** A rig with what its way has no use for taken out, and parts it does not take dropped. */
export function fitted(rig: RigType, box: Box): RigType {
  const way = rigWayOf(rig.way)
  const uses = new Set<RigPart>([...way.needs, ...way.may])
  const keep = (part: RigPart, id: string | null) =>
    uses.has(part) && partsFor(part, way, box).some((one) => one.id === id) ? id : null
  return {
    ...rig,
    lureId: luresFor(way, box).some((l) => l.id === rig.lureId) ? rig.lureId : null,
    headId: keep('head', rig.headId),
    hookId: keep('hook', rig.hookId),
    sinkerId: keep('sinker', rig.sinkerId),
    trailerId: keep('trailer', rig.trailerId),
    terminalId: keep('terminal', rig.terminalId),
    weakLinkN: way.weakLink ? rig.weakLinkN : null,
    stinger: way.id === 'spinnerbait-trailer' && rig.stinger,
  }
}

export const PART_NAMES: Readonly<Record<RigPart, string>> = {
  head: 'Head',
  hook: 'Hook',
  sinker: 'Weight',
  trailer: 'Trailer',
  terminal: 'Snap or swivel',
}

/** Joints still open: what a way needs and has not got, in words. */
export function openJoints(parts: RigParts): string[] {
  const missing = parts.way.needs.filter((part) => parts[part] === null).map((part) => PART_NAMES[part].toLowerCase())
  if (!parts.lure) missing.unshift('lure')
  if (!parts.line) missing.push('line')
  else if (!parts.reel) missing.push('reel for this line')
  if (!parts.rod) missing.push('rod')
  return missing
}

export function judgeRigDraft(
  draft: unknown,
): { ok: true; rig: RigType } | { ok: false; problems: Record<string, string> } {
  const checked = Rig.safeParse(draft)
  if (checked.success) return { ok: true, rig: checked.data }
  const words: Readonly<Record<string, string>> = {
    name: 'Give it a name of at most 80 letters.',
    notes: 'Notes: at most 500 letters.',
  }
  return {
    ok: false,
    problems: Object.fromEntries(
      checked.error.issues.map((i) => [String(i.path[0] ?? ''), words[String(i.path[0])] ?? i.message]),
    ),
  }
}
