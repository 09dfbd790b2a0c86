import { describe, expect, it } from 'vitest'
import { PLACE, WORLD, water } from '../../../testing/world'
import { techniquesOf } from '../../tackle'
import { createMatchContext } from '..'
import { variantsHere } from './candidates'
import { tackleFor } from './tackle-choice'

describe('tackle chosen once for all that ask the same', () => {
  it('is what each dressed lure would have been given by itself', () => {
    const shared = createMatchContext(water({}), PLACE, WORLD.box, { sides: {}, against: 1 })
    const words = (given: ReturnType<typeof tackleFor>) =>
      given.map(({ rigging: { outfit, leader }, fits }) =>
        [outfit.rod.id, outfit.reel.id, outfit.line.id, leader?.id ?? '', fits.toFixed(12)].join(' '),
      )
    const asked = WORLD.box.lures.flatMap((lure) =>
      variantsHere(lure, WORLD.box, shared)
        .filter((_, i) => i % 4 === 0)
        .flatMap(({ build }) =>
          techniquesOf(lure.family)
            .filter(({ delivery }) => shared.deliveries.has(delivery))
            .map((technique) => ({ build, technique })),
        ),
    )
    expect(asked.length).toBeGreaterThan(500)
    const different = new Set<string>()
    for (const { build, technique } of asked) {
      const given = words(tackleFor(build, technique, shared))
      // A context of its own remembers nothing of the others.
      expect(given, `${build.lure.name} ${technique.id}`).toEqual(words(tackleFor(build, technique, { ...shared })))
      different.add(given.join(','))
    }
    expect(different.size).toBeGreaterThan(20)
  })
})
