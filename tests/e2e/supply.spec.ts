import { mark } from '../support/mark'
import { expect, test } from '@playwright/test'
import { pick } from '../support/page'

/** From the kit to the shelf and to the supplier, through the screens. */
const jobWith = async (
  request: { get: (path: string) => Promise<{ json: () => Promise<unknown> }> },
  title: string,
) => {
  const { items: jobs } = (await (await request.get('/api/jobs?limit=200')).json()) as {
    items: { id: number; title: string }[]
  }
  const found = jobs.find((j) => j.title.includes(title))
  if (!found) throw new Error(`no demo job “${title}”`)
  return found.id
}

test('a kit of another arrangement: five bearings of a driven hub, a finding adds its part', async ({
  page,
  request,
}) => {
  const made = await request.post('/api/jobs', { data: { title: 'Ice-cream cart 2, driven wheel' } })
  const { id } = (await made.json()) as { id: number }
  await page.goto(`/jobs/${id}/kit`)
  await page.getByRole('button', { name: /^B3 Driven hub/ }).click()
  await page.locator('#line-shellLeft').click()
  await page.getByLabel('Number for Hub shell bearing, left').fill('6903-2RS')
  await page.getByRole('button', { name: 'Set' }).click()
  await page.locator('#line-carrierInner').click()
  await page.getByLabel('Number for Carrier bearing, inner').fill('6803-2RS')
  await page.getByRole('button', { name: 'Set' }).click()
  await expect(page.getByText('2 × 6903-2RS, 3 × 6803-2RS')).toBeVisible()
  await expect(page.locator('tr[data-slot=sleeve]')).toHaveAttribute('data-state', 'gap')
  await page.getByLabel('Sleeve length').fill('9')
  await expect(page.locator('tr[data-slot=sleeve]')).toHaveAttribute('data-state', 'filled')
  await page.getByText('Found on the machine').click()
  await page.getByRole('button', { name: 'collar or spacer grooved' }).click()
  await expect(page.getByText('Found: collar or spacer grooved')).toBeVisible()
})

test('a code typed before the arrangements are there is taken when they come', async ({ page, request }) => {
  const { id } = (await (
    await request.post('/api/jobs', { data: { title: `Kite buggy ${mark()}` } })
  ).json()) as { id: number }
  await page.route(/\/api\/arrangements(\?|$)/, async (route) => {
    await page.waitForTimeout(700)
    await route.continue()
  })
  await page.goto(`/jobs/${id}/kit`)
  await expect(page.getByRole('heading', { name: 'Which arrangement is it?' })).toBeVisible()
  await page.keyboard.type('c1')
  await page.keyboard.press('Enter')
  await expect(page.locator('tr[data-slot=bearingInner]')).toBeVisible()
})

test('what a kit lacks is priced over three suppliers, ordered once, and taken in when it comes', async ({
  page,
  request,
}) => {
  const id = await jobWith(request, 'coach 1')
  await page.goto(`/jobs/${id}/kit`)
  await page.getByRole('link', { name: 'Order shortages' }).click()
  await expect(page.getByLabel('Part 1', { exact: true })).not.toHaveValue('')
  await page.getByRole('button', { name: 'Ask for prices' }).click()
  await expect(page.getByText('No other way over these suppliers costs less.')).toBeVisible()
  await page.getByRole('button', { name: /^Order from/ }).click()
  await expect(page.getByRole('heading', { name: /on its way/ })).toBeVisible({ timeout: 15_000 })
  await page.getByRole('button', { name: 'As on the delivery note' }).click()
  const came = page.locator('input[aria-label^="Received now"]').first()
  await expect(came).not.toHaveValue('')
  await came.fill('1')
  await page.getByLabel('Into bin').fill('Z9')
  await page.getByRole('button', { name: 'Book into stock' }).click()
  await expect(page.getByRole('heading', { name: /partly here|all here/ })).toBeVisible()
  await expect(page.getByRole('link', { name: `Job ${id}` })).toHaveAttribute('href', `/jobs/${id}/kit`)
  await page.goto('/store')
  await page.getByLabel('Filter items').fill('Z9')
  await expect(page.getByRole('row').filter({ hasText: 'Z9' }).first()).toBeVisible()
})

test('the store: pieces go out with a note, too many are refused with what is there, counting by keyboard', async ({
  page,
  request,
}) => {
  const name = `Reed pivot ${mark()}`
  await request.post('/api/stock', { data: { designation: name, bin: 'E2E', quantity: 3 } })
  await page.goto('/store')
  await page.getByLabel('Filter items').fill(name)
  // The row it is clicked in stands still once the filter has been answered.
  await expect(page.getByRole('row')).toHaveCount(2)
  await page.getByRole('button', { name }).click()
  await page.getByLabel('Pieces', { exact: true }).fill('2')
  await page.getByLabel('Note').fill('organ')
  await page.getByRole('button', { name: 'Record' }).click()
  await expect(page.getByText('free of 1')).toBeVisible()
  await page.getByLabel('Pieces', { exact: true }).fill('2')
  await page.getByRole('button', { name: 'Record' }).click()
  await expect(page.getByText(/^Only 1 of/)).toBeVisible()
  await page.getByRole('radio', { name: 'counting' }).click()
  const count = page.getByLabel(`Counted now: ${name}`)
  await count.fill('5')
  await count.press('Enter')
  await expect(page.getByText('free of 5')).toBeVisible()
})

test('a campaign: the same parts of many kits on one list', async ({ page }) => {
  await page.goto('/campaign')
  await page.getByLabel('Times: Land train, coach 1').fill('3')
  await expect(page.getByRole('row').filter({ hasText: 'LM12749' }).getByRole('cell').nth(2)).toHaveText('12')
  await expect(page.getByRole('link', { name: 'Order what is short' })).toHaveAttribute('href', /jobs=\d+x3/)
})

test('an own arrangement is made on the screen and a circle is refused', async ({ page, request }) => {
  const code = `e${Date.now() % 1e8}`
  await page.goto('/arrangements')
  await page.getByLabel('Code').fill(code)
  await page.getByLabel('What it is').fill('Trolley wheel with shim')
  await page.getByRole('button', { name: 'Snap ring', exact: true }).click()
  await page.getByRole('button', { name: 'Add a place' }).click()
  await page.getByLabel('Name of place 1').fill('Shim')
  await pick(page, 'Place 1 stands after', 'after spacer tube')
  // A second one, dragged before it by its handle: by keys, then by the pointer back.
  await page.getByRole('button', { name: 'Add a place' }).click()
  await page.getByLabel('Name of place 2').fill('Felt ring')
  const names = () =>
    page.getByLabel(/^Name of place/).evaluateAll((all) => all.map((f) => (f as HTMLInputElement).value))
  await page.getByRole('button', { name: 'Drag place 2' }).focus()
  for (const key of ['Enter', 'ArrowUp', 'Enter']) await page.keyboard.press(key, { delay: 80 })
  await expect.poll(names).toEqual(['Felt ring', 'Shim'])
  await expect(page.getByRole('combobox', { name: 'Place 1 stands after' })).toHaveText('after spacer tube')
  await expect(page.getByRole('combobox', { name: 'Place 2 stands after' })).toHaveText('after felt ring')
  await page
    .getByRole('button', { name: 'Drag place 1' })
    .dragTo(page.getByRole('button', { name: 'Drag place 2' }), { steps: 12 })
  await expect.poll(names).toEqual(['Shim', 'Felt ring'])
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByRole('navigation', { name: 'Arrangements' }).getByText(code)).toBeVisible()
  const circle = await request.put('/api/arrangements', {
    data: { code, title: 'Circle', basedOn: code, slots: [] },
  })
  expect(circle.status()).toBe(422)
  await page.getByRole('button', { name: 'Remove' }).click()
  await expect(page.getByRole('navigation', { name: 'Arrangements' }).getByText(code)).toBeHidden()
})

test('seals by journal and counterbore, with the work they stand and sleeves', async ({ page }) => {
  await page.goto('/seals')
  await page.getByLabel('Journal').fill('35')
  await page.getByLabel('Counterbore').fill('52')
  await page.getByLabel('Room').fill('7')
  await expect(page.getByTestId('seal-answer')).toHaveText('1 seal fits')
  await page.getByLabel('At the lip').fill('130')
  await expect(page.getByText('NBR is for -40 to 100 °C; 130 °C at work.').first()).toBeVisible()
  await expect(page.getByText('Over a grooved journal')).toBeVisible()
  await page.getByLabel('Room').fill('10')
  await page.getByLabel('Counterbore').fill('53')
  await expect(page.getByTestId('seal-answer')).toHaveText(/next size is not close enough/)
})

test('a trap is laid over the part, to scale, with the differences', async ({ page }) => {
  await page.goto('/parts/6205')
  await page.getByRole('button', { name: 'Lay 1641 over it' }).click()
  await expect(page.getByRole('img', { name: '1641 laid over 6205, to scale' })).toContainText('+0.400')
})
