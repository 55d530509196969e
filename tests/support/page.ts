import type { Page } from '@playwright/test'

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
