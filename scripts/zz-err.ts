import { createMatchContext } from '../core/match'
import { candidatesOf, setUpOf } from '../core/match/candidates'
import { estimateCastMetrics, evaluateCast, pathOffers } from '../core/match/cast-evaluation'
import { axisPoints } from '../core/match/score'
import { demoWorld } from '../core/demo/world'
const world = demoWorld('2026-06-12')
const e: number[] = [],
  b: number[] = []
let k = 0
for (const water of world.waters) {
  const place = world.places.find((p) => p.id === water.placeId)!
  const ctx = createMatchContext(water, place, world.box, { sides: {} })
  for (const lure of world.box.lures)
    for (const cand of candidatesOf(lure, world.box, ctx))
      for (const on of cand.onLines) {
        if (k++ % 17) continue
        const s = setUpOf(cand, on)
        const { motion, offer } = cand.dressed
        const pts = (m: any) => axisPoints(ctx.demand.by.path, pathOffers(m), ctx.demand)
        const p1 = pts(estimateCastMetrics(s, motion, offer, ctx.c, ctx.reading)),
          p2 = pts(evaluateCast(s, motion, offer, ctx.c, ctx.reading))
        ;(cand.handling.retrieve.pauseS === 0 ? e : b).push(p2 - p1)
      }
}
for (const r of [e, b]) {
  r.sort((x, y) => x - y)
  console.log(
    r.length,
    [0.01, 0.05, 0.2, 0.5, 0.8, 0.9, 0.95, 0.98, 0.99].map((q) => r[Math.floor(q * r.length)]!.toFixed(2)).join(' '),
  )
}
