import { expect, test } from '@playwright/test'
import { STAGE_PATHS } from '@/contract/choices'
import { open } from '../support/page'

const STAGES_OF_DEMO = Object.values(STAGE_PATHS).map((stage) => `/jobs/201${stage}`)

/** Screens that ask for more than came with the page. */
const ASKING = ['/machines/1', '/fits?designation=6205', '/logbook?tab=failures', ...STAGES_OF_DEMO]

test('what is not answered soon says so; what fails is asked again by itself and at once when wanted', async ({
  page,
}) => {
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
