import { expect, test, type Page } from '@playwright/test'
import { noFaults, watch } from '../support/faultless'
import { open, pick, saved, settled } from '../support/page'

async function openJob(page: Page, title: string): Promise<string> {
  await page.goto('/jobs/new')
  await page.getByLabel('What came in').fill(title)
  await page.keyboard.press('Enter')
  await page.waitForURL(/\/jobs\/\d+$/)
  return page.url()
}

test('the whole path: evidence, candidate, interchange, kit, save, reload, PDF', async ({
  page,
  request,
}) => {
  const errors = watch(page)
  const job = await openJob(page, 'Land train, coach 3, rear axle')
  await page.getByRole('textbox', { name: 'Machine' }).fill('land train')
  await page.getByRole('button', { name: 'Promenade land train' }).click()
  await page.getByRole('button', { name: 'rumble' }).click()
  await noFaults(page)
  await page.getByRole('button', { name: 'Continue: identify' }).click()
  await page.waitForURL(/identify$/)

  // By keyboard alone: what rolls is seen, then one key to each field and Enter to the next.
  await page.getByRole('radio', { name: 'taper' }).click()
  await page.keyboard.press('s')
  await page.keyboard.type('L68149')
  await page.keyboard.press('Enter')
  await expect(page.locator('#bore')).toBeFocused()
  await page.keyboard.type('1.375')
  await page.keyboard.press('Enter')
  await page.keyboard.type('59,1')
  await page.keyboard.press('Enter')
  await page.keyboard.type('5/8"')
  await expect(page.getByTestId('leader')).toHaveText('L68149/L68110')
  await expect(page.getByRole('img', { name: 'L68149/L68110 in section, to scale' })).toBeVisible()
  await noFaults(page)

  // Typed evidence survives a reload.
  await saved(page)
  await page.reload()
  await expect(page.locator('#bore')).toHaveValue('1.375')
  await expect(page.getByTestId('leader')).toHaveText('L68149/L68110')

  await page.keyboard.press('Control+Enter')
  await page.waitForURL(/cross-reference$/)
  await expect(page.getByText('Cups that run with')).toBeVisible()
  await expect(page.getByRole('link', { name: 'L68111', exact: true })).toBeVisible()
  await noFaults(page)

  await page.getByRole('link', { name: 'Build the kit' }).click()
  await page.getByRole('button', { name: /^A1/ }).click()
  await page.getByLabel('Wheel ends').fill('4')
  // What is typed on a line is its number; W on it counts the wheel ends.
  await page.locator('#line-outerCone').click()
  await page.keyboard.press('w')
  await expect(page.getByLabel('Wheel ends')).toBeFocused()
  await page.locator('#line-outerCone').click()
  await page.keyboard.type('LM67048')
  await page.keyboard.press('Enter')
  await page.locator('#line-outerCone').click()
  // So it is after Enter: what was there is replaced.
  await page.keyboard.press('Enter')
  await page.keyboard.type('LM12749')
  await expect(page.getByLabel('Number for Outer cone')).toHaveValue('LM12749')
  await page.keyboard.press('Enter')
  await expect(page.getByLabel('Wheel ends')).toHaveValue('4')
  await page.locator('#line-outerCup').click()
  await page.getByRole('button', { name: 'LM12710', exact: true }).click()
  await expect(page.getByTestId('kit-state')).toHaveText('1 item missing')
  await expect(page.locator('tr[data-slot=seal]')).toHaveAttribute('data-state', 'gap')
  await page.getByLabel('Seal journal').fill('42')
  await page.getByLabel('Counterbore').fill('62')
  await expect(page.getByTestId('kit-state')).toHaveText('Complete')
  await expect(page.locator('tr[data-slot=innerCup]')).toContainText('L68110')
  await expect(page.locator('tr[data-slot=outerCup] td').nth(4)).toHaveText('4')
  await noFaults(page)

  // A cup of another series is refused with words.
  await page.locator('#line-innerCup').click()
  await page.getByLabel('Number for Inner cup').fill('LM11710')
  await page.keyboard.press('Enter')
  await expect(page.getByTestId('kit-state')).toContainText('in conflict')
  await expect(page.getByLabel('Place 3: Inner cup')).toContainText('LM11710 does not run with L68149')
  await page.getByLabel('Number for Inner cup').fill('L68110')
  await page.keyboard.press('Enter')
  await expect(page.getByTestId('kit-state')).toHaveText('Complete')

  await saved(page)
  await page.reload()
  await expect(page.getByTestId('kit-state')).toHaveText('Complete')
  await expect(page.getByLabel('Wheel ends')).toHaveValue('4')

  const href = await page.getByRole('link', { name: /Print pick list/ }).getAttribute('href')
  const pdf = await request.get(href ?? '')
  expect(pdf.status()).toBe(200)
  expect(pdf.headers()['content-type']).toBe('application/pdf')
  expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-')

  // The kit as files: CSV and JSON from the server, the drawing as SVG, the JSON read back in after a change.
  const csv = await request.get((await page.getByRole('link', { name: 'CSV' }).getAttribute('href')) ?? '')
  expect((await csv.text()).split('\n')).toHaveLength((await page.locator('tr[data-slot]').count()) + 2)
  const svg = page.waitForEvent('download')
  await page.getByRole('button', { name: 'SVG' }).click()
  expect((await svg).suggestedFilename()).toMatch(/kit\.svg$/)
  const file = await request.get((await page.getByRole('link', { name: 'JSON' }).getAttribute('href')) ?? '')
  await page.getByLabel('Wheel ends').fill('2')
  await page.setInputFiles('input[type=file]', {
    name: 'kit.json',
    mimeType: 'application/json',
    buffer: await file.body(),
  })
  await expect(page.getByLabel('Wheel ends')).toHaveValue('4')
  await page.setInputFiles('input[type=file]', {
    name: 'kit.json',
    mimeType: 'application/json',
    buffer: Buffer.from('{"format":"other"}'),
  })
  await expect(page.getByRole('alert').filter({ hasText: 'no kit file' })).toBeVisible()
  await saved(page)

  await page.goto(`${job}/record`)
  await expect(page.getByText('Decided: L68149/L68110')).toBeVisible()
  await noFaults(page)
  expect(errors).toEqual([])
})

test('a decided number with a stroke in it fills its places of the kit', async ({ page, request }) => {
  await openJob(page, 'Sweep hauler, tail shaft')
  const id = /jobs\/(\d+)/.exec(page.url())?.[1] ?? ''
  const decision = { designation: '22208EK/C3', base: '22208', probability: 1 }
  expect((await request.patch(`/api/jobs/${id}`, { data: { version: 1, decision } })).ok()).toBe(true)
  await page.goto(`/jobs/${id}/cross-reference`)
  // The letters stay; the clearance that is usual stands in under its condition.
  await expect(page.getByText('Internal clearance C3 → CN')).toBeVisible()
  await page.goto('/parts/HK1612')
  await expect(page.getByText('Order it with every letter')).toBeVisible()
  await page.goto(`/jobs/${id}/kit`)
  await page.getByRole('button', { name: /^G1/ }).click()
  await expect(page.locator('tr[data-slot=bearingLocating]')).toContainText('22208EK/C3')
  await expect(page.locator('tr[data-slot=bearingFloating]')).toContainText('22208EK/C3')
})

test('a bearing added beside a decided one opens to be identified, and each stands in its place of the kit', async ({
  page,
}) => {
  await openJob(page, 'Slipway trailer, left wheel')
  await page.goto(`${page.url()}/identify`)
  await page.keyboard.press('b')
  await page.keyboard.type('1 1/4 in')
  await page.keyboard.press('Enter')
  await page.keyboard.type('2.328 in')
  await expect(page.getByTestId('leader')).toHaveText('LM67048/LM67010')
  await page.keyboard.press('Control+Enter')
  await page.waitForURL(/cross-reference/)
  await saved(page)
  await page.getByRole('button', { name: '+ bearing' }).click()
  await page.keyboard.type('outer')
  await page.keyboard.press('Enter')
  await page.waitForURL(/identify\?bearing=/)
  await page.locator('#stamp').fill('LM11949/LM11910')
  await expect(page.getByTestId('leader')).toHaveText('LM11949/LM11910')
  await page.keyboard.press('Control+Enter')
  await page.waitForURL(/cross-reference/)
  await saved(page)
  await page.getByRole('link', { name: 'Build the kit' }).click()
  await page.getByRole('button', { name: /^A1/ }).click()
  await expect(page.locator('tr[data-slot=innerCone]')).toContainText('LM67048')
  await expect(page.locator('tr[data-slot=outerCone]')).toContainText('LM11949')

  // Enter goes on, and a size that cannot be read can be put right after the page was loaded anew.
  await page.getByLabel('Seal journal').fill('1.719 inn')
  await page.getByLabel('Seal journal').press('Enter')
  await expect(page.getByLabel('Counterbore')).toBeFocused()
  const refusal = page.getByRole('alert').filter({ hasText: 'Seal journal: “inn” is not a unit' })
  await expect(refusal).toBeVisible()
  await saved(page)
  await page.reload()
  await expect(refusal).toBeVisible()
  await page.getByLabel('Seal journal').fill('1.719 in')
  await page.keyboard.press('Enter')
  await page.keyboard.type('2.565 in')
  await expect(refusal).toBeHidden()
  await expect(page.getByLabel('Counterbore')).toHaveValue('2.565 in')
})

test('what is typed after another bearing was chosen is of that one, however slow the server is', async ({
  page,
  request,
}) => {
  const made = await request.post('/api/jobs', { data: { title: 'Paddle boat, stern gear' } })
  const { id, version } = (await made.json()) as { id: number; version: number }
  await request.post(`/api/jobs/${id}/bearings`, { data: { version, name: 'outer' } })
  await open(page, `/jobs/${id}/identify`)
  // No page that is asked for now is ever answered.
  await page.route('**/*_rsc=*', () => undefined)
  await page.getByRole('link', { name: 'outer' }).click()
  await expect(page.getByLabel('Called')).toHaveValue('outer')
  await page.keyboard.press('b')
  await page.keyboard.type('30')
  await saved(page)
  const { bearings } = (await (await request.get(`/api/jobs/${id}`)).json()) as {
    bearings: { name: string; evidence: unknown }[]
  }
  const typed = bearings.filter(({ evidence }) => JSON.stringify(evidence).includes('"30"'))
  expect(typed.map(({ name }) => name)).toEqual(['outer'])
})

test('the work of a screen that was gone to has the focus; the first Tab of a page skips to it', async ({
  page,
}) => {
  await openJob(page, 'Kiosk 4, shutter roller')
  await page
    .getByRole('button', { name: 'Continue: identify' })
    .or(page.getByRole('link', { name: 'Continue: identify' }))
    .click()
  await page.waitForURL(/identify$/)
  await expect(page.locator('main')).toBeFocused()
  await page.keyboard.press('b')
  await expect(page.locator('#bore')).toBeFocused()
  await page.getByRole('link', { name: 'Inspect' }).click()
  await expect(page.locator('main')).toBeFocused()
  await page.reload()
  await settled(page)
  await page.keyboard.press('Tab')
  await expect(page.getByRole('link', { name: 'Skip to the work' })).toBeFocused()
  await page.keyboard.press('Enter')
  await expect(page.locator('main')).toBeFocused()
})

test('nothing typed is lost while the server is away', async ({ page }) => {
  await openJob(page, 'Deckchair trolley 2')
  await page.goto(`${page.url()}/identify`)
  await page.locator('#stamp').fill('6902')
  await saved(page)
  await page.context().setOffline(true)
  await page.locator('#stamp').fill('6902-2RS')
  await expect(page.locator('footer')).toContainText('No connection to the server')
  await page.context().setOffline(false)
  await expect(page.locator('footer')).toContainText('Saved')
  await page.reload()
  await expect(page.locator('#stamp')).toHaveValue('6902-2RS')
})

test('what another screen changed beside ours is taken in; one thing changed twice is told, and both are to be had', async ({
  page,
  request,
}) => {
  await openJob(page, 'Kiosk 5')
  const id = /jobs\/(\d+)/.exec(page.url())?.[1] ?? ''
  const read = async () =>
    (await (await request.get(`/api/jobs/${id}`)).json()) as {
      version: number
      title: string
      intake: { note: string }
    }
  const other = await request.patch(`/api/jobs/${id}`, { data: { version: 1, title: 'Kiosk 5, shutter' } })
  expect(other.ok()).toBe(true)
  await page.getByLabel('Note').fill('Shutter drags')
  await saved(page)
  await expect(page.getByRole('banner')).toContainText('Kiosk 5, shutter')
  expect(await read()).toMatchObject({ title: 'Kiosk 5, shutter', intake: { note: 'Shutter drags' } })

  const { version, intake } = await read()
  const data = { version, intake: { ...intake, note: 'Shutter squeals' } }
  expect((await request.patch(`/api/jobs/${id}`, { data })).ok()).toBe(true)
  await page.getByLabel('Note').fill('Shutter drags and squeals')
  await expect(page.getByText('This job was changed on another screen.')).toBeVisible()
  await page.getByRole('button', { name: 'Keep mine, overwrite theirs' }).click()
  await saved(page)
  expect(await read()).toMatchObject({ intake: { note: 'Shutter drags and squeals' } })
})

test('bad input: words where it stands, the last answer stays', async ({ page }) => {
  await page.goto('/identify')
  await page.locator('#bore').fill('25')
  await page.locator('#outside').fill('52')
  await expect(page.getByTestId('leader')).toBeVisible()
  await page.locator('#outside').fill('5 2')
  await expect(page.locator('#outside-note')).toContainText('more than one size')
  await expect(page.getByTestId('leader')).toBeVisible()
  await page.locator('#outside').fill('20 mm')
  await expect(page.getByRole('alert').filter({ hasText: 'larger than the outside' })).toBeVisible()
  await page.locator('#bore').fill('25 mm')
  await page.locator('#outside').press('x')
  await expect(page.getByText('excluded, not counted')).toBeVisible()
  await expect(page.getByRole('alert').filter({ hasText: 'larger' })).toHaveCount(0)
  await page.locator('#stamp').fill('6'.repeat(300))
  await expect(page.locator('#stamp-note')).toContainText('at most 80 characters')
})

test('a look-up is a link, and can become a job', async ({ page }) => {
  await page.goto('/identify')
  for (const [label, text] of [
    ['#bore', '17'],
    ['#outside', '30'],
    ['#width', '7'],
  ] as const)
    await page.locator(label).fill(text)
  await page.locator('#stamp').fill('6903-RS')
  await expect(page.getByTestId('leader')).toHaveText('6903RS')
  await page.goto(page.url())
  await expect(page.getByTestId('leader')).toHaveText('6903RS')
  await page.getByRole('button', { name: /Create job/ }).click()
  await page.waitForURL(/jobs\/\d+\/cross-reference/)
  const better = page.getByRole('listitem').filter({ hasText: '6903-2RS' }).filter({ hasText: 'hub side' })
  await expect(better.first()).toBeVisible()
  await page.getByRole('button', { name: 'Use 6903-2RS', exact: true }).click()
  await expect(page.getByText('On this job: 6903-2RS')).toBeVisible()
})

test('an answer with more parts than are named says so: its shares come to a hundred', async ({ page }) => {
  await page.goto('/identify')
  await page.locator('#stamp').fill('62?-2RS')
  const answer = page.getByRole('region', { name: 'Answer' })
  await expect(answer.getByText('Other listed parts')).toBeVisible()
  await settled(page)
  const percentages = (await answer.innerText()).match(/\d+(?= %)/g) ?? []
  const sum = percentages.reduce((all, share) => all + Number(share), 0)
  // Each is rounded to a whole one.
  expect(Math.abs(sum - 100)).toBeLessThanOrEqual(percentages.length / 2)
  await page.locator('#bore').fill('9')
  await expect(page.getByTestId('leader')).toHaveText('629-2RS')
  await expect(answer.getByText('Other listed parts')).toBeHidden()
})

test('where a part sits, typed at Intake, becomes a position of the register before the job is closed', async ({
  page,
  request,
}) => {
  const machine = (await (
    await request.post('/api/machines', { data: { name: `Ghost train ${Date.now()}` } })
  ).json()) as { id: number; name: string }
  const job = (await (
    await request.post('/api/jobs', {
      data: {
        title: 'Door roller',
        machineId: machine.id,
        intake: { position: 'door roller', side: 'left' },
        decision: '629-2RS',
        kit: { arrangement: 'C2', parts: { bearingRear: '629-2RS', bearingFront: '629-2RS' } },
      },
    })
  ).json()) as { id: number }
  await page.goto(`/jobs/${job.id}/record`)
  await expect(page.getByText(`${machine.name}, door roller, left`)).toBeVisible()
  await page.getByRole('button', { name: `Add “door roller” to ${machine.name}` }).click()
  await expect(page.getByText('No position is chosen')).toBeHidden()
  await saved(page)
  const { positions } = (await (await request.get(`/api/machines/${machine.id}`)).json()) as {
    positions: { name: string; side: string }[]
  }
  expect(positions).toMatchObject([{ name: 'door roller', side: 'left' }])
})

test('every key stroke has its answer, and none is overtaken by an older one', async ({ page }) => {
  await page.goto('/identify')
  await page.locator('#bore').fill('25')
  for (const [outside, base] of [
    ['52', '6205'],
    ['62', '6305'],
    ['42', '6905'],
    ['37', '6805'],
    ['52', '6205'],
  ] as const) {
    await page.locator('#outside').fill('')
    await page.locator('#outside').pressSequentially(outside)
    await expect(page.getByTestId('leader')).toHaveText(base)
  }
})

test('a tray of unknowns: progress, answers, problems, a file to save', async ({ page }) => {
  await page.goto('/tray')
  const rows = [
    'ref,bore,outside,width',
    ...Array.from({ length: 450 }, (_, i) =>
      i === 7 ? 'row 7,2S,52,15' : `row ${i},25,${i % 2 ? '52,15' : '62,17'}`,
    ),
  ]
  await page.setInputFiles('input[type=file]', {
    name: 'tray.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(rows.join('\n')),
  })
  await expect(page.getByText('450 rows identified, 1 with a problem')).toBeVisible({ timeout: 30_000 })
  await expect(page.getByRole('row', { name: /row 7/ }).first()).toContainText('not a unit')
  await expect(page.getByRole('row', { name: /^row 1 / })).toContainText('6205')
  const saving = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save the answers' }).click()
  expect((await saving).suggestedFilename()).toBe('tray-identified.csv')
  await page.setInputFiles('input[type=file]', {
    name: 'no.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('a,b\n1,2\n'),
  })
  await expect(page.getByRole('alert').filter({ hasText: 'must name the columns' })).toBeVisible()
})

test('a stock list is looked at, taken in, found by its sizes and removed', async ({ page }) => {
  await page.goto('/lists')
  await page.setInputFiles('input[type=file]', {
    name: 'pier store.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(
      'Article;d;D;B;Stock\n6205-2RS1;25;52;15;4\n6205 DDU;25;52;15;1\nWinch bush;27,3;61,7;19,4;2\nHalf a number;;;;1\n',
    ),
  })
  const preview = page.getByRole('region', { name: 'First rows' })
  await expect(preview.getByRole('row', { name: /Winch bush/ })).toContainText('kept as your own')
  await expect(preview.getByRole('row', { name: /Half a number/ })).toContainText('in no plan we hold')
  await pick(page, 'Quantity', 'none')
  await page.getByLabel('Name of the list').fill('Pier store, spring count')
  await noFaults(page)
  await page.getByRole('button', { name: 'Import 4 rows' }).click()
  await expect(page.getByText('1 row names a part of the catalogue')).toBeVisible()
  await expect(page.getByRole('region', { name: 'Remarks' })).toContainText('Means the same as 6205-2RS1')
  await noFaults(page)
  await page.goto('/identify')
  await page.locator('#bore').fill('27.3')
  await page.locator('#outside').fill('61.7')
  await page.locator('#width').fill('19.4')
  await expect(page.getByTestId('leader')).toHaveText('Winch bush')
  await page.goto('/lists')
  await page.getByRole('button', { name: /Pier store, spring count/ }).click()
  await page.getByRole('button', { name: 'Remove the list' }).click()
  await expect(page.getByRole('button', { name: /Pier store, spring count/ })).toBeHidden()
})

test('the catalogue by family opens a part from its map', async ({ page }) => {
  await page.goto('/catalogue')
  await page.getByRole('link', { name: /^thrust ball bearing/ }).click()
  await page.getByRole('radio', { name: '512', exact: true }).click()
  await page.getByRole('link', { name: /^51206, bore 30/ }).click()
  await page.waitForURL(/parts\/51206/)
  await expect(page.getByRole('img', { name: '51206 in section, to scale' })).toBeVisible()
})

test('the palette finds parts, jobs and actions; ? shows the keys', async ({ page }) => {
  await page.goto('/')
  await page.keyboard.press('Control+k')
  await page.keyboard.type('6205-2RS')
  await page
    .getByRole('option', { name: /6205-2RS/ })
    .first()
    .click()
  await page.waitForURL(/parts\/6205-2RS/)
  await expect(page.getByText('contact seal on both sides').first()).toBeVisible()
  await page.keyboard.press('?')
  await expect(page.getByRole('dialog', { name: 'Keyboard shortcuts' })).toBeVisible()
  await page.keyboard.press('Escape')
  // A number that is not listed leads to what may be meant, never to a guess.
  await page.keyboard.press('Control+k')
  await page.keyboard.type('1609')
  await expect(page.getByRole('option', { name: /1601.*9 read as 1/ })).toBeVisible()
  await page.keyboard.press('Enter')
  await page.waitForURL(/parts\/1609/)
  await expect(page.getByRole('group', { name: 'Did you mean' })).toBeVisible()
})
