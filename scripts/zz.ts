import { SCENARIOS, FIRST_SCENARIOS, BLIND_SCENARIOS, LATER_SCENARIOS } from '../core/testing/scenarios'
import { PLACE, WORLD, water } from '../core/testing/world'
import { Place } from '../core/water'
import { fitsSetUp, matchWater } from '../core/match'
const verbose = process.argv.includes('-v')
let held: Record<string, number> = {}
const gaps5: number[] = [],
  gaps12: number[] = [],
  worst: number[] = [],
  top: number[] = []
for (const [k, list] of Object.entries({ first: FIRST_SCENARIOS, blind: BLIND_SCENARIOS, later: LATER_SCENARIOS })) {
  held[k] = 0
  for (const s of list) {
    const { rows } = matchWater(water(s.water), Place.parse({ ...PLACE, ...s.place }), WORLD.box, {
      sides: {},
      limit: 12,
      lifts: 0,
    })
    const ok1 = rows.slice(0, 3).some((r) => s.first.some((t) => fitsSetUp(t, r.setUp)))
    const bad = rows
      .slice(0, 10)
      .flatMap((r, i) =>
        s.never.some((t) => fitsSetUp(t, r.setUp))
          ? [`${i + 1}. ${r.setUp.build.lure.name} ${r.setUp.build.lure.family} ${r.setUp.handling.retrieve.id}`]
          : [],
      )
    if (ok1 && !bad.length) held[k]++
    else if (verbose)
      console.log(
        `${k}: ${s.name}\n   ${
          ok1
            ? ''
            : 'TOP ' +
              rows
                .slice(0, 4)
                .map(
                  (r) =>
                    `${r.setUp.build.lure.name}/${r.setUp.build.lure.family}/${r.setUp.handling.retrieve.id} ${r.score.toFixed(0)}`,
                )
                .join(' ; ')
        } ${bad.length ? 'NEVER ' + bad.join(', ') : ''}`,
      )
    top.push(rows[0]?.score ?? 0)
    gaps5.push((rows[0]?.score ?? 0) - (rows[4]?.score ?? 0))
    gaps12.push((rows[0]?.score ?? 0) - (rows[11]?.score ?? 0))
  }
  console.log(k, held[k], 'of', list.length)
}
const med = (a: number[]) => a.sort((x, y) => x - y)[a.length >> 1]!.toFixed(1)
console.log('all', SCENARIOS.length, 'top', med(top), 'gap5', med(gaps5), 'gap12', med(gaps12))
