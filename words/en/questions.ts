import { QUESTION_WORDS } from './open-questions'

interface QuestionWords {
  readonly question: string
  readonly first: string
  readonly second: string
  readonly why: string
}

/** A point on which good anglers disagree: the question, its two sides, and why the default is what it is. */
export const questionWords = (id: string): QuestionWords => {
  const words = (QUESTION_WORDS as Readonly<Record<string, QuestionWords>>)[id]
  if (!words) throw new Error(`open question ${id} is not in words/en/open-questions`)
  return words
}
