import { openapi } from '../utils/openapi'

export default defineEventHandler(() => openapi())
