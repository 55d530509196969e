import { expect, test } from '@playwright/test'

/** Pairs of the trade on the part sheet (common practice): what may stand in, and what is taken for it and never right. */
const IDENTICAL = [
  ['6205-2RS', '6205DDU'],
  ['6205-2RS', '6205LLU'],
] as const
const TRAPS = [
  ['6205', '1641'],
  ['R8', '6001'],
  ['L44643/L44610', 'L44649/L44610'],
] as const

for (const [part, other] of IDENTICAL)
  test(`${part} is ${other} in another spelling`, async ({ page }) => {
    await page.goto(`/parts/${encodeURIComponent(part)}`)
    await expect(page.getByLabel('What else fits').getByText(other, { exact: true })).toBeVisible()
  })

for (const [part, trap] of TRAPS)
  test(`${part}: ${trap} is told as a trap`, async ({ page }) => {
    await page.goto(`/parts/${encodeURIComponent(part)}`)
    await expect(page.getByLabel('What must not').getByText(trap, { exact: true })).toBeVisible()
  })

test('open to two contact seals: better when slow and wet, under a condition near its speed limit; a road wheel is worked out from km/h and tyre', async ({
  page,
}) => {
  await page.goto('/parts/6205')
  const section = (heading: string) =>
    page
      .getByLabel('What else fits')
      .locator('section')
      .filter({ has: page.getByRole('heading', { name: heading }) })
  await page.getByRole('button', { name: 'slow', exact: true }).click()
  await page.getByRole('button', { name: 'wet', exact: true }).click()
  await expect(section('Possible upgrade').getByText('6205-2RS', { exact: true })).toBeVisible()
  await page.getByRole('button', { name: 'slow', exact: true }).click()
  await page.getByLabel('turns a minute').fill('7500')
  await expect(section('Under a condition').getByText('6205-2RS', { exact: true })).toBeVisible()
  await page.getByLabel('turns a minute').fill('')
  await page.getByLabel('km/h').fill('100')
  await page.getByLabel('mm tyre').fill('600')
  await expect(section('Possible upgrade').getByText('6205-2RS', { exact: true })).toBeVisible()
  await expect(section('Possible upgrade')).toContainText('here it turns 884')
})

test('a thick closed miniature stands under its condition: 1 mm wider', async ({ page }) => {
  await page.goto('/parts/688')
  await expect(page.getByLabel('What else fits')).toContainText(/688ZZ[\s\S]*1 mm larger/)
})
