import AxeBuilder from '@axe-core/playwright'
import { expect, type Page } from '@playwright/test'

/** Nothing against WCAG. @param rules only these; all of WCAG 2.2 AA when left out */
export async function noFaults(page: Page, rules?: string[]): Promise<void> {
  // There are no frames to follow, and only what is wrong is told: a third of the time.
  const axe = new AxeBuilder({ page }).options({ resultTypes: ['violations'] }).setLegacyMode(true)
  const { violations } = await (
    rules ? axe.withRules(rules) : axe.withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'])
  ).analyze()
  const found = violations.map(({ id, nodes }) => {
    const targets = nodes.map(({ target }) => target.join(' ')).slice(0, 3)
    return `${id}: ${targets.join(', ')}`
  })
  expect(found, page.url()).toEqual([])
}

/** Errors in the console are faults; refused requests that a test makes on purpose are not. */
export function watch(
  page: Page,
  allowed = /status of (4\d\d|503)|Failed to load resource|ERR_INTERNET_DISCONNECTED/,
): string[] {
  const errors: string[] = []
  page.on('pageerror', (error) => errors.push(error.message))
  page.on(
    'console',
    (message) => message.type() === 'error' && !allowed.test(message.text()) && errors.push(message.text()),
  )
  return errors
}
