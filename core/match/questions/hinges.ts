import type { Box } from '../../box'
import { truthDegree, type Conditions, type Place } from '../../water'
import { rank, type Ranked } from '../tuned'
import { createMatchContext } from '../against'
import type { MatchOptions } from '../possible'
import { OPEN_QUESTIONS, RULES, type OpenQuestion } from '../asked'

/** A point on which good anglers disagree and on which this answer hangs. */
export interface DecisiveQuestion {
  readonly question: OpenQuestion
  /** The first of each side. */
  readonly first: Ranked
  readonly second: Ranked
}

/** Questions whose rules speak at all in a water. */
function questionsOpen(c: Conditions, place: Place, box: Box, options: Pick<MatchOptions, 'sides' | 'rules'>) {
  const { features } = createMatchContext(c, place, box, options).reading
  const rules = options.rules ?? RULES
  return OPEN_QUESTIONS.filter((question) =>
    rules.some((r) => r.side?.startsWith(`${question.id}.`) && truthDegree(r.when, features) > 0.1),
  )
}

/** Follows each question that speaks here to either side; answers with those on which the first lure or its way of fishing hangs. A step for each question. */
export function* findDecisiveQuestions(
  c: Conditions,
  place: Place,
  box: Box,
  options: Pick<MatchOptions, 'sides' | 'rules'>,
): Generator<number, DecisiveQuestion[]> {
  const speaking = questionsOpen(c, place, box, options)
  const found: DecisiveQuestion[] = []
  for (const [i, question] of speaking.entries()) {
    const by = (side: 'first' | 'second') =>
      rank(
        box,
        createMatchContext(c, place, box, { ...options, sides: { ...options.sides, [question.id]: side }, against: 1 }),
        1,
      )[0]
    const [first, second] = [by('first'), by('second')]
    if (first && second && differ(first, second)) found.push({ question, first, second })
    yield (i + 1) / speaking.length
  }
  return found
}

/** Another lure, another way of fishing it, or another rod. */
function differ({ setUp: a }: Ranked, { setUp: b }: Ranked): boolean {
  return (
    a.build.lure.id !== b.build.lure.id ||
    a.handling.technique.id !== b.handling.technique.id ||
    a.outfit.rod.id !== b.outfit.rod.id
  )
}
