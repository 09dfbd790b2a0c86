import { createMatchContext, rank } from '../core/match'
import { demoWorld } from '../core/demo/world'
const world = demoWorld('2026-06-12')
const N = Number(process.argv[2] ?? 12)
for (const water of world.waters) {
  const place = world.places.find((p) => p.id === water.placeId)!
  const ms: number[] = []

  for (let i = 0; i < N; i++) {
    const t = performance.now()
    rank(world.box, createMatchContext(water, place, world.box, { sides: {} }), 12)
    ms.push(performance.now() - t)
  }
  ms.sort((a, b) => a - b)
  console.log(water.placeId, 'min', ms[0]!.toFixed(0), 'median', ms[N >> 1]!.toFixed(0))
}
