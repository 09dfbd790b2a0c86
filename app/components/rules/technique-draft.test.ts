import { describe, expect, it } from 'vitest'
import { OwnTechnique, copyOf } from '../../../core/match'
import { TECHNIQUES, techniqueOf } from '../../../core/tackle'
import { draftOfTechnique, techniqueOfDraft } from './technique-draft'

const copy = (id: string) => OwnTechnique.parse(JSON.parse(JSON.stringify(copyOf(techniqueOf(id), 'own-1'))))

describe('a technique as it is typed', () => {
  it.each(TECHNIQUES.map(({ id }) => id))('%s: opened and kept untouched it is what it was', (id) => {
    const made = techniqueOfDraft(draftOfTechnique(copy(id)))
    if (!made.ok) throw new Error(made.problem)
    const { beat, pace, tackle, ...rest } = made.own
    const { beat: beatWas, pace: paceWas, tackle: tackleWas, ...restWas } = copy(id)
    expect(rest).toEqual(restWas)
    expect(tackle).toEqual(tackleWas)
    expect(JSON.stringify(pace)).toBe(JSON.stringify(paceWas))
    expect((beat ?? []).map((p) => [p.does, p.part.toFixed(3)])).toEqual(
      (beatWas ?? []).map((p) => [p.does, p.part.toFixed(3)]),
    )
  })
  it('says what is missing', () => {
    const said = (over: object) => {
      const made = techniqueOfDraft({ ...draftOfTechnique(copy('hop')), ...over })
      return made.ok ? '' : made.problem
    }
    expect(said({ pullS: null })).toMatch(/figure is missing/)
    expect(said({ rodM: [2, null] })).toMatch(/both ends/)
    expect(said({ power: [null, 'heavy'] })).toMatch(/both ends/)
    expect(said({ name: '' })).toMatch(/name/)
    expect(said({ families: [] })).toMatch(/families/)
    expect(said({ reaches: true, sentence: '' })).toMatch(/sentence/)
    const condition = { kind: 'under', fact: 'waterTempC', value: null }
    expect(said({ reaches: true, sentence: 'In the cold.', conditions: [condition] })).toMatch(/condition lacks/)
    expect(said({ reaches: false, sentence: '' })).toBe('')
  })
})
