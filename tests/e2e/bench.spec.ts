import { expect, test, type Page } from '@playwright/test'

/** The identification bench by hand and by keyboard: every control changes the answer as it should. */
const leader = (page: Page) => page.getByTestId('leader')

async function sizes(page: Page, fields: Record<string, string>): Promise<void> {
  for (const [field, text] of Object.entries(fields)) await page.locator(`#${field}`).fill(text)
}

async function sure(page: Page): Promise<number> {
  const text = (await page.getByLabel('Answer').locator('b.number').first().textContent()) ?? ''
  return Number(/\d+/.exec(text)?.[0] ?? NaN)
}

test.beforeEach(async ({ page }) => {
  await page.goto('/identify')
  await expect(page.locator('#bore')).toBeVisible()
})

test('a reading that is struck out no longer counts, and comes back', async ({ page }) => {
  await sizes(page, { bore: '40', outside: '90', width: '20' })
  const width = page.getByLabel('Why').getByRole('listitem').filter({ hasText: 'Width' })
  // 20 mm is the cup of a tapered bearing of these diameters; without it the common ball bearing leads.
  await expect(leader(page)).toHaveText('30308')
  await page.getByRole('button', { name: 'Width: exclude' }).click()
  await expect(leader(page)).toHaveText('6308')
  await expect(width).toBeHidden()
  await expect(page.getByText('excluded, not counted')).toBeVisible()
  await page.getByRole('button', { name: 'Width: exclude' }).click()
  await expect(page.getByText('excluded, not counted')).toBeHidden()
  await expect(leader(page)).toHaveText('30308')
})

test('one reading mistyped: the part still leads, and the reading is marked', async ({ page }) => {
  await sizes(page, { bore: '25', outside: '25', width: '15' })
  await page.locator('#stamp').fill('6205')
  await expect(leader(page)).toHaveText('6205')
  const outside = page.getByLabel('Why').getByRole('listitem').filter({ hasText: 'Outside' })
  await expect(outside).toContainText('27.00 mm small')
})

test('the unit of a field is switched by key and by hand, and both units are always there', async ({
  page,
}) => {
  await sizes(page, { bore: '1', outside: '2', width: '9/16' })
  await expect(leader(page)).toHaveText('1641')
  await expect(page.getByRole('button', { name: /^Bore: digital caliper/ })).toHaveText('25.4')
  await page.locator('#bore').focus()
  await page.keyboard.press('u')
  await expect(page.getByRole('button', { name: /^Bore: unit millimetres/ })).toBeVisible()
  await page.keyboard.press('u')
  await expect(page.getByRole('button', { name: /^Bore: unit inches/ })).toBeVisible()
  await expect(leader(page)).toHaveText('1641')
})

test('instrument and condition of one reading: a steel rule makes it weigh less', async ({ page }) => {
  await sizes(page, { bore: '25.6', outside: '52' })
  await page.locator('#bore').focus()
  await page.keyboard.press('r')
  await page.getByRole('radio', { name: 'steel rule' }).click()
  await page.keyboard.press('Escape')
  await expect(page.locator('#bore-note')).toContainText('steel rule')
  await expect(page.locator('#outside-note')).not.toContainText('steel rule')
  await expect(page.getByLabel('Why').getByRole('listitem').filter({ hasText: 'Bore' })).toContainText(
    'agrees',
  )
})

test('units are typed behind the figure, and a number typed with no field in hand is a stamp', async ({
  page,
}) => {
  await page.keyboard.press('b')
  for (const [figure, unit] of [
    ['1.25 in', 'inches'],
    ['1 1/4 inch', 'inches'],
    ['31.7 mm', 'millimetres'],
  ] as const) {
    await page.locator('#bore').fill('')
    await page.keyboard.type(figure)
    await expect(page.locator('#bore')).toHaveValue(figure)
    await expect(page.locator('#bore-note')).toContainText(unit)
  }
  await page.keyboard.press('o')
  await expect(page.locator('#outside')).toBeFocused()
  await page.locator('#outside').blur()
  await page.keyboard.type('6306')
  await expect(page.locator('#stamp')).toHaveValue('6306')
})

test('what was seen of the closures stays when what rolls is seen after it', async ({ page }) => {
  await page.getByRole('radio', { name: 'two seals' }).click()
  await page.getByRole('radio', { name: 'whole' }).click()
  await page.getByRole('radio', { name: 'ball' }).click()
  await expect(page.getByRole('radio', { name: 'two seals' })).toBeChecked()
  await expect(page.getByRole('radio', { name: 'whole' })).toBeChecked()
  // Cone and cup come apart: neither a whole ball bearing nor sealed.
  await page.getByRole('radio', { name: 'taper', exact: true }).click()
  await expect(page.getByRole('radio', { name: 'cone and cup' })).not.toBeChecked()
  await page.getByRole('radio', { name: 'ball' }).click()
  await expect(page.getByRole('radio', { name: 'two seals' })).not.toBeChecked()
})

test('pictures of what is seen decide between kinds of one size', async ({ page }) => {
  await sizes(page, { bore: '25', outside: '52', width: '15' })
  await page.getByRole('radio', { name: 'roller', exact: true }).click()
  await expect(leader(page)).toHaveText(/^N/)
  await page.getByRole('radio', { name: 'ball' }).click()
  await expect(leader(page)).toHaveText('6205')
  await page.locator('#width').fill('34.1')
  await page.getByRole('button', { name: 'round outside' }).click()
  await expect(leader(page)).toHaveText('UC205')
  await page.getByRole('button', { name: 'round outside' }).click()
  await page.locator('#width').fill('20.6')
  await page.getByRole('button', { name: 'two rows' }).click()
  await expect(leader(page)).toHaveText('3205')
})

test('a cone or a cup alone is named, with what was measured of it', async ({ page }) => {
  await page.getByRole('radio', { name: 'taper' }).click()
  await page.getByRole('radio', { name: 'cup only' }).click()
  await sizes(page, { outside: '1.781 in', cupWidth: '0.475 in' })
  await expect(leader(page)).toHaveText('LM11910')
  await page.getByRole('radio', { name: 'cone only' }).click()
  await sizes(page, { bore: '1.25 in', coneWidth: '0.66 in' })
  await expect(leader(page)).toHaveText('LM67048')
  // What was measured of the cup stays in sight, struck out.
  await expect(page.locator('#outside')).toHaveValue('1.781 in')
  await expect(page.locator('#outside-note')).toContainText('not counted')
})

test('the bearing is gone: shaft and housing are enough to begin', async ({ page }) => {
  await sizes(page, { shaft: '24.99', housing: '52.01', width: '15' })
  await expect(leader(page)).toHaveText('6205')
})

test('the next measurement is marked at its field, and goes when it is taken', async ({ page }) => {
  await page.getByRole('radio', { name: 'ball' }).click()
  await sizes(page, { bore: '25' })
  await expect(page.getByText('measure next')).toBeVisible()
  await sizes(page, { outside: '52', width: '15' })
  await expect(page.getByText('measure next')).toBeHidden()
  await expect(page.getByText('Enough measured').or(page.getByText('Look which kind it is'))).toBeVisible()
})

test('a number of hardware is told as what it is, with the way to its sheet; a casting names its units', async ({
  page,
}) => {
  await page.fill('#stamp', 'F207')
  await expect(leader(page)).toHaveText('UCF207')
  await expect(page.getByText('Reads as a square flange. Choose “unit”')).toBeVisible()
  await page.fill('#stamp', 'H308')
  await expect(leader(page)).toHaveText('H308')
  await expect(page.getByText('An adapter sleeve. No bearing has this number.')).toBeVisible()
  // Through the five sizes to the one button of the screen.
  for (let i = 0; i < 7; i++) await page.keyboard.press('Enter')
  await page.waitForURL('**/parts/H308')
})

test('several readings of one size tell their pattern', async ({ page }) => {
  await sizes(page, { bore: '25.00; 25.02; 25.16', outside: '52' })
  await expect(page.locator('#bore-note')).toContainText(
    '3 readings, 0.16 mm apart: out of round or measured at an angle',
  )
})

test('a size nobody lists says so, and how far the nearest is', async ({ page }) => {
  await sizes(page, { bore: '19.3', outside: '44.4', width: '13.2' })
  await expect(leader(page)).toHaveText('Not listed')
  await expect(page.getByText('Nothing listed has these sizes')).toBeVisible()
  await expect.poll(() => sure(page)).toBeGreaterThan(50)
  await expect(page.getByTestId('nearest')).toBeVisible()
})

test('a damaged stamp with one size: candidates can be chosen by hand, and their sheet opens', async ({
  page,
}) => {
  await page.locator('#stamp').fill('6?05')
  await sizes(page, { bore: '25' })
  await page.getByLabel('Also possible').getByRole('button').first().click()
  const chosen = (await page.getByTestId('leader').or(page.getByTestId('nearest')).textContent()) ?? ''
  expect(chosen).toMatch(/^\d+/)
  await page.getByRole('link', { name: 'Part sheet' }).click()
  await page.waitForURL(new RegExp(`parts/${chosen}`))
})

test('a number with two meanings shows both on its sheet', async ({ page }) => {
  await page.goto('/parts/6205DD')
  await expect(page.getByText('In another convention: DD metal shields on both sides')).toBeVisible()
  await page.getByRole('button', { name: 'wet' }).click()
  await page.getByLabel('Turns a minute').fill('12000')
  await expect(page.getByText(/too fast for it/).first()).toBeAttached()
})

test('while nothing listed fits, Ctrl Enter does nothing; K keeps it as our own part with stamp and sizes', async ({
  page,
}) => {
  const stamp = `XJ88-${Date.now().toString(36).toUpperCase()}`
  const odd = { bore: `${(27 + (Date.now() % 900) / 100).toFixed(2)}`, outside: '66.6', width: '19.7' }
  await page.locator('#stamp').fill(stamp)
  await sizes(page, odd)
  await expect(leader(page)).toHaveText('Not listed')
  await expect(page.getByText('Nothing listed has this number and these sizes')).toBeVisible()
  await page.keyboard.press('Control+Enter')
  await expect(leader(page)).toHaveText('Not listed')
  expect(page.url()).toContain('/identify')
  await page.locator('#width').press('k')
  await page.waitForURL(/jobs\/\d+\/cross-reference/)
  await expect(page.getByText('On this job:')).toContainText(stamp)
  await expect(page.getByRole('region', { name: 'Section' })).toContainText('Kept at the bench')
  await page.goto('/identify')
  await sizes(page, odd)
  await expect(leader(page)).toHaveText(stamp)
})

test('a piece that is chosen and taken back brings back the sizes it struck out', async ({ page }) => {
  await sizes(page, { bore: '25', outside: '52', width: '15' })
  await page.getByRole('radio', { name: 'outer ring' }).click()
  await expect(page.locator('#bore-note')).toHaveText('excluded, not counted')
  await page.getByRole('radio', { name: 'whole' }).click()
  await expect(page.locator('#bore-note')).not.toHaveText('excluded, not counted')
  await expect(page.locator('#width-note')).not.toHaveText('excluded, not counted')
  await page.getByRole('button', { name: 'Bore: exclude' }).click()
  await page.getByRole('radio', { name: 'outer ring' }).click()
  await page.getByRole('radio', { name: 'whole' }).click()
  await expect(page.locator('#bore-note')).toHaveText('excluded, not counted')
})

test('a flange that is seen brings its row and its candidates; options can be left open', async ({
  page,
}) => {
  await page.getByRole('button', { name: 'flange' }).click()
  await page.getByRole('radio', { name: 'two seals' }).click()
  await sizes(page, { bore: '8', outside: '22', width: '7', flangeOutside: '25' })
  await expect(leader(page)).toHaveText('F608-2RS')
  await page.getByRole('group', { name: 'Options of the number' }).getByRole('button').first().click()
  await expect(leader(page)).toHaveText('F608')
})

test('a number that is not listed is refused with what may have been meant, and nothing is taken', async ({
  page,
}) => {
  const response = await page.goto('/parts/1609')
  expect(response?.status()).toBe(404)
  const meant = page.getByRole('group', { name: 'Did you mean' })
  await expect(meant).toContainText('9 read as 1')
  await meant.getByRole('button', { name: '1601' }).click()
  await page.waitForURL(/parts\/1601/)
  await expect(page.getByRole('heading', { name: '1601' })).toBeVisible()
  await page.goto('/parts/62317')
  await expect(page.getByText('computed from the series, not in the catalogue').first()).toBeVisible()
})
