import { SCENARIOS } from '../core/testing/scenarios'
import { PLACE, WORLD, water } from '../core/testing/world'
import { Place } from '../core/water'
import { createMatchContext, fitsSetUp, rank } from '../core/match'
const pick = process.argv.slice(2)
for (const s of SCENARIOS) {
  if (pick.length && !pick.some((p) => s.name.includes(p))) continue
  const place = Place.parse({ ...PLACE, ...s.place })
  const ctx = createMatchContext(water(s.water), place, WORLD.box, { sides: {} })
  const rows = rank(WORLD.box, ctx, 110)
  const at = rows.findIndex((r) => s.first.some((t) => fitsSetUp(t, r.setUp)))
  const bad = rows.slice(0, 10).findIndex((r) => s.never.some((t) => fitsSetUp(t, r.setUp)))
  if (at >= 0 && at < 3 && bad < 0) continue
  const z = ctx.reading
  console.log(
    `\n## ${s.name}  zone ${z.zone.topM.toFixed(1)}-${z.zone.bottomM.toFixed(1)} season ${(z as any).season} light ${(z as any).light}`,
  )
  const show = (i: number) => {
    const r = rows[i]!
    console.log(
      ` ${i + 1}. ${r.score.toFixed(0)} ${r.setUp.build.lure.name} ${r.setUp.build.lure.family} ${r.setUp.handling.retrieve.id}: ` +
        r.parts
          .filter((p) => p.chance < 0.95)
          .map(
            (p) =>
              `${p.axis}${p.want !== null ? `(${p.offer?.toFixed(2)}/${p.want.toFixed(2)})` : ''} ${p.chance.toFixed(2)}[${p.causes
                .slice(0, 2)
                .map((c) => c.ruleId)
                .join(',')}]`,
          )
          .slice(0, 9)
          .join(' '),
    )
  }
  show(0)
  if (at >= 3) {
    show(1)
    show(at)
  } else if (at < 0) console.log('  wanted not ranked')
  if (bad >= 0) {
    console.log('  NEVER')
    show(bad)
    show(10)
  }
}
