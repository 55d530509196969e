import { expect, test, type Page } from '@playwright/test'
import { pick, saved } from '../support/page'

/** Figures nobody else uses, so that the tests may run again on the same shop. */
const mark = `${process.pid}${Date.now() % 10_000}`
/** The same in letters: figures of a stamp may happen to read as a number somebody lists. */
const letters = [...mark].map((figure) => 'ABCDEFGHIJ'[Number(figure)]).join('')

const idOf = (page: Page): string => /jobs\/(\d+)/.exec(page.url())?.[1] ?? ''

/** New job, its machine and position written into the register at Intake. By keyboard alone. */
async function takeIn(page: Page, title: string, machine: string, position: string): Promise<string> {
  await page.goto('/jobs/new')
  await page.keyboard.type(title)
  await page.keyboard.press('Tab')
  await page.keyboard.type(machine)
  await expect(page.getByRole('button', { name: `+ add “${machine}” to the register` })).toBeVisible()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('button', { name: 'another', exact: true })).toBeVisible()
  await page.getByRole('button', { name: 'Open the job' }).press('Enter')
  await page.waitForURL(/\/jobs\/\d+$/)
  await page.getByLabel('Name of a new position').fill(position)
  await page.keyboard.press('Enter')
  await expect(page.getByLabel('Position in the register')).toContainText(position)
  await saved(page)
  return idOf(page)
}

/** Adds a bearing of this name on the identification screen. */
async function addBearing(page: Page, name: string): Promise<void> {
  const before = page.url()
  await page.getByRole('button', { name: '+ bearing' }).click()
  await page.getByLabel('Name of the new bearing').fill(name)
  await page.keyboard.press('Enter')
  await expect(page).not.toHaveURL(before)
  await expect(page.getByLabel('Called')).toHaveValue(name)
}

/** Reads a stamp and decides on what leads. */
async function decide(page: Page, stamp: string, leader = stamp): Promise<void> {
  await page.fill('#stamp', stamp)
  await expect(page.getByTestId('leader')).toHaveText(leader)
  await page.keyboard.press('Control+Enter')
  await page.waitForURL(/cross-reference/)
  await saved(page)
}

/** Closes the job with a reason for what is open, and reads the register. */
async function close(
  page: Page,
  id: string,
): Promise<{ label: string; designation: string; quantity: number }[]> {
  await page.goto(`/jobs/${id}/record`)
  await page.getByRole('button', { name: 'Close the job' }).click()
  await expect(page.getByRole('heading', { name: /^Open points/ })).toBeVisible()
  await page.getByLabel('Or why it is closed all the same').fill('fitted by the season crew, card on paper')
  await page.getByRole('button', { name: 'Close it' }).click()
  await expect(page.getByText('This job is closed.')).toBeVisible()
  // Without loading the page anew.
  await expect(page.getByLabel('History')).toContainText('Job closed')
  await saved(page)
  const job = (await (await page.request.get(`/api/jobs/${id}`)).json()) as { machineId: number }
  const machine = (await (await page.request.get(`/api/machines/${job.machineId}`)).json()) as {
    positions: { parts: { label: string; designation: string; quantity: number }[] }[]
  }
  await page.goto(`/machines/${job.machineId}`)
  await expect(page.getByText('In it now').first()).toBeVisible()
  await page.getByText('Who changed what').click()
  await expect(page.getByRole('list', { name: /^Changes, the latest first/ })).toContainText(
    'Written into the register',
  )
  return machine.positions[0]?.parts ?? []
}

const designations = (parts: readonly { designation: string }[]) => parts.map((p) => p.designation)

test('a tapered pair with two sets of different systems, from New job to closed, by keyboard', async ({
  page,
}) => {
  const id = await takeIn(page, `Capstan, drum end ${mark}`, `Capstan ${mark}`, 'drum end')
  await page.goto(`/jobs/${id}/identify`)
  await page.keyboard.press('s')
  await decide(page, '32007X')
  await page.goto(`/jobs/${id}/identify`)
  await addBearing(page, 'outer')
  await decide(page, 'LM67048/LM67010')
  await page.goto(`/jobs/${id}/kit`)
  await page.getByRole('button', { name: /^A1/ }).click()
  // The second one is called outer; the first, alone of its kind, is named now.
  await page.getByLabel('Called').fill('inner')
  await expect(page.locator('tr[data-slot=innerCone]')).toContainText('32007X')
  await expect(page.locator('tr[data-slot=outerCone]')).toContainText('LM67048')
  await expect(page.locator('tr[data-slot=outerCup]')).toContainText('LM67010')
  // The old nut stays; pin and washer follow from its thread all the same.
  await page.locator('#line-castleNut').click()
  await page.getByRole('button', { name: 'reuse old part' }).click()
  await page.getByLabel('Spindle thread').fill('1-14')
  await expect(page.locator('tr[data-slot=cotterPin]')).toHaveAttribute('data-state', 'filled')
  // A seal in inches beside millimetres: read with its neighbours, the unit shown.
  await page.getByLabel('Seal journal').fill('1.75')
  await expect(page.getByRole('button', { name: 'in, 44.45 mm' })).toBeVisible()
  await page.locator('#line-seal').click()
  await page.getByLabel('Number for Seal').fill('44.5 x 62 x 8')
  await page.keyboard.press('Enter')
  await expect(page.locator('tr[data-slot=seal]')).toContainText('44.5 × 62 × 8 mm')
  await saved(page)
  for (const [stage, heading] of [
    ['fit', 'Seat'],
    ['plan', 'Dismantling'],
  ] as const) {
    await page.goto(`/jobs/${id}/${stage}`)
    await expect(page.getByText(heading).first()).toBeVisible()
  }
  await expect(page.getByText('seating torque').first()).toBeVisible()
  const parts = await close(page, id)
  expect(designations(parts)).toEqual(
    expect.arrayContaining(['32007X', 'LM67048', 'LM67010', '44.5 × 62 × 8 mm']),
  )
  expect(parts.find((p) => p.label === 'Castle nut')).toBeUndefined()
})

test('a worn unit by its shaft and its bolts, in inches, from New job to closed', async ({ page }) => {
  const id = await takeIn(page, `Laundry drum ${mark}`, `Laundry ${mark}`, 'door end')
  await page.goto(`/jobs/${id}/identify`)
  await page.getByRole('radio', { name: 'unit', exact: true }).click()
  await page.getByRole('radio', { name: '4-bolt flange' }).click()
  await page.keyboard.press('b')
  await page.keyboard.type('1 1/4 in')
  await page.keyboard.press('a')
  await page.keyboard.type('3 17/64')
  await page.keyboard.press('Enter')
  await page.keyboard.type('38.1 mm')
  await expect(page.getByTestId('leader')).toHaveText('UCF206-20')
  await expect(page.getByRole('img', { name: 'UCF206-20, square flange' })).toBeVisible()
  // What only a unit has is struck out beside another piece, and comes back with the unit.
  await page.getByRole('radio', { name: 'whole' }).click()
  await expect(page.locator('#boltSpacing-note')).toHaveText('excluded, not counted')
  await page.getByRole('radio', { name: 'unit', exact: true }).click()
  await page.getByRole('radio', { name: 'pillow block' }).click()
  await expect(page.locator('#boltSpacing-note')).toContainText('inches')
  await expect(page.getByLabel('Height')).toBeVisible()
  await expect(page.getByText('Not in the catalogue').first()).toBeVisible()
  await page.getByRole('radio', { name: '4-bolt flange' }).click()
  await expect(page.getByTestId('leader')).toHaveText('UCF206-20')
  await page.keyboard.press('Control+Enter')
  await page.waitForURL(/cross-reference/)
  await expect(page.getByText('square flange').first()).toBeVisible()
  await saved(page)
  await page.goto(`/jobs/${id}/kit`)
  await page.getByRole('button', { name: /^F1/ }).click()
  await expect(page.locator('tr[data-slot=housing]')).toContainText('with UCF206-20')
  await saved(page)
  expect(designations(await close(page, id))).toEqual(['UCF206-20'])
})

test('a rod end by its number, its arrangement by its code, in by hand, from New job to closed', async ({
  page,
}) => {
  const id = await takeIn(page, `Tug, rudder rod ${mark}`, `Tug ${mark}`, 'rudder end')
  await page.goto(`/jobs/${id}/identify`)
  await decide(page, 'POS16')
  await page.goto(`/jobs/${id}/kit`)
  // The one made for it stands first.
  await expect(page.getByRole('button', { name: /^[A-M]\d / }).first()).toContainText('K1')
  await page.keyboard.type('k1')
  await page.keyboard.press('Enter')
  await expect(page.locator('tr[data-slot=rodEnd]')).toContainText('POS16')
  await expect(page.locator('tr[data-slot=jamNut]')).toContainText('jam nut M16x2')
  for (const slot of ['pin', 'nut']) {
    await page.locator(`#line-${slot}`).click()
    await page.getByRole('button', { name: 'reuse old part' }).click()
  }
  await expect(page.getByTestId('kit-state')).toHaveText('Complete')
  await saved(page)
  await page.goto(`/jobs/${id}/fit`)
  await expect(page.getByText('No seat of this kit is judged here')).toBeVisible()
  await page.goto(`/jobs/${id}/plan`)
  await expect(page.getByText('screwed on by the turns that were counted').first()).toBeVisible()
  expect(designations(await close(page, id))).toEqual(expect.arrayContaining(['POS16', 'jam nut M16x2']))
})

test('a driven hub with five bearings, each decided in its place, left closed and found again by its part', async ({
  page,
}) => {
  const id = await takeIn(page, `Swan boat, driven hub ${mark}`, `Swan boat ${mark}`, 'driven hub')
  await page.goto(`/jobs/${id}/kit`)
  await page.getByRole('button', { name: /^B3/ }).click()
  await expect(page.getByTestId('kit-state')).toContainText('missing')
  await page.goto(`/jobs/${id}/identify`)
  await decide(page, '6904-2RS')
  await page.goto(`/jobs/${id}/identify`)
  await addBearing(page, 'carrierInner')
  await decide(page, '6804-2RS')
  await page.goto(`/jobs/${id}/identify`)
  await page.getByLabel('Called').fill('shellLeft')
  await saved(page)
  await page.goto(`/jobs/${id}/kit`)
  // Each pair is like its neighbour until it is measured: five bearings of two sizes.
  await expect(page.locator('tr', { hasText: '6904-2RS' })).toHaveCount(2)
  await expect(page.locator('tr', { hasText: '6804-2RS' })).toHaveCount(3)
  await page.getByLabel('Sleeve length').fill('9')
  for (const slot of ['endCapLeft', 'endCapRight', 'axle']) {
    await page.locator(`#line-${slot}`).click()
    await page.getByRole('button', { name: 'reuse old part' }).click()
    await expect(page.locator(`tr[data-slot=${slot}]`)).toHaveAttribute('data-state', 'filled')
  }
  await expect(page.getByTestId('kit-state')).toHaveText('Complete')
  await saved(page)
  await page.goto(`/jobs/${id}/plan`)
  await expect(page.getByText('Dismantling').first()).toBeVisible()
  const steps = await page.locator('main').innerText()
  const order = [
    'hub shell bearing, left',
    'axle:',
    'hub shell bearing, drive side',
    'carrier bearing, stacked',
    'sleeve in the carrier',
    'carrier bearing, outer',
  ]
  const fitting = steps.slice(steps.indexOf('Fitting')).toLowerCase()
  const indexes = order.map((label) => fitting.indexOf(label))
  expect(indexes, order.join(' < ')).not.toContain(-1)
  expect(indexes).toEqual([...indexes].sort((a, b) => a - b))
  const parts = await close(page, id)
  expect(parts.filter((p) => /^6[89]04/.test(p.designation))).toHaveLength(5)
  const uses = await page.request.get('/api/parts/machines?designation=6804DDU')
  expect(((await uses.json()) as { uses: { machine: string }[] }).uses.map((u) => u.machine)).toContain(
    `Swan boat ${mark}`,
  )
})

test('a job with two positions, each to its own record; one of them comes back', async ({ page }) => {
  const left = await takeIn(page, `Mangle ${mark}`, `Mangle ${mark}`, 'left roller')
  await page.goto(`/jobs/${left}/identify`)
  await decide(page, '6002-2RS')
  await page.goto(`/jobs/${left}/kit`)
  await page.getByRole('button', { name: /^B1/ }).click()
  await expect(page.locator('tr[data-slot=bearingLeft]')).toContainText('6002-2RS')
  await saved(page)
  const rail = page.getByRole('region', { name: 'Positions of this job' })
  await rail.getByRole('button', { name: '+ position' }).press('Enter')
  await page.keyboard.type('right roller')
  await page.keyboard.press('Enter')
  await page.waitForURL((url) => url.pathname.endsWith('/kit') && !url.pathname.includes(`/${left}/`))
  const right = idOf(page)
  await expect(page.locator('tr[data-slot=bearingRight]')).toContainText('6002-2RS')
  await expect(rail.getByRole('link')).toHaveText([/left roller/, /right roller/])
  // The right one turns out to be another bearing; the left one keeps its own.
  await page.goto(`/jobs/${right}/identify`)
  await decide(page, '6202-2RS')
  await page.goto(`/jobs/${right}/kit`)
  await expect(page.locator('tr[data-slot=bearingLeft]')).toContainText('6202-2RS')
  await rail.getByRole('link', { name: /left roller/ }).click()
  await page.waitForURL(`**/jobs/${left}/kit`)
  await expect(page.locator('tr[data-slot=bearingLeft]')).toContainText('6002-2RS')
  expect(designations(await close(page, left))).toContain('6002-2RS')
  await page.goto(`/jobs/${right}/record`)
  await expect(page.getByText('left roller (closed), right roller (open)')).toBeVisible()
  await expect(page.getByRole('link', { name: 'Order for all positions' })).toBeVisible()

  // A month later the left one hums again.
  const { machineId, positionId } = (await (await page.request.get(`/api/jobs/${left}`)).json()) as {
    machineId: number
    positionId: number
  }
  const opened = await page.request.post('/api/jobs', {
    data: { title: 'Hums again', machineId, positionId },
  })
  const again = ((await opened.json()) as { id: number }).id
  await page.goto(`/jobs/${again}`)
  await page.getByRole('button', { name: `Job ${left}, closed` }).click()
  await page.getByRole('button', { name: 'free of charge' }).click()
  await saved(page)
  await page.goto(`/jobs/${again}/record`)
  await expect(page.getByText(`of job ${left}, free of charge`).first()).toBeVisible()
  await page.goto(`/jobs/${left}/record`)
  await page.getByRole('link', { name: `job ${again}` }).click()
  await page.waitForURL(`**/jobs/${again}/record`)
})

test.describe('by touch', () => {
  test.use({ hasTouch: true })
  test('an own arrangement with an own-list part, from the editor to the register', async ({ page }) => {
    const bore = (21 + (Number(mark) % 37) / 10 + 0.03).toFixed(2)
    const code = `g${mark}`.slice(0, 12)
    await page.goto('/arrangements')
    await page.getByLabel('Code').fill(code)
    await page.getByLabel('What it is').fill('Gate roller with a felt ring')
    await page.getByRole('button', { name: 'Add a place' }).tap()
    await page.getByLabel('Name of place 1').fill('Felt ring')
    await pick(page, 'Place 1 stands after', 'after bearing, left')
    await page.getByRole('button', { name: 'Move place 1 toward the outside' }).tap()
    await expect(page.getByRole('combobox', { name: 'Place 1 stands after' })).toHaveText('after spacer tube')
    await expect(page.getByTestId('arrangement-drawn').locator('svg')).toBeVisible()
    await page.getByRole('button', { name: 'Save', exact: true }).tap()
    await expect(page.locator('footer')).toContainText(`${code} saved`)

    const id = await takeIn(page, `Gate roller ${mark}`, `Gate ${mark}`, 'upper roller')
    await page.goto(`/jobs/${id}/identify`)
    await page.fill('#stamp', `QX-${letters}`)
    for (const [field, text] of [
      ['bore', bore],
      ['outside', '49.6'],
      ['width', '15.7'],
    ] as const)
      await page.fill(`#${field}`, text)
    await expect(page.getByText('Not listed')).toBeVisible()
    await page.getByRole('button', { name: /own part/i }).tap()
    await page.waitForURL(/cross-reference/)
    await saved(page)
    await page.goto(`/jobs/${id}/kit`)
    await page.getByRole('button', { name: new RegExp(`^${code}`) }).tap()
    await expect(page.locator('tr[data-slot=bearingLeft]')).toContainText(`QX-${letters}`)
    await expect(page.locator('tr[data-slot=bearingRight]')).toContainText(`QX-${letters}`)
    await page.getByLabel('Between rings').fill('40')
    await expect(page.locator('tr[data-slot=spacerTube]')).toContainText(`${bore} bore × 40 long`)
    await page.locator('#line-feltRing').tap()
    await page.getByLabel('Number for Felt ring').fill('felt 3 mm')
    await page.getByRole('button', { name: 'Set', exact: true }).tap()
    for (const slot of ['sealLeft', 'sealRight']) {
      await page.locator(`#line-${slot}`).tap()
      await page.getByRole('button', { name: 'not fitted here' }).tap()
      await page.getByLabel('Why there is none').fill('a felt ring instead')
      await page.getByRole('button', { name: 'None', exact: true }).tap()
      await expect(page.locator(`#line-${slot}`)).toHaveCount(0)
    }
    await page.locator('#line-wheelSpacerLeft').tap()
    await page.getByRole('button', { name: 'reuse old part' }).tap()
    await page.locator('#line-wheelSpacerRight').tap()
    await page.getByRole('button', { name: 'reuse old part' }).tap()
    await expect(page.getByTestId('kit-state')).toHaveText('Complete')
    await saved(page)
    // The own part goes on: grease, fits and plan know its sizes.
    await page.goto(`/jobs/${id}/fit`)
    await expect(page.getByLabel('Seat', { exact: true })).toContainText(`QX-${letters}`)
    await page.getByRole('tab', { name: 'Grease', exact: true }).tap()
    await expect(page.getByTestId('grease')).toBeVisible()
    await page.goto(`/jobs/${id}/plan`)
    await expect(page.getByText(`QX-${letters}`).first()).toBeVisible()
    const parts = await close(page, id)
    expect(designations(parts).filter((d) => d === `QX-${letters}`)).toHaveLength(2)
    expect(designations(parts)).toEqual(expect.arrayContaining(['felt 3 mm', `${bore} bore × 40 long`]))
  })
})
