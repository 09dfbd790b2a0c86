import { expect, test } from './browser'

async function examples(request: import('@playwright/test').APIRequestContext) {
  const { paths } = await (await request.get('/api/openapi.json')).json()
  const of = (path: string) => paths[path].post.requestBody.content['application/json'].example
  return { match: of('/api/match'), path: of('/api/path') }
}

test('the described examples are answered as they stand', async ({ request }) => {
  const { match, path } = await examples(request)
  const ranked = await request.post('/api/match', { data: match })
  expect(ranked.status()).toBe(200)
  const { ranking } = await ranked.json()
  expect(ranking).toHaveLength(5)
  expect(ranking[0].score).toBeGreaterThanOrEqual(ranking[4].score)
  const run = await request.post('/api/path', { data: path })
  expect(run.status()).toBe(200)
  expect((await run.json()).polyline.length).toBeGreaterThan(5)
})

test('faults come back with their paths; too much is refused', async ({ request }) => {
  const { match } = await examples(request)
  const cold = await request.post('/api/match', {
    data: { ...match, conditions: { ...match.conditions, waterTempC: 400 } },
  })
  expect(cold.status()).toBe(400)
  expect((await cold.json()).data.faults[0].path).toBe('conditions.waterTempC')
  const broken = await request.post('/api/match', {
    headers: { 'content-type': 'application/json' },
    data: Buffer.from('{"conditions":'),
  })
  expect(broken.status()).toBe(400)
  const huge = await request.post('/api/match', {
    headers: { 'content-type': 'application/json' },
    data: Buffer.alloc(17_000_000, 32),
  })
  expect(huge.status()).toBe(413)
})
