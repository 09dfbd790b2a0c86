import { least } from 'd3-array'
import { HOOK_BY_BODY, LOOSE_STYLES } from '../../data/hooks'
import { SOFT_AS_TRAILER, TRAILER_ADDS, TRAILER_BAND } from '../../data/trailers'
import type { TackleBox } from './tackle-box'
import type { MountKind } from './family'
import { HookSize, hookGapM } from './hook-size'
import { sizeForGap } from './hung-hooks'
import { familyOf, lureMass, type Lure } from './lure'
import type { Head, Hook, Sinker, Terminal, Trailer } from './parts'

type Mount =
  | { readonly kind: 'own' }
  | { readonly kind: 'head'; readonly head: Head }
  | { readonly kind: 'texas'; readonly hook: Hook; readonly sinker: Sinker | null }
  | { readonly kind: 'belly' | 'wacky'; readonly hook: Hook }
  | { readonly kind: 'drop-shot'; readonly hook: Hook; readonly sinker: Sinker }

/** What is tied to the leader: a lure, how it is hooked, and what is threaded on behind. */
export interface Build {
  readonly lure: Lure
  readonly mount: Mount
  readonly trailer: Trailer | null
  /** The sinker of a three-way, on its dropper ahead of the lure; none where it is left out. */
  readonly anchor?: Sinker
  /** A plate clipped on before a jig; none where it is left off. */
  readonly clip?: Terminal
  /** Thrown weight, kg. */
  readonly massKg: number
}

/**
 * Hook gap over body length at which a body is well hooked. Common practice: 2/0–3/0 in a 3 in swimmer, 4/0 up to 4.8 in, 6/0 from 5.8 in
 * (0.14 … 0.20); #1–#2 in a 3½–4 in finesse worm (0.10).
 */
export const GAP_BAND: Record<Exclude<MountKind, 'own'>, readonly [number, number]> = {
  head: [0.12, 0.23],
  texas: [0.11, 0.23],
  belly: [0.12, 0.23],
  wacky: [0.07, 0.16],
  'drop-shot': [0.07, 0.14],
}
/** Small weedless hooks for slim worms: #1–#2 in 4 in. Common practice. */
const HYBRID_BAND = [0.07, 0.15] as const

/** The band in which a hook carries a body in one way of hooking it. */
const gapBand = (kind: Exclude<MountKind, 'own'>, style?: Hook['style']): readonly [number, number] =>
  style === 'finesse-hybrid' ? HYBRID_BAND : GAP_BAND[kind]

export function hookFits(
  kind: Exclude<MountKind, 'own'>,
  size: HookSize,
  bodyLengthM: number,
  style?: Hook['style'],
): boolean {
  const ratio = hookGapM(size) / bodyLengthM
  const [low, high] = gapBand(kind, style)
  return ratio >= low && ratio <= high
}

/**
 * Gap of the hook that suits a soft body on a head, Texas rigged or on a weighted hook, m: it must clear the body's thickness and ride far enough back. Thickness by
 * weight and length. Common practice: #2–1/0 in slim bodies of 7–10 cm, 2/0–3/0 up to 12 cm, 3/0–5/0 in bulky ones.
 *
 * @example wantedGapM({ lengthM: 0.102, massKg: 0.0065 }) // 0.0136: 2/0
 */
export function wantedGapM({ lengthM, massKg }: Pick<Lure, 'lengthM' | 'massKg'>): number {
  const { thick, long, fills, densityKgM3 } = HOOK_BY_BODY
  return thick * Math.sqrt((4 * massKg) / (Math.PI * densityKgM3 * fills * lengthM)) + long * lengthM
}

/** Whether a hook goes into the body and so by its thickness; on the others a body merely hangs. */
const goesByBody = (kind: MountKind, style?: Hook['style']): boolean =>
  kind === 'head' || kind === 'belly' || (kind === 'texas' && style !== 'finesse-hybrid')

/** The size that suits a body best in one way of hooking it, of those that carry it at all ({@link hookFits}). */
export function hookSizeFor(
  lure: Pick<Lure, 'lengthM' | 'massKg'>,
  kind: Exclude<MountKind, 'own'>,
  style?: Hook['style'],
): HookSize {
  const [low, high] = gapBand(kind, style)
  const gapM = goesByBody(kind, style) ? wantedGapM(lure) : ((low + high) / 2) * lure.lengthM
  const carries = HookSize.options.filter((size) => hookFits(kind, size, lure.lengthM, style))
  const off = (size: HookSize) => Math.abs(Math.log(hookGapM(size) / gapM))
  return least(carries, off) ?? sizeForGap(gapM)
}

/**
 * How far a hook's size is off the one that suits its body best, as a natural logarithm of the gap: below 0 too small; 0 for hooks that a body merely hangs on and for lures
 * that bring their own.
 */
export function hookOff(
  lure: Pick<Lure, 'lengthM' | 'massKg'>,
  size: HookSize,
  kind: Exclude<MountKind, 'own'>,
  style?: Hook['style'],
): number {
  return goesByBody(kind, style) ? Math.log(hookGapM(size) / hookGapM(hookSizeFor(lure, kind, style))) : 0
}

function mountsOf(lure: Lure, box: TackleBox): Mount[] {
  const kinds = familyOf(lure.family).mounts
  if (!kinds) return [{ kind: 'own' }]
  const hooksFor = (kind: Exclude<MountKind, 'own'>) =>
    box.hooks.filter(
      (h) => h.count > 0 && LOOSE_STYLES[h.style].mount === kind && hookFits(kind, h.hookSize, lure.lengthM, h.style),
    )
  return kinds.flatMap((kind): Mount[] => {
    switch (kind) {
      case 'head':
        return box.heads
          .filter((h) => h.count > 0 && hookFits('head', h.hookSize, lure.lengthM))
          .map((head) => ({ kind, head }))
      case 'texas': {
        const weights = [null, ...box.sinkers.filter((s) => s.count > 0 && s.kind === 'bullet')]
        return hooksFor(kind).flatMap((hook) => weights.map((sinker) => ({ kind, hook, sinker })))
      }
      case 'belly':
        return hooksFor(kind).map((hook) => ({ kind, hook }))
      case 'wacky':
        return hooksFor(kind).map((hook) => ({ kind, hook }))
      case 'drop-shot':
        // Nose-hooked on its own hook, or weedless on one for Texas rigs.
        return [...hooksFor(kind), ...hooksFor('texas')].flatMap((hook) =>
          box.sinkers.filter((s) => s.count > 0 && s.kind === 'drop-shot').map((sinker) => ({ kind, hook, sinker })),
        )
      default:
        return []
    }
  })
}

export function trailerFits({ kind, lengthM }: Pick<Trailer, 'lengthM' | 'kind'>, baitLengthM: number): boolean {
  const ratio = lengthM / baitLengthM
  return (
    ratio >= TRAILER_BAND.least &&
    ratio <= (kind === 'stick-worm crosswise' ? TRAILER_BAND.crosswise : TRAILER_BAND.most)
  )
}

/** A soft bait of the box as a trailer; null for what serves as none. */
export function asTrailer(lure: Lure): Trailer | null {
  const form = lure.family === 'creature' ? lure.traits.form : lure.family
  const kind = (SOFT_AS_TRAILER as Readonly<Record<string, Trailer['kind'] | undefined>>)[form]
  if (!kind) return null
  const { id, name, lengthM, cost, count } = lure
  return { id, name, kind, lengthM, massKg: lureMass(lure).kg, colour: lure.colour.flank, cost, count }
}

/** A trailer shows best at so much of its bait's length. */
const TRAILER_BEST = 0.7

/** Soft baits of a box as trailers; worked out once, for every jig asks. */
const softOf = new WeakMap<readonly Lure[], readonly Trailer[]>()
function softBaits({ lures }: TackleBox): readonly Trailer[] {
  const found = softOf.get(lures) ?? lures.flatMap((lure) => (lure.count > 0 ? (asTrailer(lure) ?? []) : []))
  softOf.set(lures, found)
  return found
}

/** Of the box's soft baits one of each kind of which no trailer lies ready: of the bait's own colour if there is one, then the one of the best length. */
function softTrailers(lure: Lure, box: TackleBox, ready: readonly Trailer[]): Trailer[] {
  const best = new Map<Trailer['kind'], { readonly trailer: Trailer; readonly off: number }>()
  for (const trailer of softBaits(box)) {
    if (!trailerFits(trailer, lure.lengthM) || ready.some(({ kind }) => kind === trailer.kind)) continue
    const other = trailer.colour === lure.colour.flank ? 0 : 1
    const off = other + Math.abs(trailer.lengthM / lure.lengthM - TRAILER_BEST)
    if (off < (best.get(trailer.kind)?.off ?? Infinity)) best.set(trailer.kind, { trailer, off })
  }
  return [...best.values()].map(({ trailer }) => trailer)
}

function trailersOf(lure: Lure, box: TackleBox): (Trailer | null)[] {
  if (!familyOf(lure.family).takesTrailer) return [null]
  const ready = box.trailers.filter((t) => t.count > 0 && trailerFits(t, lure.lengthM))
  return [null, ...ready, ...softTrailers(lure, box, ready)]
}

/** A trailer that deadens a plate before it, clipped on or its own. */
export const isBulky = ({ kind }: Pick<Trailer, 'kind'>): boolean =>
  TRAILER_ADDS[kind].presence > 0.1 || kind === 'kicking-craw'

/** Plates that a jig can be fished with, and without; none before a bulky trailer. */
function clipsOf(lure: Lure, trailer: Trailer | null, { terminals }: TackleBox): (Terminal | null)[] {
  if (!familyOf(lure.family).capabilities?.takesClip || (trailer && isBulky(trailer))) return [null]
  return [null, ...terminals.filter((t) => t.count > 0 && t.kind === 'clip-blade')]
}

function mountMassKg(mount: Mount): number {
  switch (mount.kind) {
    case 'own':
      return 0
    case 'head':
      return mount.head.massKg
    case 'texas':
    case 'drop-shot':
      return mount.hook.massKg + (mount.sinker?.massKg ?? 0)
    default:
      return mount.hook.massKg
  }
}

/** Every way this box can dress a lure. A soft body without a hook that fits has none. */
export function buildsOf(lure: Lure, box: TackleBox): Build[] {
  const own = lureMass(lure).kg
  return mountsOf(lure, box).flatMap((mount) =>
    trailersOf(lure, box).flatMap((trailer) =>
      clipsOf(lure, trailer, box).map((clip) => ({
        lure,
        mount,
        trailer,
        ...(clip && { clip }),
        massKg: own + mountMassKg(mount) + (trailer?.massKg ?? 0) + (clip?.massKg ?? 0),
      })),
    ),
  )
}

/**
 * How many ways a box has to dress its lures, counted up to `most`: what a match of it costs grows with them.
 *
 * @returns the number, or something above `most` as soon as it is passed
 */
export function countBuilds(box: TackleBox, most: number): number {
  let sum = 0
  for (const lure of box.lures) {
    const dressings = trailersOf(lure, box).reduce((n, trailer) => n + clipsOf(lure, trailer, box).length, 0)
    sum += mountsOf(lure, box).length * dressings
    if (sum > most) return sum
  }
  return sum
}
