import { readFileSync, writeFileSync } from 'node:fs'
import { quantile } from 'd3-array'
import { CHANCES } from '../data/chances'
import { RULES as AS_WRITTEN } from '../data/rules'
import { RULES, createMatchContext, type Rule } from '../core/match'
import { COVERS, MOODS, Place, SKIES, SPECIES } from '../core/water'
import { seededRandom } from '../core/random'
import { PLACE, WORLD, water } from '../testing/world'
import { BLIND_SCENARIOS, FIRST_SCENARIOS, LATER_SCENARIOS, SCENARIOS } from '../testing/scenarios'
import { fitFactors, leaveOneOut, marginWith, marginsOf } from '../testing/calibration'

/**
 * How the weights of the rules stand to the scenarios (docs/decisions.md, “The chain of chances”).
 *
 *     npm run calibrate                 margins, what each rule does, leave-one-out
 *     npm run calibrate -- loudest      which rules speak loudest in 400 random waters
 *     npm run calibrate -- constants    the constants of data/chances, each a quarter less and more
 *     npm run calibrate -- write        writes data/rules/factors.ts
 */
/** Rules that speak in every water. */
const ALWAYS = new Set(['zone-first', 'forage-length', 'balanced-tackle', 'come-through-cover'])
const FILE = 'data/rules/factors.ts'
const margins = (rules?: readonly Rule[]) => SCENARIOS.flatMap((s) => marginsOf(s, rules))

function report() {
  const all = margins()
  const held = new Set(SCENARIOS.map((s) => s.name))
  for (const m of all) if (m.margin <= 0) held.delete(m.scenario)
  console.log(
    `${held.size} of ${SCENARIOS.length} hold; margins ${[0.05, 0.25, 0.5, 0.75]
      .map((q) =>
        quantile(
          all.map((m) => m.margin),
          q,
        )?.toFixed(2),
      )
      .join(' ')} (5, 25, 50, 75 of 100)`,
  )
  const sets = { older: FIRST_SCENARIOS, blind: BLIND_SCENARIOS, later: LATER_SCENARIOS }
  for (const [name, of] of Object.entries(sets))
    console.log(`  ${name}: ${of.filter((s) => held.has(s.name)).length} of ${of.length}`)
  console.log('\nnarrowest')
  for (const m of [...all].sort((a, b) => a.margin - b.margin).slice(0, 15))
    console.log(`  ${m.margin.toFixed(2).padStart(6)} ${m.kind} ${m.scenario}`)
  const does = new Map<string, { good: number; bad: number; in: number }>()
  for (const m of all)
    for (const [id, share] of m.by) {
      const one = does.get(id) ?? { good: 0, bad: 0, in: 0 }
      one[share > 0 ? 'good' : 'bad'] += share
      if (Math.abs(share) > 0.02) one.in += 1
      does.set(id, one)
    }
  console.log('\nrules that never matter in any scenario')
  console.log(
    '  ' +
      RULES.filter((r) => (does.get(r.id)?.in ?? 0) === 0)
        .map((r) => r.id)
        .join(', '),
  )
  console.log('\nrules that hurt more than they help')
  for (const [id, { good, bad, in: many }] of [...does].sort((a, b) => a[1].good + a[1].bad - b[1].good - b[1].bad))
    if (good + bad < -0.3) console.log(`  ${(good + bad).toFixed(2).padStart(6)} ${id} (${many} margins)`)
  console.log('\nrules that help most')
  for (const [id, { good, bad, in: many }] of [...does]
    .sort((a, b) => b[1].good + b[1].bad - a[1].good - a[1].bad)
    .slice(0, 15))
    console.log(`  ${(good + bad).toFixed(2).padStart(6)} ${id} (${many} margins)`)
  console.log('\nfrom the weights as written, without their factors:')
  const plain = margins(AS_WRITTEN)
  const u = fitFactors(plain)
  const after = new Set(SCENARIOS.map((s) => s.name))
  for (const m of plain) if (marginWith(m, u) <= 0) after.delete(m.scenario)
  console.log(
    `\nfitted factors: ${after.size} would hold; least margin ${Math.min(...plain.map((m) => marginWith(m, u))).toFixed(2)}`,
  )
  const far = [...u].filter(([, v]) => Math.abs(v) > 0.03).sort((a, b) => Math.abs(b[1]) - Math.abs(a[1]))
  console.log('  ' + far.map(([id, v]) => `${id} ×${Math.exp(v).toFixed(2)}`).join(', '))
  const out = leaveOneOut(plain)
  console.log(
    `\nleave-one-out: ${out.held} of ${out.of} hold${out.lost.length > 0 ? `; not ${out.lost.join('; ')}` : ''}`,
  )
  return u
}

function constants() {
  const loss = () => {
    const all = margins()
    const short = all.reduce((sum, m) => sum + Math.max(0, 0.15 - m.margin), 0)
    return `${new Set(all.filter((m) => m.margin <= 0).map((m) => m.scenario)).size} fail, short of 0.15 by ${short.toFixed(2)} together`
  }
  console.log(`as they are: ${loss()}`)
  const tunable = CHANCES as Record<string, number>
  for (const [id, value] of Object.entries(CHANCES))
    for (const by of [0.75, 1.25]) {
      tunable[id] = value * by
      console.log(`${id} ${(value * by).toFixed(2)}: ${loss()}`)
      tunable[id] = value
    }
}

/** Which rules speak loudest in 400 waters drawn at random: to be read, not held. */
function loudest() {
  const random = seededRandom(1)
  const draw = () => random.next()
  const of = <T>(all: readonly T[]) => random.pick(all)
  const loud = new Map<string, { first: number; in: number; species: Set<string> }>()
  for (let i = 0; i < 400; i++) {
    const species = of(SPECIES)
    const depthM = 1 + 14 * draw() ** 2
    const salinity = species.waters.includes('fresh') ? 0 : 32
    const c = water({
      speciesId: species.id,
      date: `2026-${String(1 + Math.floor(12 * draw())).padStart(2, '0')}-15`,
      hour: 24 * draw(),
      waterTempC: 2 + 26 * draw(),
      visibilityM: 0.3 * 20 ** draw(),
      windMps: 8 * draw(),
      sky: of(SKIES),
      mood: of(MOODS),
      depthM,
      cover: { kind: of(COVERS), topM: depthM * draw(), density: draw() },
    })
    const { demand } = createMatchContext(c, Place.parse({ ...PLACE, salinity }), WORLD.box, { sides: {} })
    const causes = [...demand.axes, demand.colour].flatMap((a) => a.causes)
    const spoken = [...causes, ...demand.habits.map((h) => h.cause)].filter((k) => !ALWAYS.has(k.ruleId))
    const order = [...spoken].sort((a, b) => b.weight - a.weight)
    for (const [place, { ruleId }] of order.slice(0, 5).entries()) {
      const one = loud.get(ruleId) ?? { first: 0, in: 0, species: new Set() }
      one.in += 1
      if (place === 0) one.first += 1
      one.species.add(species.id)
      loud.set(ruleId, one)
    }
  }
  console.log('among the five loudest, loudest of all, species it spoke to')
  for (const [id, { first, in: many, species }] of [...loud].sort((a, b) => b[1].in - a[1].in))
    console.log(
      `${String(many).padStart(4)} ${String(first).padStart(4)}  ${id}: ${species.size > 6 ? `${species.size} species` : [...species].join(', ')}`,
    )
}

if (process.argv.includes('constants')) constants()
else if (process.argv.includes('loudest')) loudest()
else {
  const u = report()
  if (process.argv.includes('write')) {
    const lines = [...u]
      .filter(([, v]) => Math.abs(v) > 0.03)
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([id, v]) => `  '${id}': ${Math.exp(v).toFixed(2)},`)
    const [head] = readFileSync(FILE, 'utf8').split('export const')
    writeFileSync(FILE, `${head ?? ''}export const FACTORS = {\n${lines.join('\n')}\n} as const\n`)
  }
}
