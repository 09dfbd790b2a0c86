import { demoWorld } from '../../core/demo/world'
import {
  OwnRule,
  OPEN_QUESTIONS,
  cautionsFor,
  createMatchContext,
  lawOf,
  matchWater,
  mendOf,
  OwnTechnique,
  judgedBy,
  type MatchAnswer,
  type MatchRow,
} from '../../core/match'
import { completeBox } from '../../core/tackle'
import { Box, type Box as BoxType } from '../../core/box'
import { Conditions, FORAGE, Place, SPECIES, forageLengthM } from '../../core/water'
import { z } from '../../core/zod'
import {
  sayCaution,
  sayLaw,
  sayPiece,
  sayRig,
  sayContribution,
  sayRefusal,
  sayCause,
  sayGiven,
  sayHandling,
  sayLift,
  sayMend,
  sayMount,
} from '../../words'

const questionIds = OPEN_QUESTIONS.map((s) => s.id)
const speciesIds = SPECIES.map((s) => s.id)
const forageIds = FORAGE.map((f) => f.id)

export const MatchRequest = z.strictObject({
  conditions: Conditions.refine((c) => speciesIds.includes(c.speciesId), {
    error: `unknown species; one of ${speciesIds.join(', ')}`,
    path: ['speciesId'],
  }).refine((c) => forageIds.includes(c.forage.kind), {
    error: `unknown forage; one of ${forageIds.join(', ')}`,
    path: ['forage', 'kind'],
  }),
  place: Place,
  box: Box,
  options: z
    .strictObject({
      sides: z
        .partialRecord(z.enum(questionIds as [string, ...string[]]), z.enum(['first', 'second', 'both']))
        .default({}),
      limit: z.number().int().min(1).max(50).default(12),
      /** Rules weighed otherwise, by id: 0 is off. */
      weights: z.record(z.string(), z.number().min(0).max(3)).default({}),
      /** Rules of one's own. */
      own: z.array(OwnRule).max(200).default([]),
      /** Techniques of one's own: copies of those of the register, changed. */
      techniques: z.array(OwnTechnique).max(40).default([]),
      units: z.enum(['metric', 'imperial']).default('metric'),
    })
    .prefault({}),
})

/** A lake that is nowhere, for waters that are sent without their place. */
const ANYWHERE = { id: 'anywhere', name: 'Anywhere', latDeg: 45, lonDeg: 0, utcOffsetH: 0, salinity: 0 }
/** What an angler need not say: it is then as on an ordinary day. */
const ORDINARY = {
  placeId: ANYWHERE.id,
  hour: 12,
  sky: 'broken',
  windMps: 2,
  currentMps: 0,
  zone: null,
  mood: 'neutral',
  castM: 28,
  rodTipM: null,
  seasonAs: null,
  lightAs: null,
}
const ORDINARY_FORAGE = 'roach'

const isObject = (raw: unknown): raw is Record<string, unknown> => typeof raw === 'object' && raw !== null

/** A request filled up where it is silent: place, box (the demo's) and the ordinary of a day. What is there is left as it is, for the schema to judge. */
export function completeRequest(raw: unknown): unknown {
  if (!isObject(raw)) return raw
  const box = raw.box === undefined ? demoBox() : completeBox(raw.box)
  const place = raw.place === undefined ? ANYWHERE : raw.place
  const { conditions } = raw
  if (!isObject(conditions)) return { ...raw, box, place }
  const { depthM, date } = conditions
  const forageM = typeof date === 'string' ? forageLengthM(ORDINARY_FORAGE, date) : undefined
  return {
    ...raw,
    box,
    place,
    conditions: {
      ...ORDINARY,
      ...(typeof depthM === 'number' && { cover: { kind: 'open', topM: depthM, density: 0 } }),
      forage: { kind: ORDINARY_FORAGE, lengthM: forageM ?? 0.08 },
      ...conditions,
    },
  }
}

/** Any day will do: the box itself does not change with it. */
const demoBox = (): BoxType => demoWorld('2026-06-12').box

/** How the lure is hooked: every part of it by id, all its lead, and the length of a drop-shot's leader. */
function mountJson({ setUp, thrown }: MatchRow) {
  const { mount } = setUp.build
  const { kind } = mount
  const head = kind === 'head' ? mount.head : null
  const hook = 'hook' in mount ? mount.hook : null
  const sinker = 'sinker' in mount ? mount.sinker : null
  return {
    kind,
    name: sayMount(setUp),
    head: head && { id: head.id, name: head.name, massKg: head.massKg, hookSize: head.hookSize },
    hook: hook && { id: hook.id, name: hook.name, massKg: hook.massKg, hookSize: hook.hookSize },
    sinker: sinker && { id: sinker.id, name: sinker.name, massKg: sinker.massKg },
    leadKg: (head?.massKg ?? 0) + (sinker?.massKg ?? 0),
    dropperM: thrown.dropperM,
  }
}

/** Of the time near the fish: the shares that it falls, is pulled and rests. */
function sharesOf({ byDuty }: MatchRow['thrown']['share']) {
  const all = Object.values(byDuty).reduce((sum, s) => sum + s, 0)
  const share = (seconds: number) => (all > 0 ? seconds / all : 0)
  return { fall: share(byDuty.fall), pull: share(byDuty.pull), rest: share(byDuty.rest) }
}

/** What would mend a poor answer most, of all that the demo's box holds as a shop; null where the answer is not poor, or nothing would. */
function mendJson({ poor, rows }: MatchAnswer, { conditions, place, box, options }: z.infer<typeof MatchRequest>) {
  if (!poor || !rows[0]) return null
  const context = createMatchContext(conditions, place, box, judgedBy(options))
  const mend = mendOf(rows[0].setUp, box, context, demoBox().lures)
  return mend && { kind: mend.kind, sentence: sayMend(mend, options.units) }
}

/** The answer as plain JSON: names and sentences for people, SI figures for programs. */
export function matchResponse(request: z.infer<typeof MatchRequest>) {
  const { conditions, place, box, options } = request
  const { limit, units } = options
  const answer = matchWater(conditions, place, box, { ...judgedBy(options), limit, lifts: limit })
  const { reading, rows, rigs, asked, tied, poor, day, choice, pair, leftOut, remedy } = answer
  const idAt = (place: number | undefined) => (place === undefined ? null : (rows[place]?.setUp.build.lure.id ?? null))
  return {
    /** How many of the first are as good as the first; whether even that is poor, and what would mend it most; one lure that searches and one that finishes. */
    tied,
    poor,
    /** How willing the fish are; and the lures put forward to choose between, of different kinds. */
    day,
    choice: choice.map(idAt),
    mend: mendJson(answer, request),
    pair: pair && { search: idAt(pair.search), finish: idAt(pair.finish) },
    reading: {
      season: reading.season,
      light: reading.light,
      appetite: reading.appetite,
      zone: reading.zone,
      trend: reading.trend,
      tempChangeC: reading.tempChangeC,
      zoneLux: reading.zoneLux,
      stirredM: reading.stirredM,
      densityKgM3: reading.density,
    },
    /** Lures that break a limit here, by the limit; and, where nothing is left, the cheapest change with which something can be fished. */
    leftOut: leftOut.map(({ why, lures }) => ({ code: why.code, lures, why: sayRefusal(why) })),
    remedy: remedy && {
      pieces: remedy.pieces.map((piece) => ({ kind: piece.kind, sentence: sayPiece(piece, units) })),
      lure: remedy.lure,
      score: remedy.score,
    },
    /** What to be careful of here, and what the place's law says of hooks; local rules come first. */
    cautions: cautionsFor(conditions, reading).map((caution) => sayCaution(caution)),
    law: sayLaw(lawOf(null, place)),
    asked: asked.map((rule) => ({ ruleId: rule.ruleId, sentence: sayContribution(rule), weight: rule.weight })),
    rigs: rigs.map(({ rig, row, why }) => ({ ...rig, score: row?.score ?? null, why: why && sayRefusal(why) })),
    ranking: rows.map((row, i) => {
      const { build, outfit, leader, handling } = row.setUp
      return {
        place: i + 1,
        /** 0 … 100 against the best that could be tied on here; and the product of the chances below by itself. */
        score: row.score,
        chance: row.chance,
        lure: { id: build.lure.id, family: build.lure.family, name: build.lure.name },
        /** Others out of the same mould, standing behind it. */
        alike: row.alike,
        mount: mountJson(row),
        /** All that is thrown. */
        massKg: build.massKg,
        rig: sayRig(row.setUp),
        trailer: build.trailer && {
          id: build.trailer.id,
          name: build.trailer.name,
          kind: build.trailer.kind,
          lengthM: build.trailer.lengthM,
        },
        leader: leader && {
          id: leader.id,
          name: leader.name,
          material: leader.material,
          lengthM: leader.lengthM,
          diameterM: leader.diameterM,
          strengthN: leader.strengthN,
        },
        line: {
          id: outfit.line.id,
          name: outfit.line.name,
          material: outfit.line.material,
          diameterM: outfit.line.diameterM,
          strengthN: outfit.line.strengthN,
        },
        reel: { id: outfit.reel.id, name: outfit.reel.name },
        rod: { id: outfit.rod.id, name: outfit.rod.name },
        technique: {
          id: handling.technique.id,
          name: handling.technique.name,
          /** Slow end to fast end, short rest to long, 0 … 1; and what they come to. */
          tempo: handling.tempo,
          patience: handling.patience,
          paceMps: handling.paceMps,
          restS: handling.restS,
          countDownS: handling.countDownS,
          rodTipM: handling.rodTipM,
        },
        handling: sayHandling(row, units),
        zoneShare: row.thrown.share.inZone,
        /** Share of all the time of a cast spent near the fish; and what it does there, s. */
        nearShare: row.thrown.share.ofAllTime,
        seconds: row.thrown.share.byDuty,
        shares: sharesOf(row.thrown.share),
        castM: row.thrown.plan.castM,
        delivery: handling.technique.delivery,
        snagRisk: row.thrown.risk,
        reasons: row.parts.map((p) => ({
          axis: p.axis,
          /** The link of the chain it belongs to, and the chance it leaves: the chances of all reasons multiply to the score. */
          link: p.link,
          chance: p.chance,
          lost: p.lost,
          asked: sayCause(p),
          given: sayGiven(p, row, units),
          rules: p.causes.map((c) => c.ruleId),
        })),
        weakest: row.weakest?.axis ?? null,
        lift: row.lift && { points: row.lift.points, sentence: sayLift(row.lift, units) },
      }
    }),
  }
}
