import { SCENARIOS } from '../core/testing/scenarios'
import { PLACE, WORLD, water } from '../core/testing/world'
import { Place } from '../core/water'
import { matchWater } from '../core/match'
const name = process.argv[2]!
const s: any = SCENARIOS.find((x) => x.name === name) ?? { water: JSON.parse(name), first: [], never: [] }
const { rows } = matchWater(water(s.water), Place.parse({ ...PLACE, ...s.place }), WORLD.box, {
  sides: {},
  limit: 12,
  lifts: 0,
})
console.log(JSON.stringify(s.first), JSON.stringify(s.never))
for (const [i, r] of rows.entries()) {
  const { build, handling, outfit } = r.setUp
  console.log(
    i + 1,
    r.score.toFixed(1),
    build.lure.name,
    build.lure.family,
    build.mount.kind,
    handling.retrieve.id,
    handling.retrieveSpeedMps,
    'cnt',
    handling.countDownS,
    'tip',
    handling.rodTipM,
    outfit.line.name,
    JSON.stringify(
      Object.fromEntries(
        Object.entries(r.thrown.share)
          .filter(([k]) => k !== 'byDuty')
          .map(([k, v]) => [k, +(v as number).toFixed(2)]),
      ),
    ),
    'risk',
    r.thrown.risk.toFixed(2),
  )
  if (process.argv[3] && (i === 0 || process.argv[3].split(',').includes(String(i + 1))))
    console.log(
      r.parts
        .map(
          (p: any) =>
            `${p.id ?? p.axis ?? p.rule ?? p.kind}:${(p.points ?? p.gained ?? 0).toFixed?.(1)}/${(p.most ?? p.max ?? p.of ?? 0).toFixed?.(1)}`,
        )
        .join(' '),
    )
}
if (process.argv[4]) {
  const r = rows[Number(process.argv[4])]!
  const p = r.thrown.path
  console.log(JSON.stringify(r.thrown.plan))
  for (let i = 0; i < p.x.length && i < 400; i++)
    console.log(p.x[i]!.toFixed(2), p.z[i]!.toFixed(2), p.t[i]!.toFixed(1), p.pulled[i])
}
