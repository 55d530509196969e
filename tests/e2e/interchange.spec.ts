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
  ['castle nut M20x1.5', 'castle nut 3/4-16'],
  ['AN05', 'N05'],
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
  await page.getByLabel('Turns a minute').fill('7,500 rpm')
  await expect(section('Under a condition').getByText('6205-2RS', { exact: true })).toBeVisible()
  await page.getByLabel('Turns a minute').fill('')
  await page.getByLabel('Road speed, km/h').fill('fast')
  await expect(page.getByLabel('Road speed, km/h')).toHaveAttribute('aria-invalid', 'true')
  await page.getByLabel('Road speed, km/h').fill('62.137 mph')
  await page.getByLabel('On a tyre of, mm').fill('600')
  await expect(section('Possible upgrade').getByText('6205-2RS', { exact: true })).toBeVisible()
  await expect(section('Possible upgrade')).toContainText('here it turns 884')
})

test('a thick closed miniature stands under its condition: 1 mm wider', async ({ page }) => {
  await page.goto('/parts/688')
  await expect(page.getByLabel('What else fits')).toContainText(/688ZZ[\s\S]*1 mm larger/)
})

test('three sizes no row has are offered as a seal; its letters tell lip and material, a dust lip stands in', async ({
  page,
}) => {
  await page.goto('/parts/29x47x7')
  await page.getByRole('button', { name: 'seal 29x47x7' }).click()
  await expect(page.getByRole('heading', { name: 'seal 29x47x7' })).toBeVisible()
  const substitutes = page.getByLabel('What else fits')
  await expect(substitutes).toContainText('TC 29x47x7')
  await page.goto(`/parts/${encodeURIComponent('29x47x7 TC FKM')}`)
  await expect(substitutes.getByRole('definition').filter({ hasText: 'dust lip' })).toBeVisible()
  await expect(substitutes).toContainText('FKM, fluoro rubber')
})

test('a ring shows its groove in either unit and the bearing it holds', async ({ page }) => {
  await page.goto('/parts/N5000-112')
  const facts = page.getByLabel('What else fits')
  await expect(facts).toContainText('30.404 mm')
  await page.getByRole('button', { name: 'in', exact: true }).click()
  await expect(facts).toContainText('1.197 in')
  await facts.getByRole('link', { name: /^R8/ }).click()
  await expect(page.getByRole('heading', { name: 'R8', exact: true })).toBeVisible()
})
