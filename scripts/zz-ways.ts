import { demoWorld } from '../core/demo/world'
import { createMatchContext, rank } from '../core/match/index'
import { Conditions } from '../core/water/index'
import { sayHandling } from '../words'
const world = demoWorld('2026-06-12')
const tries: [string, any][] = [
  ['troll pike', { placeId: 'vessamere-north', stand: 'boat', deliveries: ['troll'], depthM: 8, zone: { topM: 2.5, bottomM: 5 } }],
  ['downrigger trout', { placeId: 'quillskar', speciesId: 'brown-trout', stand: 'boat', deliveries: ['downrigger'], depthM: 30, zone: { topM: 12, bottomM: 15 }, waterTempC: 12 }],
  ['drift perch', { placeId: 'vessamere-north', speciesId: 'perch', stand: 'boat', deliveries: ['drift'], driftMps: 0.3, depthM: 7, zone: { topM: 5, bottomM: 7 } }],
  ['swing trout', { placeId: 'ottermoss', speciesId: 'brown-trout', stand: 'wading', currentMps: 0.6, depthM: 2, zone: { topM: 0.8, bottomM: 2 }, cover: { kind: 'open', topM: 2, density: 0 }, deliveries: ['swing'] }],
  ['three-way', { placeId: 'ottermoss', speciesId: 'zander', stand: 'shore', currentMps: 0.4, depthM: 4, zone: { topM: 2.5, bottomM: 4 }, cover: { kind: 'open', topM: 4, density: 0 }, deliveries: ['three-way'] }],
  ['still', { placeId: 'vessamere-north', speciesId: 'largemouth-bass', stand: 'shore', deliveries: ['still'] }],
  ['ice', { placeId: 'vessamere-north', speciesId: 'perch', stand: 'ice', waterTempC: 2, depthM: 7, zone: { topM: 6, bottomM: 7 }, date: '2026-01-20' }],
  ['all boat', { placeId: 'vessamere-north', speciesId: 'pike', stand: 'boat', deliveries: ['cast', 'troll', 'vertical', 'pitch', 'drift'] , driftMps: 0.2}],
]
const box = { ...world.box, sinkers: [...world.box.sinkers, { id: 'dp', name: 'Dropper 40 g', kind: 'dropper' as const, massKg: 0.04, cost: null, count: 5 }] }
for (const [name, over] of tries) {
  const base = world.waters.find((w) => w.placeId === over.placeId)!
  const c = Conditions.parse({ ...base, ...over, cover: over.cover ?? { ...base.cover, topM: Math.min(base.cover.topM, over.depthM ?? base.depthM) } })
  const place = world.places.find((p) => p.id === c.placeId)!
  const t = performance.now()
  const ctx = createMatchContext(c, place, box, { sides: {} })
  const rows = rank(box, ctx, 6)
  console.log(`\n${name} (${(performance.now() - t).toFixed(0)} ms), zone ${ctx.reading.zone.topM}-${ctx.reading.zone.bottomM}`)
  if (name === 'still') console.log(JSON.stringify({ ...rows[0]!.thrown.plan }), rows[0]!.thrown.path.x.slice(0, 40).map((v) => v.toFixed(1)).join(' '), rows[0]!.thrown.path.t.slice(0, 40).map((v) => v.toFixed(0)).join(' '))
  for (const r of rows) console.log('  ', r.score.toFixed(1), r.setUp.build.lure.name, '|', r.setUp.build.lure.family, '|', sayHandling(r, 'metric'), '| z', r.thrown.path.z.at(-1)?.toFixed(1), 'x', r.thrown.path.x.at(-1)?.toFixed(0), 'share', r.thrown.share.ofAllTime.toFixed(2))
}
