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

test('what is not there, not by this method, or not JSON is told as JSON; pages and answers carry their headers', async ({
  request,
}) => {
  const none = await request.get('/api/none', { headers: { accept: 'text/html' } })
  expect([none.status(), (await none.json()).data.paths]).toEqual([404, expect.arrayContaining(['/api/match'])])
  const wrong = await request.get('/api/match')
  expect([wrong.status(), wrong.headers().allow, (await wrong.json()).statusCode]).toEqual([405, 'POST', 405])
  const text = await request.post('/api/match', { headers: { 'content-type': 'text/plain' }, data: '{}' })
  expect([text.status(), (await text.json()).statusCode]).toEqual([415, 415])
  const health = await request.get('/api/health')
  expect(await health.json()).toMatchObject({ ok: true })
  const page = (await request.get('/')).headers()
  for (const name of ['content-security-policy', 'permissions-policy', 'cross-origin-opener-policy', 'referrer-policy'])
    expect([name, page[name]]).toEqual([name, expect.stringMatching(/./)])
  expect(page).not.toHaveProperty('x-powered-by')
})
