import AxeBuilder from '@axe-core/playwright'
import { expect, test } from '@playwright/test'

test('a fit: limits, clearance, heat, and a measured seat judged as it is typed', async ({ page }) => {
  await page.goto('/fits')
  await page.getByLabel('Bearing', { exact: true }).fill('6206-2RS')
  await expect(page.getByTestId('fit-answer')).toHaveText('+2 to +21 µm tight')
  await page.getByLabel('Which ring turns against its load').selectOption('outer')
  await expect(page.getByTestId('fit-answer')).toContainText('loose')
  await page.getByRole('button', { name: 'outer, in its bore' }).click()
  await expect(page.getByTestId('fit-answer')).toContainText('from loose to tight')
  await page.getByLabel(/Readings: clock/).fill('12 61.975\n3 61.972\n6 61.976\n9 61.974')
  await expect(page.getByTestId('seat')).toContainText('Seat good')
  await page.getByLabel(/Readings: clock/).fill('12 61.975\n3 61.972\n6 61.976\n9 62.060')
  await expect(page.getByTestId('seat')).toContainText('Seat replace')
  await page.getByLabel('Class of the housing').fill('Q7')
  await expect(page.getByText('The tables hold no class “Q7”')).toBeVisible()
})

test('the nut: a quarter turn on 14 threads warns, two cross holes find a slot; the rock test', async ({
  page,
}) => {
  await page.goto('/fits')
  await page.getByRole('button', { name: 'Setting', exact: true }).click()
  await expect(page.getByTestId('end-play')).toContainText('0.454')
  await expect(page.getByText('No slot lands in the target')).toBeVisible()
  await page.getByLabel('Cross holes').fill('2')
  await expect(page.getByText('1 step back from no play is 0.151 mm.')).toBeVisible()
  await page.getByLabel('Dial, mm').fill('0.4')
  await page.getByLabel('At radius, mm').fill('200')
  await page.getByLabel('Between rows, mm').fill('60')
  await expect(page.getByTestId('rock')).toContainText('0.224')
})

test('fits stand up to the accessibility rules', async ({ page }) => {
  await page.goto('/fits?designation=6205')
  await expect(page.getByTestId('fit-answer')).toBeVisible()
  const { violations } = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag22aa']).analyze()
  expect(violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target).join(' ')}`)).toEqual([])
})
