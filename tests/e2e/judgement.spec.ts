import { expect, test, type APIRequestContext, type Page } from '@playwright/test'
import sharp from 'sharp'
import { noFaults } from '../support/faultless'
import { pick, saved, settled } from '../support/page'

/** From compare to the signed card, through the screens, on jobs of three arrangements. */
const jobWith = async (request: APIRequestContext, title: string): Promise<number> => {
  const { items: jobs } = (await (await request.get('/api/jobs?limit=200')).json()) as {
    items: { id: number; title: string }[]
  }
  const found = jobs.find((j) => j.title.includes(title))
  if (!found) throw new Error(`no demo job “${title}”`)
  return found.id
}
const tab = (page: Page, name: string) => page.getByRole('tab', { name, exact: true }).click()

test('A1, land train: compare, inspect, seats, setting, grease, plan, signed', async ({ page, request }) => {
  const id = await jobWith(request, 'coach 1')
  await page.goto(`/jobs/${id}/compare`)
  await page.getByLabel('Number, old').fill('L68149/L68110')
  await page.getByLabel('Number, new').fill('L68149/L68111')
  await expect(page.getByTestId('comparison')).toContainText('Does not go: outside diameter')
  await expect(page.locator('tr[data-feature=outside]')).toContainText('larger')
  await page.getByLabel('Number, new').fill('no such number 1')
  await expect(page.getByText(/is not in the catalogue/)).toBeVisible()
  await expect
    .poll(async () => {
      const path = `/api/jobs/${id}`
      const { comparison } = (await (await request.get(path)).json()) as {
        comparison: { to: string; result: unknown } | null
      }
      return comparison && [comparison.to, comparison.result]
    })
    .toEqual(['no such number 1', null])
  await page.getByLabel('Number, new').fill('L68149/L68110')
  await expect(page.getByTestId('comparison')).toContainText('Goes')
  await expect(page.getByTestId('attempts')).toContainText('Turn the new cone in the new cup')

  await page.getByRole('link', { name: 'Inspect' }).click()
  await page.getByRole('button', { name: /^spindle or shaft/ }).click()
  await page.locator('button[data-damage=shaftGrooved]').click()
  await page.locator('button[data-damage=shaftGrooved]').click()
  await expect(page.locator('li[data-part=shaft]')).toContainText('replace')
  await page.getByRole('button', { name: '12 o’clock' }).click()
  await page.getByRole('button', { name: '1 o’clock', exact: true }).click()
  await expect(page.locator('li[data-part=shaft]')).toContainText('from 12 to 1 o’clock')
  await expect(page.getByTestId('causes')).toContainText('Water came in')
  await page.getByRole('button', { name: /^Into the kit: journal grooved/ }).click()
  await expect(page.getByRole('button', { name: /^Into the kit/ })).toHaveCount(0)

  await page.getByRole('link', { name: 'Fits and setting' }).click()
  await pick(page, 'Seat', /^Inner cup, in its bore/)
  await expect(page.getByTestId('recommended')).toContainText('N7')
  // What the hub is made of counts at once, and the plan follows the same rule.
  await pick(page, 'Hub or housing of', 'aluminium')
  await expect(page.getByTestId('recommended')).toContainText('P7')
  await pick(page, 'Hub or housing of', 'not said')
  await expect(page.getByTestId('recommended')).toContainText('N7')
  await expect(page.getByTestId('distribution')).toContainText('100 000 assemblies')
  await tab(page, 'Setting')
  await expect(page.getByLabel('Threads an inch')).toHaveValue('16')
  await expect(page.getByText('No slot lands in the target')).toBeVisible()
  await page.getByLabel('Cross holes').fill('2')
  await expect(page.getByText('1 step back from no play is 0.132 mm.')).toBeVisible()
  await tab(page, 'Grease')
  await pick(page, 'In there now', 'lithium')
  await pick(page, 'Goes in', 'polyurea')
  await expect(page.getByTestId('mixing')).toContainText('Does not mix')
  await expect(page.getByTestId('grease')).toContainText(' g, ')

  await page.getByRole('link', { name: 'Job card' }).click()
  await expect(page.locator('li[data-step="mount.wearSleeve"]')).toContainText('over the grooved journal')
  await page.getByLabel('Torque of Castle nut').fill('40 kg')
  await expect(page.getByText(/no unit of torque here/)).toBeVisible()
  // A bare figure is not taken: its unit is chosen, once a job.
  await page.getByLabel('Torque of Castle nut').fill('30')
  await expect(page.getByText(/none is guessed/)).toBeVisible()
  await page.getByRole('button', { name: 'lbf·ft' }).click()
  await expect(page.getByLabel('Torque of Castle nut')).toHaveValue('30 lbf·ft')
  await expect(page.getByText('40.7 N·m (30 lbf·ft)')).toBeVisible()
  await page.getByLabel('Your initials').fill('KM')
  await page.locator('li[data-step="removal.record"] input').check()
  await expect(page.getByTestId('ticked')).toHaveText(/^1 of /)
  // The next step is told large, ticked by a key and taken back by another.
  await page.getByTestId('next-step').click()
  await page.keyboard.press('d')
  await expect(page.getByTestId('ticked')).toHaveText(/^2 of /)
  await page.keyboard.press('b')
  await expect(page.getByTestId('ticked')).toHaveText(/^1 of /)
  await page.locator('li[data-step="mount.innerCone"]').evaluate((row) => {
    // Everything before it, as a fitter would have ticked it.
    const rows = [...(row.closest('[aria-label=Steps]')?.querySelectorAll('li[data-step]') ?? [])]
    for (const before of rows.slice(0, rows.indexOf(row)))
      before.querySelector<HTMLInputElement>('input:not(:checked)')?.click()
  })
  const strip = page.getByTestId('next-step').locator('[data-part]')
  await expect(page.getByTestId('next-step').locator('[data-part=innerCone]')).toHaveAttribute(
    'data-now',
    'now',
  )
  await expect(page.getByTestId('next-step').locator('[data-part=innerCup]')).toHaveAttribute(
    'data-now',
    'in',
  )
  await expect(page.getByTestId('next-step').locator('[data-part=seal]')).toHaveAttribute(
    'data-now',
    'blocks',
  )
  await expect(strip.and(page.locator('[data-part=castleNut]'))).toHaveAttribute('data-now', 'out')
  // What is open is said, and signing off with it wants a reason.
  await expect(page.getByTestId('sign-open')).toContainText('steps are not ticked')
  await expect(page.getByRole('button', { name: 'A reason first, then sign off' })).toBeDisabled()
  await page.getByLabel('Why it is signed off all the same').fill('goes on tomorrow')
  await page.getByRole('button', { name: 'Sign off as KM' }).click()
  await expect(page.getByText('Signed off by')).toBeVisible()
  await expect(page.getByText(/^Saved/)).toBeVisible()
  await page.reload()
  await expect(page.getByText('Signed off by')).toBeVisible()
  await page.getByRole('link', { name: 'Record' }).click()
  await expect(page.getByText(/\d+ steps ticked, signed off by KM/)).toBeVisible()
})

test('B2, ice-cream cart: a short spacer, which side first, a plan with the retainer', async ({
  page,
  request,
}) => {
  const id = await jobWith(request, 'cart 1')
  await page.goto(`/jobs/${id}/fit`)
  await tab(page, 'Spacing')
  await expect(page.getByTestId('spacer')).toContainText('loads the bearings sideways')
  await page.getByLabel('Spacer', { exact: true }).fill('38')
  await expect(page.getByTestId('spacer')).toContainText('which the bearings take up')
  await page.getByLabel(/Another stack/).fill('+ 46.0 0.1 hub\n- 45.9 0.05 tube')
  await expect(page.getByTestId('stack')).toContainText('worst −0.050 to +0.250')
  await page.getByLabel(/Another stack/).fill('hub is wide')
  await expect(page.getByText('Line 1 is no length')).toBeVisible()
  await page.getByLabel('Depth 1, what').fill('bearing left')
  await page.getByLabel('Depth 1, before').fill('12.4')
  await page.getByLabel('Depth 1, after').fill('11.9')
  await expect(page.getByText(/mm above: not seated/)).toBeVisible()
  await page.getByRole('radio', { name: 'right', exact: true }).click()
  await tab(page, 'Setting')
  await expect(page.getByText('Nothing to set here')).toBeVisible()
  await tab(page, 'Life')
  await page.getByLabel('Radial load, kN').fill('9')
  await expect(page.getByTestId('life')).toContainText('hours')
  await expect(page.getByText(/dent the raceways/)).toBeVisible()
  await page.getByLabel('Radial load, kN').fill('a ton')
  await expect(page.getByRole('alert').filter({ hasText: 'Radial load' })).toContainText(
    'A ton is 8.9 kN (short)',
  )
  await page.getByLabel('Radial load, kN').fill('9')
  await page.getByLabel('Turns a minute').fill('1,500')
  await expect(page.getByText(/at 1500 a minute/)).toBeVisible()
  await page.getByRole('link', { name: 'Job card' }).click()
  const steps = page.locator('li[data-step]')
  await expect(steps.filter({ hasText: 'first, the side with the locating shoulder' })).toContainText(
    'Bearing, right',
  )
  await expect(page.locator('li[data-step="removal.record"]')).toContainText('Recorded: bearing left 12.4')
})

test('D1, hauler: seat around the clock, a wild reading, the encoder side, a photograph', async ({
  page,
  request,
}) => {
  const id = await jobWith(request, 'hauler')
  await page.goto(`/jobs/${id}/fit`)
  await expect(page.getByTestId('seat')).toContainText('Seat good')
  await expect(page.getByRole('img', { name: /^Seat around the clock/ })).toBeVisible()
  const readings = page.getByLabel(/Readings: clock/)
  await readings.fill('12 71.972\n3 71.968\n6 2.8336 in\n9 17.97')
  await expect(page.getByText(/is set aside/)).toBeVisible()
  await readings.fill('12 72.08\n3 72.09\n6 72.08\n9 72.10')
  await expect(page.getByTestId('seat')).toContainText('Seat replace')
  await expect(page.getByTestId('repair')).toContainText('Peening the edge of the bore (not advised)')
  await page.getByRole('link', { name: 'Job card' }).click()
  await expect(page.getByText('Stop here.')).toBeVisible()
  await expect(page.locator('li[data-step="mount.hubUnit"]')).toContainText(
    'magnetic encoder side goes toward the sensor',
  )
  // What the heat of the hub would spoil is asked once, and every step follows it.
  const unit = page.locator('li[data-step="mount.hubUnit"]')
  await expect(unit).toContainText('The hub bare: no tyre')
  await page.getByRole('button', { name: 'tyre', exact: true }).click()
  await expect(unit).toContainText('No heat, on or in the hub: tyre')
  await page.getByRole('button', { name: 'nothing, bare' }).click()
  await expect(unit).toContainText('Heat the knuckle')
  await expect(unit).not.toContainText('The hub bare')

  await page.getByRole('link', { name: 'Inspect' }).click()
  // A hub unit has two rows: which of them is asked, and stays with the job.
  await page.locator('button[data-damage=spalling]').click()
  await page.getByLabel('Row: Spalling').getByText('outboard').click()
  await expect(page.getByText('On the outboard row. One row only')).toBeVisible()
  const picture = await sharp({ create: { width: 900, height: 600, channels: 3, background: '#7a5230' } })
    .jpeg()
    .toBuffer()
  await page.getByLabel('Photograph', { exact: true }).setInputFiles({
    name: 'unit.jpg',
    mimeType: 'image/jpeg',
    buffer: picture,
  })
  await expect(page.getByRole('img', { name: /unit.jpg/ })).toBeVisible()
  // What is meant is pointed at: by a tap, moved by keys, told in words, and kept.
  await page.getByRole('button', { name: /^Open .*unit.jpg/ }).click()
  const large = page.getByRole('dialog').getByRole('img', { name: /unit.jpg/ })
  await large.click({ position: { x: 30, y: 40 } })
  await page.keyboard.type('dent beside the encoder')
  await page.getByRole('button', { name: '+ mark in the middle' }).press('Enter')
  await page.getByRole('button', { name: /^Mark 2/ }).press('ArrowRight')
  await expect(page.getByRole('dialog').getByText('Kept.')).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(page.getByRole('dialog')).toHaveCount(0)
  await expect(page.getByRole('button', { name: /unit.jpg, marks: 2/ })).toBeFocused()
  const { photos } = (await (await request.get(`/api/jobs/${id}/photos`)).json()) as {
    photos: { marks: { x: number; y: number; text: string }[] }[]
  }
  const [dent, middle] = photos[0]?.marks ?? []
  expect(dent?.text).toBe('dent beside the encoder')
  expect(dent?.x).toBeLessThan(0.2)
  expect(middle).toEqual({ x: 0.51, y: 0.5, text: '' })
  await page.getByLabel('Photograph', { exact: true }).setInputFiles({
    name: 'list.jpg',
    mimeType: 'image/jpeg',
    buffer: Buffer.from('a shopping list'),
  })
  await expect(page.getByText(/list.jpg: This is no picture/)).toBeVisible()
})

test('how many bolts are typed in front of their size is their pieces, not their number', async ({
  page,
  request,
}) => {
  await page.goto(`/jobs/${await jobWith(request, 'tractor')}/kit`)
  await page.locator('#line-bolts').click()
  await page.getByLabel('Number for Mounting bolts').fill('5 x M12x40 10.9')
  await page.getByRole('button', { name: 'Set', exact: true }).click()
  const row = page.locator('tr[data-slot=bolts]')
  await expect(row).toContainText(/M12x40 10\.9single use55single use/)
  await expect(row).not.toContainText('5 x')
  await expect(page.getByText('usual proportions, not to scale')).toBeVisible()
  await saved(page)
  await page.reload()
  await expect(row).toContainText(/M12x40 10\.9single use55single use/)
})

test('a conversion opens a job with its kit; a seat nothing fits says so', async ({ page }) => {
  await page.goto('/convert')
  await page.getByRole('radio', { name: 'tapered to ball' }).click()
  await page.getByLabel('Shaft').first().fill('25')
  await page.getByLabel('Bore').first().fill('52')
  await page.getByLabel('Width').first().fill('16.25')
  await page.getByLabel('Between shoulders').fill('40')
  // A ball bearing carries less than the tapered one: nothing is chosen before the load is known.
  await expect(page.getByTestId('not-sensible')).toBeVisible()
  await page.getByLabel('Radial, kN').fill('0.8')
  await expect(page.getByTestId('changes')).toContainText('Spacer')
  await page.getByRole('button', { name: '62205', exact: true }).click()
  await expect(page.getByTestId('changes')).toContainText('longer')
  await page.getByRole('button', { name: 'Open a job with this kit' }).click()
  await expect(page).toHaveURL(/\/jobs\/\d+\/kit$/)
  await expect(page.locator('tr[data-slot=bearingLeft]')).toContainText('62205-2RS')
  await page.goto('/convert')
  // What was typed before is back: it would come behind a figure that is typed at that moment.
  await expect(page.getByLabel('Shaft').first()).toHaveValue('25')
  // A shaft of 3 in a bore of 140 can only be inches: told, and to be said otherwise.
  await page.getByLabel('Shaft').first().fill('3')
  await page.getByLabel('Bore').first().fill('140')
  await expect(page.getByTestId('read-as')).toContainText('shaft 76.2 mm')
  await page.getByLabel('Shaft').first().fill('3 mm')
  await page.getByLabel('Width').first().fill('16')
  await expect(page.getByTestId('none')).toBeVisible()
})

test('the toolbox and the way of the shop are kept and followed', async ({ page, request }) => {
  const id = await jobWith(request, 'cart 1')
  await page.goto('/toolbox')
  const tools = page.getByPlaceholder('another tool')
  const n = await tools.count()
  await tools.last().fill('Blind puller, three jaws')
  await pick(page, `Kind of tool ${n}`, 'blind hole puller')
  // What is no size is told at its row, and nothing is lost by a reload.
  const from = page.getByLabel(`Tool ${n}, from`, { exact: true })
  await from.fill('six')
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(
    page.getByRole('alert').filter({ hasText: 'From: “six” cannot be read as a length' }),
  ).toBeVisible()
  await expect(from).toBeFocused()
  await page.reload()
  await expect(tools.nth(n - 1)).toHaveValue('Blind puller, three jaws')
  await from.fill('1/4 in')
  await page.getByLabel(`Tool ${n}, to`, { exact: true }).fill('1 in')
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByText('saved', { exact: true })).toBeVisible()
  await page.reload()
  await expect(from).toHaveValue('6.35')
  // With inches chosen a bare figure is inches, and what was kept in millimetres says so; a press takes a force.
  await page.getByRole('button', { name: 'in', exact: true }).click()
  await expect(from).toHaveValue('6.35 mm')
  await from.fill('3/8')
  await pick(page, `Kind of tool ${n + 1}`, 'press')
  await tools.last().fill('Hand press')
  const force = page.getByLabel(`Tool ${n + 1}, to`, { exact: true })
  await force.fill('2 tons')
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByRole('alert').filter({ hasText: 'To: A ton is 8.9 kN (short)' })).toBeVisible()
  await force.fill('5 t')
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByText('saved', { exact: true })).toBeVisible()
  await page.getByRole('button', { name: 'mm', exact: true }).click()
  await page.reload()
  await expect(from).toHaveValue('9.525')
  await expect(force).toHaveValue('49.033')
  await page.goto(`/jobs/${id}/plan`)
  await expect(page.getByTestId('tools')).toContainText('Take: Blind puller, three jaws')
  await page.goto('/settings')
  await pick(page, 'Getting rings out and in', /^hammer and brass punch/)
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByText('saved', { exact: true })).toBeVisible()
  await page.goto(`/jobs/${id}/plan`)
  await expect(page.getByTestId('practice').first()).toContainText('hammer and brass punch')
  await page.goto('/settings')
  await pick(page, 'Getting rings out and in', /^press or puller/)
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByText('saved', { exact: true })).toBeVisible()
})

test('the tabs of fitting stand up to the accessibility rules', async ({ page, request }) => {
  await page.goto(`/jobs/${await jobWith(request, 'coach 1')}/fit`)
  for (const name of ['Spacing', 'Setting', 'Grease', 'Life']) {
    await tab(page, name)
    await settled(page)
    await noFaults(page)
  }
})
