import fc from 'fast-check'
import { createMemoryHistory, createRouter } from 'vue-router'
import { expect, it } from 'vitest'
import { outingPath, packPath, planPath, printPath, techniquePath } from './paths'

const page = { render: () => null }
const router = createRouter({
  history: createMemoryHistory(),
  routes: ['/outing/:id', '/plan/:id', '/plan/pack/:id', '/plan/print/:id', '/rules/techniques', '/:rest(.*)*'].map(
    (path) => ({ path, component: page }),
  ),
})

it('an id of any letters finds its own page, and no other', () => {
  const id = fc.oneof(fc.constantFrom('a/b', 'a?b=c', 'a#b', '100 %', '%2F', 'pack/x', '../x', 'a\nb'), fc.string())
  const named = id.filter((s) => s.length > 0 && s !== '.' && s !== '..')
  fc.assert(
    fc.property(named, (s) => {
      for (const [path, route] of [
        [outingPath(s), '/outing/:id'],
        [planPath(s), '/plan/:id'],
        [packPath(s), '/plan/pack/:id'],
        [printPath(s), '/plan/print/:id'],
      ] as const) {
        const { matched, params } = router.resolve(path)
        expect(matched.map((m) => m.path)).toEqual([route])
        expect(params.id).toBe(s)
      }
      expect(router.resolve(techniquePath(s)).query.t).toBe(s)
    }),
  )
})
