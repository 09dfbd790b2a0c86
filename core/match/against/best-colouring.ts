import { COLOURS, COLOUR_GROUPS, type Colouring } from '../../tackle'
import type { MatchContext } from '../possible'

/** The colouring that this water likes best. */
export function bestColouring({ demand, contrastOf }: MatchContext): Colouring {
  const ranked = COLOUR_GROUPS.map((group) => ({ group, liked: demand.colour.liking[group] })).sort(
    (a, b) => b.liked - a.liked,
  )
  const best = ranked.filter((r) => r.liked >= (ranked[0]?.liked ?? 0) - 0.05).map((r) => r.group)
  const plain = COLOURS.filter((c) => best.includes(c.group)).map((c): Colouring => {
    const id = c.id as Colouring['flank']
    return { back: id, flank: id, belly: id, pattern: 'plain' }
  })
  return plain.reduce((most, one) => (contrastOf(one) > contrastOf(most) ? one : most))
}
