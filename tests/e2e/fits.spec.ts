import { expect, test, type Page } from '@playwright/test'
import { mark } from '../support/mark'
import { open, pick, saved, settled } from '../support/page'

test('a fit: limits, clearance, heat, and a measured seat judged as it is typed', async ({ page }) => {
  await page.goto('/fits')
  await page.getByLabel('Bearing', { exact: true }).fill('6206-2RS')
  await expect(page.getByTestId('fit-answer')).toHaveText('+2 to +21 µm tight')
  await expect(page.getByText('Plus is tight')).toBeVisible()
  await pick(page, 'Which ring turns against its load', 'outer ring rotates')
  await expect(page.getByTestId('fit-answer')).toContainText('loose')
  await page.getByRole('radio', { name: 'outer, in its bore' }).click()
  await expect(page.getByTestId('fit-answer')).toContainText('from loose to tight')
  await page.getByLabel(/Readings: clock/).fill('12 61.975\n3 61.972\n6 61.976\n9 61.974')
  await expect(page.getByTestId('seat')).toContainText('Seat good')
  await page.getByLabel(/Readings: clock/).fill('12 61.975\n3 61.972\n6 61.976\n9 62.060')
  await expect(page.getByTestId('seat')).toContainText('Seat replace')
  await page.getByLabel('Class of the housing').fill('Q7')
  await expect(page.getByText('The tables hold no class “Q7”')).toBeVisible()
})

test('where the shaft is the raceway the figures are its running clearance, and nothing else is asked', async ({
  page,
}) => {
  await page.goto('/fits')
  const bearing = page.getByLabel('Bearing', { exact: true })
  await bearing.fill('HK2020')
  await expect(page.getByTestId('fit-answer')).toHaveText('+20 to +62 µm running clearance')
  await expect(page.getByText('Minus is tight')).toBeVisible()
  await expect(page.getByTestId('distribution')).toContainText('0.0 % without running clearance')
  await expect(page.getByRole('combobox', { name: 'Clearance' })).toHaveCount(0)
  await page.getByLabel('Class of the shaft').fill('m6')
  await expect(page.getByTestId('fit-answer')).toContainText('running clearance')
  await bearing.fill('LM20UU')
  await expect(page.getByTestId('fit-answer')).toHaveText('−3 to +20 µm running clearance')
  await expect(page.getByRole('combobox', { name: 'Which ring turns against its load' })).toHaveCount(0)
})

test('the nut: a quarter turn on 14 threads warns, two cross holes find a slot; the rock test', async ({
  page,
}) => {
  await page.goto('/fits')
  await page.getByRole('tab', { name: 'Setting', exact: true }).click()
  await expect(page.getByTestId('end-play')).toContainText('0.454')
  await expect(page.getByText('No slot lands in the target')).toBeVisible()
  await page.getByLabel('Cross holes').fill('2')
  await expect(page.getByText('1 step back from no play is 0.151 mm.')).toBeVisible()
  await page.getByLabel('Dial, mm').fill('0.4')
  await page.getByLabel('At radius, mm').fill('200')
  await page.getByLabel('Between rows, mm').fill('60')
  await expect(page.getByTestId('rock')).toContainText('0.224')
})

test('a wheel with cones by keys: old parts reused line by line, its cone set by the pitch', async ({
  page,
  request,
}) => {
  const { id, version } = (await (
    await request.post('/api/jobs', { data: { title: `Gangway trolley ${mark()}` } })
  ).json()) as { id: number; version: number }
  const kit = { arrangement: 'B4', positions: 1, parts: { bearingRight: '6201-2RS' }, thread: 'M12x1.25' }
  await request.patch(`/api/jobs/${id}`, { data: { version, kit } })
  await open(page, `/jobs/${id}/kit`)
  const line = (name: string) => page.getByRole('button', { name, exact: true })
  await page.keyboard.press('ArrowDown')
  await expect(line('Lock nut, fixed end')).toBeFocused()
  // What is reused hands on to the next line that is missing: both bearings are there.
  await page.keyboard.press('r')
  await expect(line('End piece, fixed end')).toBeFocused()
  await page.keyboard.press('r')
  await expect(line('Threaded axle')).toBeFocused()
  await page.keyboard.press('Enter')
  await expect(page.getByLabel('Number for Threaded axle')).toBeFocused()
  await page.keyboard.type('axle M12x1.25')
  await page.keyboard.press('Enter')
  await expect(line('Threaded axle')).toBeFocused()
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('ArrowDown')
  // The lock nut follows from the thread: behind the washer nothing is missing, however fast the keys come.
  for (const key of ['r', 'n']) await page.keyboard.press(key)
  await expect(page.getByTestId('kit-state')).toHaveText('Complete')
  await expect(page.locator('tr[data-slot="washerRight"]')).toHaveCount(0)
  // Grease is worked out, not chosen: the keys of a part do nothing to it.
  await line('Grease film').focus()
  await line('Grease film').click()
  await page.keyboard.press('n')
  await expect(page.locator('tr[data-slot="grease"]')).toHaveCount(1)
  await saved(page)
  await open(page, `/jobs/${id}/fit?tab=adjust`)
  await expect(page.getByRole('radio', { name: 'cone, lock nut' })).toBeChecked()
  await expect(page.getByTestId('end-play')).toContainText('0.104')
  await expect(page.getByText(/turn back 0° to 14°/)).toBeVisible()
})

test('who works by keyboard keeps the focus when what was pressed goes away', async ({ page, request }) => {
  const { id } = (await (
    await request.post('/api/jobs', { data: { title: `Winch drum ${mark()}` } })
  ).json()) as { id: number }
  await open(page, `/jobs/${id}`)
  await page.getByLabel('Machine', { exact: true }).fill(`Capstan ${mark()}`)
  await page.getByRole('button', { name: /^\+ add/ }).focus()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('button', { name: 'another' })).toBeFocused()
  await page.getByLabel('Name of a new position').fill('drum, left')
  await page.getByRole('button', { name: 'Add', exact: true }).focus()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('button', { name: 'Add', exact: true })).toBeHidden()
  await expect(page.locator('body')).not.toBeFocused()
  await expect(page.locator('main :focus')).toHaveCount(1)
})

/** Sentences with a metric figure that has no twin in inches, pounds-force or °F behind it. */
const untwinned = (page: Page): Promise<string[]> =>
  page.evaluate(() =>
    [...document.querySelectorAll('p, li, dd, td, span, h1, h2, h3')]
      .filter(
        (element) =>
          element.checkVisibility() &&
          // Its inches stand in the line below.
          !element.matches('[data-testid=fit-answer]') &&
          element.querySelector('p, li, dd, span') === null,
      )
      .map((element) => (element.textContent ?? '').trim())
      .filter((text) => /\d\s(mm|µm|kN|°C)(?![\w/])(?!\s\([^)]*\d\s(in|lbf|°F)[^)]*\))/.test(text)),
  )

test('inches chosen: every metric figure of a sentence has its twin, on the card, the tabs of fitting and part sheets', async ({
  page,
  context,
  baseURL,
}) => {
  await context.addCookies([{ name: 'unit', value: 'in', url: baseURL ?? '' }])
  for (const path of [
    ...[225, 218, 217, 201].map((id) => `/jobs/${id}/plan`),
    '/jobs/218/inspect',
    '/parts/35x52x7',
    '/parts/H308',
    '/parts/UCP206',
    '/fits?designation=6306-2RS',
    '/fits?designation=LM11949',
  ]) {
    await open(page, path)
    await settled(page)
    expect(await untwinned(page), path).toEqual([])
    if (path.startsWith('/fits'))
      for (const name of FIT_TABS) {
        await page.getByRole('tab', { name, exact: true }).click()
        await settled(page)
        expect(await untwinned(page), `${path} ${name}`).toEqual([])
      }
  }
})

const FIT_TABS = ['Seats', 'Spacing', 'Setting', 'Grease', 'Life']

test('inches chosen: fields, axes and heads count in inches and pounds-force, and a figure keeps its unit when the choice changes', async ({
  page,
  context,
  baseURL,
}) => {
  await context.addCookies([{ name: 'unit', value: 'in', url: baseURL ?? '' }])
  /** Captions, heads and axis titles that end in a metric unit. */
  const metric = () =>
    page.evaluate(() =>
      [...document.querySelectorAll('.caption, th, legend, svg text')]
        .map((element) => (element.textContent ?? '').trim())
        // The pitch of a metric thread is told in millimetres by everybody.
        .filter((text) => /(, |^|\()(mm|µm|kN|g)\)?$/.test(text) && text !== 'or pitch, mm'),
    )
  for (const path of ['/catalogue', '/convert', '/lists', '/logbook?tab=seats', '/seals', '/campaign']) {
    await page.goto(path)
    await expect(page.locator('main, form').first()).toBeVisible()
    expect(await metric(), path).toEqual([])
  }
  await page.goto('/fits')
  await page.getByLabel('Bearing', { exact: true }).fill('6306-2RS')
  await expect(page.getByTestId('fit-answer')).toBeVisible()
  for (const name of FIT_TABS) {
    await page.getByRole('tab', { name, exact: true }).click()
    expect(await metric(), name).toEqual([])
  }
  await page.getByLabel('Radial load, lbf').fill('450')
  await expect(page.getByText('P 2.00 kN')).toBeVisible()
  await page.getByRole('tab', { name: 'Setting', exact: true }).click()
  await page.getByLabel('Play from, in').fill('0.001')
  await page.getByLabel('Play to, in').fill('0.005')
  await expect(page.getByRole('img', { name: /within 0\.0010 to 0\.0050 in/ })).toBeVisible()
  await page.getByRole('button', { name: 'mm', exact: true }).click()
  await expect(page.getByLabel('Play to, mm')).toHaveValue('0.005 in')
  await expect(page.getByRole('img', { name: /within 0\.025 to 0\.127 mm/ })).toBeVisible()
  await page.getByLabel('Play to, mm').fill('0.2')
  await expect(page.getByRole('img', { name: /within 0\.025 to 0\.200 mm/ })).toBeVisible()
})
