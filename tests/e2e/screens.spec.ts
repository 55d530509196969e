import { expect, test } from '@playwright/test'
import { STAGE_PATHS } from '@/contract/choices'
import { open, saved, settled } from '../support/page'

const STAGES_OF_DEMO = Object.values(STAGE_PATHS).map((stage) => `/jobs/201${stage}`)

/** Screens that ask for more than comes with a page that is moved to. */
const ASKING = ['/machines/1', '/fits?designation=6205', '/logbook?tab=failures', ...STAGES_OF_DEMO]

test('what is not answered soon says so; what fails is asked again by itself and at once when wanted', async ({
  page,
}) => {
  // As where one moves to within the application: no answer comes with the page.
  await page.route('**/*', (route) => {
    const request = route.request()
    return request.isNavigationRequest()
      ? route.continue({ headers: { ...request.headers(), accept: '*/*' } })
      : route.fallback()
  })
  let server: 'silent' | 'failing' | 'back' = 'silent'
  await page.route('**/api/**', (route) => {
    if (server === 'back' || route.request().method() !== 'GET' || route.request().url().includes('/health'))
      return route.continue()
    if (server === 'silent') return undefined
    return route.fulfill({
      status: 500,
      contentType: 'application/problem+json',
      body: '{"detail":"A fault."}',
    })
  })
  for (const path of ASKING.filter((screen) => !/kit|fits|inspect|compare/.test(screen))) {
    server = 'silent'
    await page.goto(path)
    await expect(page.getByText('Loading …'), path).toBeVisible()
    server = 'failing'
    await page.goto(path)
    const again = page.getByRole('button', { name: 'Try again' })
    await expect(again, path).toBeVisible()
    server = 'back'
    await again.click()
    await expect(again, path).toBeHidden({ timeout: 2000 })
    await expect(page.getByText('Loading …'), path).toBeHidden()
  }
})

test('a long list is one stop of the keyboard: arrows go through it', async ({ page }) => {
  await open(page, '/catalogue')
  const stops = new Set<string>()
  for (let i = 0; i < 20; i++) {
    await page.keyboard.press('Tab')
    stops.add(await page.evaluate(() => document.activeElement?.tagName ?? ''))
    if (await page.evaluate(() => document.activeElement === document.body)) break
  }
  expect(stops, 'twenty Tabs go through all of it').toContain('BODY')
  const rows = page.getByRole('table', { name: 'Parts of the family' }).getByRole('link')
  await rows.first().focus()
  await page.keyboard.press('ArrowDown')
  await expect(rows.nth(1)).toBeFocused()
  await page.keyboard.press('ArrowUp')
  await page.keyboard.press('Shift+Tab')
  await page.keyboard.press('Tab')
  await expect(rows.first()).toBeFocused()
})

test('a screen with nothing typed yet offers its example, and shows what follows from it; a job is not offered one', async ({
  page,
}) => {
  for (const [path, shown] of [
    ['/identify', 'LM11949'],
    ['/convert', 'Fits this seat'],
    ['/seals', 'seals fit'],
    ['/fits', 'Expected fit'],
  ] as const) {
    await open(page, path)
    await page.getByRole('button', { name: 'Show this example' }).click()
    await expect(page.locator('main'), path).toContainText(shown)
    await expect(page.getByRole('button', { name: 'Show this example' })).toHaveCount(0)
  }
  await open(page, '/jobs/208/identify')
  await expect(page.getByRole('heading', { name: 'Result' })).toBeVisible()
  await expect(page.getByRole('button', { name: 'Show this example' })).toHaveCount(0)
})

test('what is pressed before a screen listens is pressed: a form sent by Enter, an example, the units', async ({
  page,
}) => {
  let [listening, listen] = [Promise.resolve(), (): void => undefined]
  await page.route('**/*.js*', async (route) => {
    await listening
    await route.continue()
  })
  const early = async (path: string, press: () => Promise<void>): Promise<void> => {
    listening = new Promise((done) => (listen = done))
    await page.goto(path, { waitUntil: 'commit' })
    await press()
    listen()
  }
  await early('/jobs/new', async () => {
    await page.getByLabel('What came in').fill('Ice-cream cart 2, pressed early')
    await page.keyboard.press('Enter')
  })
  await page.waitForURL(/\/jobs\/\d+/)
  await expect(page.getByText('Ice-cream cart 2, pressed early').first()).toBeVisible()
  await early('/convert', () => page.getByRole('button', { name: 'Show this example' }).click())
  await expect(page.locator('main')).toContainText('Fits this seat')
  await early('/parts/6303', () => page.getByRole('button', { name: 'in', exact: true }).click())
  await expect(page.getByRole('img', { name: /6303 in section/ })).toContainText('0.6693')
})

test('what is typed before a screen listens is taken, over what was kept, and saved', async ({
  page,
  request,
}) => {
  const made = await request.post('/api/jobs', { data: { title: 'Turnstile, typed early' } })
  const { id } = (await made.json()) as { id: number }
  let [listening, listen] = [Promise.resolve(), (): void => undefined]
  await page.route('**/*.js*', async (route) => {
    await listening
    await route.continue()
  })
  /** Types into the first fields of a page that does not run yet, lets it run, and looks at them. */
  const typeEarly = async (path: string, texts: readonly string[]): Promise<void> => {
    listening = new Promise((done) => (listen = done))
    await page.goto(path, { waitUntil: 'commit' })
    const fields = page.locator('main input:not([type=radio], [type=checkbox], [type=file]):visible')
    for (const [i, text] of texts.entries()) await fields.nth(i).fill(text)
    listen()
    await settled(page)
    for (const [i, text] of texts.entries()) await expect(fields.nth(i), path).toHaveValue(text)
  }
  await typeEarly('/', ['6303'])
  await expect(page.getByRole('option').first()).toContainText('6303')
  await typeEarly('/jobs', ['turnstile'])
  await expect(page).toHaveURL(/turnstile/)
  await typeEarly('/fits', ['6303'])
  await expect(page.getByTestId('fit-answer')).toBeVisible()
  await typeEarly('/convert', ['17', '47'])
  await page.getByLabel('Width').first().fill('15.25')
  // The width was kept; the shaft is another now.
  await typeEarly('/convert', ['20'])
  await expect(page.getByLabel('Bore').first()).toHaveValue('47')
  await expect(page.getByLabel('Width').first()).toHaveValue('15.25')
  await typeEarly(`/jobs/${id}/identify`, ['6303', '17', '47', '14'])
  await expect(page.getByTestId('leader')).toHaveText('6303')
  await saved(page)
  await page.reload()
  await expect(page.locator('#stamp')).toHaveValue('6303')
})
