import { expect, test, type Page } from '@playwright/test'
import sharp from 'sharp'
import { saved } from '../support/page'
import { mark } from '../support/mark'

async function newJob(page: Page, title: string): Promise<string> {
  const made = await page.request.post('/api/jobs', { data: { title } })
  return String(((await made.json()) as { id: number }).id)
}

test('two windows on one job, one cut off: the other overwrites nothing, and what was left is taken up again', async ({
  context,
}) => {
  const [cutOff, other] = [await context.newPage(), await context.newPage()]
  const id = await newJob(cutOff, 'Deckchair trolley, two windows')
  for (const page of [cutOff, other]) await page.goto(`/jobs/${id}`)
  // Only this window loses its server.
  await cutOff.route('**/api/jobs/*', (route) => route.abort())
  await cutOff.getByLabel('Note').fill('squeals when it is wet')
  await expect(cutOff.locator('footer')).toContainText('No connection to the server')
  await other.goto(`/jobs/${id}/identify`)
  await other.locator('#stamp').fill('6004')
  await saved(other)
  // Still open: its draft is its own, and no other window takes it.
  await other.reload()
  await expect(other.getByText('changed on another screen')).toHaveCount(0)
  await other.goto('/')
  await expect(other.getByRole('link', { name: /^All jobs/ }).first()).toBeVisible()
  await expect(other.getByText('Not stored yet')).toHaveCount(0)
  await cutOff.close()
  // The bench tells of it: nobody else would know.
  await other.reload()
  await other
    .getByLabel('Not stored yet')
    .getByRole('link', { name: `Job ${id}` })
    .click()
  await expect(other.getByLabel('Note')).toHaveValue('squeals when it is wet')
  await other.getByRole('button', { name: 'Keep mine, overwrite theirs' }).click()
  await saved(other)
  const stored = (await (await other.request.get(`/api/jobs/${id}`)).json()) as {
    intake: { note: string }
    evidence: { stamps: { text: string }[] }
  }
  expect(stored).toMatchObject({
    intake: { note: 'squeals when it is wet' },
    evidence: { stamps: [{ text: '6004' }] },
  })
})

test('a change of more than 64 kB leaves the browser', async ({ page }) => {
  const id = await newJob(page, 'Carousel, a long story')
  await page.goto(`/jobs/${id}/fit`)
  await page.evaluate(([key, draft]) => localStorage.setItem(key, draft), [
    `amber-socket.job.${id}.a-window-that-is-closed`,
    JSON.stringify({
      version: 1,
      at: 0,
      patch: {
        fitting: {
          fields: Object.fromEntries(
            Array.from({ length: 180 }, (_, i) => [`note.${i}`, `${i} `.padEnd(390, 'x')]),
          ),
        },
      },
    }),
  ] as const)
  const sent = page.waitForRequest((request) => request.method() === 'PATCH')
  await page.goto(`/jobs/${id}`)
  expect((await sent).postData()?.length).toBeGreaterThan(64 * 1024)
  await saved(page)
})

test('a move whose answer was lost is booked once, however often it is pressed', async ({ page }) => {
  const name = `Ferry ramp roller ${[...String(Date.now())].map((f) => 'ABCDEFGHIJ'[Number(f)]).join('')}`
  await page.request.post('/api/stock', { data: { designation: name, bin: 'E3', quantity: 10 } })
  await page.goto('/store')
  await page.getByLabel('Filter items').fill(name)
  await expect(page.getByRole('row')).toHaveCount(2)
  await page.getByRole('button', { name }).click()
  await page.getByLabel('Pieces', { exact: true }).fill('3')
  await page.route('**/moves', async (route) => {
    await route.fetch()
    await route.abort()
  })
  const record = page.getByRole('button', { name: 'Record' })
  await record.click()
  await expect(page.getByText('No connection to the server')).toBeVisible()
  await page.unroute('**/moves')
  const answered = page.waitForResponse((response) => response.url().endsWith('/moves'))
  await record.click()
  expect((await answered).status()).toBe(201)
  await expect(page.getByText('free of 7')).toBeVisible()
  const found = await page.request.get(`/api/stock?q=${encodeURIComponent(name)}`)
  expect(await found.json()).toMatchObject({ items: [{ quantity: 7 }] })
})

test('times are those of the shop, and say so', async ({ page }) => {
  const id = await newJob(page, 'Tide gate, by the clock')
  const settings = (await (await page.request.get('/api/settings')).json()) as { timeZone: string }
  const shown = async (timeZone: string) => {
    await page.request.put('/api/settings', { data: { ...settings, timeZone } })
    await page.goto(`/jobs/${id}/record`)
    await expect(page.getByText(`Times in ${timeZone}`)).toBeVisible()
    const time = page.locator('time').last()
    return [await time.getAttribute('datetime'), await time.textContent()] as const
  }
  try {
    const [at, east] = await shown('Pacific/Kiritimati')
    const [, utc] = await shown('UTC')
    expect(utc).toBe(at?.slice(0, 16).replace('T', ' '))
    // Fourteen hours ahead (IANA time zone database).
    const there = new Date(Date.parse(at ?? '') + 14 * 3_600_000).toISOString()
    expect(east).toBe(there.slice(0, 16).replace('T', ' '))
  } finally {
    await page.request.put('/api/settings', { data: settings })
  }
})

test.describe('what was seen last', () => {
  test.use({ serviceWorkers: 'allow' })
  test('is readable while the server is away, says so, and is not mistaken for the present', async ({
    page,
    context,
  }) => {
    await page.goto('/machines')
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined))
    // The first load came before there was anybody to keep it.
    await page.reload()
    await expect(page.getByRole('heading', { name: 'Machine register' })).toBeVisible()
    await context.setOffline(true)
    await page.reload()
    await expect(page.getByRole('heading', { name: 'Machine register' })).toBeVisible()
    await expect(page.getByText('This is the page as it was')).toBeVisible()
    await context.setOffline(false)
    await expect(page.getByText('This is the page as it was')).toHaveCount(0)
  })
})

test('what is typed on screens without a job outlives a reload, and is gone once the server has it', async ({
  page,
}) => {
  const title = `Shutter drum ${mark()}`
  const typedIn = async (path: string, label: string, text: string): Promise<void> => {
    await page.goto(path)
    await page.getByLabel(label, { exact: true }).first().fill(text)
    await page.reload()
    await expect(page.getByLabel(label, { exact: true }).first()).toHaveValue(text)
  }
  await typedIn('/store', 'Number', 'Gate pivot new')
  await typedIn('/fits', 'Bearing', '6206-2RS')
  await typedIn('/convert', 'Between shoulders', '40')
  await typedIn('/jobs/new', 'What came in', title)
  await page.getByRole('button', { name: 'Open the job' }).click()
  await page.waitForURL(/\/jobs\/\d+$/)
  await page.goto('/jobs/new')
  await expect(page.getByLabel('What came in')).toHaveValue('')
})

test('what is typed while the first save is on its way does not take a decided bearing out of its place', async ({
  page,
  request,
}) => {
  const { id, version } = (await (
    await request.post('/api/jobs', { data: { title: `Slow line ${mark()}` } })
  ).json()) as { id: number; version: number }
  const decision = { designation: 'L68149/L68110', base: 'L68149/L68110', probability: null }
  await request.patch(`/api/jobs/${id}`, { data: { version, decision } })
  await page.route(`**/api/jobs/${id}`, async (route) => {
    if (route.request().method() === 'PATCH') await new Promise((later) => setTimeout(later, 1500))
    await route.continue()
  })
  await page.goto(`/jobs/${id}/kit`)
  await page.getByRole('button', { name: /^A1/ }).click()
  await page.waitForTimeout(700)
  await page.getByLabel('Wheel ends').fill('4')
  await expect(page.locator('footer').getByText(/Saved/)).toBeVisible({ timeout: 15_000 })
  const { kit } = (await (await request.get(`/api/jobs/${id}`)).json()) as {
    kit: { positions: number; parts: Record<string, string> }
  }
  expect(kit.positions).toBe(4)
  expect(kit.parts['innerBearing']).toBe('L68149/L68110')
  await expect(page.locator('tr[data-slot=innerCone]')).toContainText('L68149')
})

test('two windows on the settings: each another field, both stand; one field, the second chooses', async ({
  context,
}) => {
  const [one, two] = [await context.newPage(), await context.newPage()]
  const name = (page: Page) => page.getByLabel('Name of the shop')
  const days = (page: Page) => page.getByLabel('A quote holds, days')
  const save = async (page: Page) => {
    await page.getByRole('button', { name: 'Save' }).click()
    await expect(page.locator('footer')).toContainText('saved')
    await expect(page.locator('footer')).not.toContainText('not saved')
  }
  const before: unknown = await (await one.request.get('/api/settings')).json()
  for (const page of [one, two]) {
    await page.goto('/settings')
    await expect(name(page)).toBeVisible()
  }
  const shop = `Boat shed ${mark()}`
  await name(one).fill(shop)
  await save(one)
  await days(two).fill('41')
  await save(two)
  await expect(name(two)).toHaveValue(shop)
  await days(one).fill('50')
  await one.getByRole('button', { name: 'Save' }).click()
  await expect(one.getByText(/Somebody else saved this meanwhile/)).toBeInViewport()
  await expect(one.getByRole('button', { name: 'Save' })).toBeInViewport({ ratio: 1 })
  await expect(days(one)).toHaveValue('50')
  await one.getByRole('button', { name: /Discard/ }).click()
  await expect(days(one)).toHaveValue('41')
  await one.request.put('/api/settings', { data: before })
})

/** A picture of one colour, as a telephone would send it. */
const picture = (name: string) =>
  sharp({ create: { width: 64, height: 48, channels: 3, background: '#a06030' } })
    .jpeg()
    .toBuffer()
    .then((buffer) => ({ name, mimeType: 'image/jpeg', buffer }))

test('photographs wait in the browser while the server is away, over a reload, and arrive once', async ({
  page,
}) => {
  const id = await newJob(page, 'Ferry ramp photographs')
  const stored = async () => {
    const { photos } = (await (await page.request.get(`/api/jobs/${id}/photos`)).json()) as {
      photos: { name: string }[]
    }
    return photos.map(({ name }) => name).sort()
  }
  await page.goto(`/jobs/${id}/record`)
  const waiting = page.getByText(/waits? in this browser/)
  const upload = page.getByLabel('Photograph', { exact: true })
  // No answer comes: of the first the server knows nothing, of the second it does.
  await page.route('**/photos?*', async (route) => {
    if (route.request().url().includes('second')) await route.fetch()
    await route.abort()
  })
  await upload.setInputFiles(await picture('first.jpg'))
  await expect(page.getByText('One photograph waits in this browser until the server answers.')).toBeVisible()
  await upload.setInputFiles(await picture('second.jpg'))
  await expect(page.getByText('2 photographs wait')).toBeVisible()
  await page.reload()
  await expect(page.getByText('2 photographs wait')).toBeVisible()
  await expect(page.getByRole('img', { name: 'first.jpg, not sent yet' })).toHaveJSProperty(
    'naturalWidth',
    64,
  )
  // Told on the bench too, and sent from there.
  await page.goto('/')
  await expect(page.getByRole('region', { name: 'Not stored yet' }).getByRole('link')).toHaveText(`Job ${id}`)
  // What one window sends is told to the other.
  const other = await page.context().newPage()
  await other.route('**/photos?*', (route) => route.abort())
  await other.goto(`/jobs/${id}/record`)
  await expect(other.getByText('2 photographs wait')).toBeVisible()
  await page.unroute('**/photos?*')
  await page.reload()
  await expect(other.getByText(/waits? in this browser/)).toHaveCount(0)
  await other.close()
  await expect.poll(stored).toEqual(['first.jpg', 'second.jpg'])
  await page.goto(`/jobs/${id}/record`)
  await expect(page.getByRole('button', { name: /^Open record, first.jpg/ })).toBeVisible()
  await expect(waiting).toHaveCount(0)
  // What is no picture is refused at once, and does not stay.
  await upload.setInputFiles({ name: 'notes.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('no picture') })
  await expect(page.getByText(/notes.jpg: This is no picture/)).toBeVisible()
  await expect(waiting).toHaveCount(0)
  expect(await stored()).toHaveLength(2)
})
