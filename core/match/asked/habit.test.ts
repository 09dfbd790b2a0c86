import { describe, expect, it } from 'vitest'
import { PLACE, WORLD, water } from '../../../testing/world'
import { createMatchContext } from '..'
import { outfitsOf, variantsHere, worksOfBuild } from '../possible'
import { habitsOn, speaksOf, spokenFurther, spokenOf, warningOf } from './habit'

describe('habits asked step by step', () => {
  const context = createMatchContext(water({ waterTempC: 8 }), PLACE, WORLD.box, { sides: {}, against: 1 })
  const { habits } = context.demand

  it('say of lure, hand and tackle what they say of the whole at once', () => {
    const outfits = outfitsOf(WORLD.box).filter((_, i) => i % 5 === 0)
    let [asked, spoke] = [0, 0]
    for (const lure of WORLD.box.lures)
      for (const dressed of variantsHere(lure, WORLD.box, context).slice(0, 2)) {
        const { build } = dressed
        for (const work of worksOfBuild(dressed, context).slice(0, 4))
          for (const outfit of outfits) {
            const all = habits.filter((habit) => speaksOf(habit, { build, work, outfit }))
            const favours = all.filter(({ kind }) => kind === 'favour')
            const warnings = all.filter(({ kind }) => kind === 'avoid')
            const said = spokenFurther(spokenFurther(spokenOf(habits, build), { build, work }), { build, work, outfit })
            expect(said.open).toEqual([])
            expect(said.favoured).toBeCloseTo(
              favours.reduce((sum, { weight }) => sum + weight, 0),
              9,
            )
            expect(said.warned).toBeCloseTo(
              warnings.reduce((sum, habit) => sum + warningOf(habit), 0),
              9,
            )
            asked += 1
            spoke += all.length
          }
      }
    expect(asked).toBeGreaterThan(500)
    expect(spoke).toBeGreaterThan(asked / 4)
  })

  it('of a family leave out only those that name others', () => {
    const jigs = habitsOn(habits, 'skirted-jig')
    expect(jigs.length).toBeLessThan(habits.length)
    for (const habit of habits)
      expect(jigs.includes(habit)).toBe(!habit.test.family || habit.test.family.includes('skirted-jig'))
  })
})
