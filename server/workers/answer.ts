import { answerTo } from '../utils/answer'

/** A thread of the server: a question in, an answer out. Bundled beside the server when it is built. */
export default answerTo
