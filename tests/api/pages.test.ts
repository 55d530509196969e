import { expect, it } from 'vitest'
import { call, page } from '../support/call'

it('pages of a job that show an answer are drawn with it when they are opened, and ask for it when they are moved to', async () => {
  const { body } = await call<{ items: { id: number; title: string }[] }>('GET', '/api/jobs?limit=200')
  const id = body.items.find(({ title }) => title.includes('coach 1'))?.id
  for (const [path, shown] of [
    ['kit', /id="line-\w+"/],
    ['plan', /data-testid="ticked"/],
    ['fit', /data-testid="fit-answer"/],
    ['inspect', /data-testid="causes"/],
    ['cross-reference', /Look-alikes/],
  ] as const) {
    expect(await page(`/jobs/${id}/${path}`, 'text/html,*/*'), path).toMatch(shown)
    expect(await page(`/jobs/${id}/${path}`), path).not.toMatch(shown)
  }
})

it('a page whose first question is refused is there all the same', async () => {
  const { body } = await call<{ id: number; version: number }>('POST', '/api/jobs', { title: 'Refused size' })
  const kit = { arrangement: 'A1', positions: 1, parts: {}, sizes: { sealShaft: '1.719 inn' } }
  const saved = await call('PATCH', `/api/jobs/${body.id}`, { version: body.version, kit })
  expect(saved.status).toBe(200)
  for (const path of ['kit', 'plan', 'fit'])
    expect(await page(`/jobs/${body.id}/${path}`, 'text/html'), path).toContain('Refused size')
})
