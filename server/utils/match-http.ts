import { SCHOOLS, sayCause, sayGiven, sayHandling, sayLift, sayMount, type MatchAnswer } from '../../core/match'
import { Box } from '../../core/tackle'
import { Conditions, Place, SPECIES } from '../../core/water'
import { z } from '../../core/zod'

const schoolIds = SCHOOLS.map((s) => s.id)
const speciesIds = SPECIES.map((s) => s.id)

export const MatchRequest = z.strictObject({
  conditions: Conditions.refine((c) => speciesIds.includes(c.speciesId), {
    error: `unknown species; one of ${speciesIds.join(', ')}`,
    path: ['speciesId'],
  }),
  place: Place,
  box: Box,
  options: z
    .strictObject({
      schools: z
        .partialRecord(z.enum(schoolIds as [string, ...string[]]), z.enum(['first', 'second', 'both']))
        .default({}),
      limit: z.number().int().min(1).max(50).default(12),
      units: z.enum(['metric', 'imperial']).default('metric'),
    })
    .prefault({}),
})

/** The answer as plain JSON: names and sentences for people, SI figures for programs. */
export function matchResponse({ reading, rows, rigs, asked }: MatchAnswer, units: 'metric' | 'imperial') {
  return {
    reading: {
      season: reading.season,
      light: reading.light,
      appetite: reading.appetite,
      zone: reading.zone,
      densityKgM3: reading.density,
    },
    asked: asked.map(({ ruleId, sentence, weight }) => ({ ruleId, sentence, weight })),
    rigs: rigs.map(({ rig, row, why }) => ({ ...rig, score: row?.score ?? null, why })),
    ranking: rows.map((row, i) => {
      const { build, outfit, leader, handling } = row.setUp
      return {
        place: i + 1,
        score: row.score,
        lure: { id: build.lure.id, family: build.lure.family, name: build.lure.name },
        mount: { kind: build.mount.kind, name: sayMount(row.setUp) },
        trailer: build.trailer && { id: build.trailer.id, name: build.trailer.name },
        leader: leader && { id: leader.id, name: leader.name },
        line: { id: outfit.line.id, name: outfit.line.name, diameterM: outfit.line.diameterM },
        reel: { id: outfit.reel.id, name: outfit.reel.name },
        rod: { id: outfit.rod.id, name: outfit.rod.name },
        retrieve: {
          id: handling.retrieve.id,
          name: handling.retrieve.name,
          pullMps: handling.pullMps,
          pauseS: handling.retrieve.restS,
          countDownS: handling.countDownS,
          rodTipM: handling.rodTipM,
        },
        handling: sayHandling(row, units),
        zoneShare: row.thrown.share.inZone,
        snagRisk: row.thrown.risk,
        reasons: row.parts.map((p) => ({
          axis: p.axis,
          points: p.points,
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
