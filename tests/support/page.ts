import { expect, type Locator, type Page } from '@playwright/test'

/**
 * Resolves when nothing has been asked of the server for half a second, or after five: a browser may
 * count an abandoned request for ever, and what the page lacks then is for the caller to find.
 */
export async function settled(page: Page): Promise<void> {
  await page.waitForLoadState('networkidle', { timeout: 5_000 }).catch(() => undefined)
}

/** Opens a page and waits until it has settled. @param path on the site under test */
export async function open(page: Page, path: string): Promise<void> {
  await page.goto(path)
  await settled(page)
}

/** What was typed rests this long before it is sent, and a little more, ms. */
const DEBOUNCE_MS = 450

/**
 * Waits until a screen of a job has saved what was typed: also what was typed before the page was alive, while its foot still
 * said what the server had written there.
 */
export async function saved(page: Page): Promise<void> {
  await page.waitForFunction(() => {
    const main = document.querySelector('main')
    return main !== null && Object.keys(main).some((key) => key.startsWith('__reactProps'))
  })
  await page.waitForTimeout(DEBOUNCE_MS)
  await expect(page.locator('footer')).toContainText(/Saved|All changes saved/)
}

/** Picks from the list of a select field. @param option a name of the option, whole */
export async function pick(scope: Page | Locator, label: string, option: string | RegExp): Promise<void> {
  await scope.getByRole('combobox', { name: label, exact: true }).click()
  const page = 'page' in scope ? scope.page() : scope
  await page.getByRole('option', { name: option, exact: true }).click()
}
