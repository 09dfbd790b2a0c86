/** A water as it is matched, set against the best that could be tied on. */
export { bestColouring } from './best-colouring'
export { contextAgainst } from './create-context'
export { referenceBox } from './reference-box'
export { createMatchContext } from './set-against'
