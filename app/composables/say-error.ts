import { sayFailure } from '../../words'
import { storeProblem } from '../../storage/problem'
import { Told } from '~/stores/commands'

/** Why something did not work, in words, for a place on the page that says it beside what was tapped. */
export const sayError = (error: unknown): string =>
  sayFailure('', error instanceof Told ? error.problem : storeProblem(error))
