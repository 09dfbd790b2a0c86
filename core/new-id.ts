/** A new id that no other thing has (RFC 9562, version 4), also where the browser keeps its own maker to pages of secure origin. */
export { v4 as newId } from 'uuid'
