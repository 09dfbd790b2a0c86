import * as z from 'zod'

/** Zod without its code generator: that builds functions from text, which the page's content policy forbids. Set before any schema exists. */
z.config({ jitless: true })

export { z }
