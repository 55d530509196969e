import { expect, test } from '@playwright/test'
import { STAGE_PATHS, type Stage } from '@/contract/choices'
import { noFaults, watch } from '../support/faultless'
import { open } from '../support/page'

test('every main screen of the demo jobs opens without faults, light and dim, and fits 1280 × 800', async ({
  page,
  request,
}) => {
  test.setTimeout(360_000)
  const errors = watch(page)
  const { items: jobs } = (await (await request.get('/api/jobs?limit=200')).json()) as {
    items: { id: number; title: string; stage: Stage }[]
  }
  // Those on the bench: the seasons before have lower numbers.
  const demo = jobs.filter((j) => j.id > 200 && /^(Land train|Carousel|Capstan|Coin)/.test(j.title))
  expect(demo.length).toBeGreaterThanOrEqual(6)
  const paths = [
    '/',
    '/machines',
    '/machines/1',
    '/identify',
    '/jobs/new',
    '/parts/6205-2RS',
    '/parts/22210',
    '/catalogue',
    '/catalogue?family=tapered-inch',
    '/tray',
    '/lists',
    '/convert',
    '/toolbox',
    '/fits?designation=6205',
    ...demo.map((j) => `/jobs/${j.id}${STAGE_PATHS[j.stage]}`),
    ...demo
      .filter((j) => j.title.startsWith('Land train, coach 1'))
      .flatMap((j) => ['compare', 'inspect', 'fit', 'plan'].map((stage) => `/jobs/${j.id}/${stage}`)),
  ]
  for (const path of paths) {
    await open(page, path)
    for (const theme of ['light', 'dim']) {
      await page.evaluate((to) => (document.documentElement.dataset['theme'] = to), theme)
      // The other light changes colours alone.
      await noFaults(page, theme === 'light' ? undefined : ['color-contrast'])
    }
    const wide = await page.evaluate(
      () =>
        document.documentElement.scrollWidth > window.innerWidth ||
        document.documentElement.scrollHeight > window.innerHeight,
    )
    expect(wide, `${path} scrolls as a whole`).toBe(false)
  }
  expect(errors).toEqual([])
})
