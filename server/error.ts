import { defineNitroErrorHandler } from 'nitropack/runtime'
import type { NitroErrorHandler } from 'nitropack/types'

const LONGEST = 200

/** Errors under /api are JSON, whatever the asker said it accepts, and tell nothing of the inside. */
const handler: NitroErrorHandler = defineNitroErrorHandler((error, event) => {
  if (!event.path.startsWith('/api/')) return
  const statusCode = error.statusCode || 500
  const known = statusCode < 500 || statusCode === 503
  const statusMessage = (known && (error.statusMessage || error.message)) || 'Something went wrong'
  const { res } = event.node
  if (res.headersSent) return void res.end()
  res.statusCode = statusCode
  res.setHeader('content-type', 'application/json; charset=utf-8')
  const body = {
    error: true,
    statusCode,
    statusMessage: statusMessage.slice(0, LONGEST),
    data: known ? error.data : undefined,
  }
  res.end(JSON.stringify(body))
})
export default handler
