import { openapi } from '../utils/openapi'

/** It never changes while the server runs. */
let made: ReturnType<typeof openapi> | null = null

export default defineEventHandler(() => (made ??= openapi()))
