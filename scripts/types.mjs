/** Types of everything but the page’s components, by TypeScript’s native compiler: it has its own name here, beside the one that vue-tsc works on. */
import { join } from 'node:path'
import { ROOT, run } from './setup.mjs'

const compiler = join(ROOT, 'node_modules/typescript-native/bin/tsc')
const wrong = ['tsconfig.plain.json', '.nuxt/tsconfig.server.json', '.nuxt/tsconfig.node.json'].filter(
  (config) => run('node', [compiler, '-p', config, '--noEmit']) !== 0,
)
process.exit(wrong.length > 0 ? 1 : 0)
