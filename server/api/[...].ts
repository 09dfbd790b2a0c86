import { createError } from 'h3'
import { openapi } from '../utils/openapi'

/** What is there, and by which methods. */
const METHODS: Readonly<Record<string, readonly string[]>> = {
  ...Object.fromEntries(
    Object.entries(openapi().paths as Record<string, object>).map(([path, of]) => [
      path,
      Object.keys(of).map((m) => m.toUpperCase()),
    ]),
  ),
  '/api/openapi.json': ['GET'],
  '/api/health': ['GET'],
  '/api/simulators/report': ['GET'],
  '/api/simulators/scale': ['GET'],
  '/api/simulators/sounder': ['GET'],
}

/** Everything under /api that nothing else answers: no such path, or not by this method. */
export default defineEventHandler((event) => {
  const [path = ''] = event.path.split('?')
  const methods = METHODS[path]
  if (!methods)
    throw createError({ statusCode: 404, statusMessage: 'No such path', data: { paths: Object.keys(METHODS) } })
  event.node.res.setHeader('allow', methods.join(', '))
  throw createError({ statusCode: 405, statusMessage: `Only ${methods.join(', ')}`, data: { methods } })
})
