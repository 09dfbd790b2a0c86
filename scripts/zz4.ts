import { WORLD } from '../core/testing/world'
import { createMatchContext, rank } from '../core/match'
for (const id of ['vessamere-north', 'vessamere-south', 'quillskar', 'ottermoss']) {
  const c = WORLD.waters.find((w) => w.placeId === id)!,
    place = WORLD.places.find((p) => p.id === id)!
  const t: number[] = []
  for (let i = 0; i < 6; i++) {
    const ctx = createMatchContext(c, place, WORLD.box, { sides: {} })
    const s = performance.now()
    const r = rank(WORLD.box, ctx, 12)
    t.push(performance.now() - s)
    if (i == 0)
      console.log(
        r
          .slice(0, 5)
          .map((x) => `${x.setUp.build.lure.name} ${x.setUp.handling.retrieve.id} ${x.score.toFixed(0)}`)
          .join('; '),
      )
  }
  console.log(id, t.map((x) => x.toFixed(0)).join(' '))
}
