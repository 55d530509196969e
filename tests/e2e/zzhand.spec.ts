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


async function put(page: Page, id: string, arr: string, lines: readonly (readonly [string, string])[]) {
  await page.goto(`/jobs/${id}/kit`); await page.waitForTimeout(1200)
  const pick = page.getByRole('button', { name: new RegExp('^' + arr) })
  if (await pick.count()) { await pick.first().click(); await page.waitForTimeout(1500) }
  for (const [line, text] of lines) {
    await page.locator(`#line-${line}`).click()
    await page.getByLabel(/^Number for/).fill(text)
    await page.keyboard.press('Enter')
    await page.waitForTimeout(900)
    const row = page.locator(`tr[data-slot=${line}]`)
    console.log(line, await row.getAttribute('data-state'), (await row.innerText()).replace(/\s+/g, ' '))
  }
  await saved(page)
}
test('hand K1', async ({ page }) => {
  test.setTimeout(180_000)
  const id = await takeIn(page, `Wash arm link ${mark}`, `Wash arm ${mark}`, 'link, lower end')
  await page.goto(`/jobs/${id}/identify`)
  await page.keyboard.press('s')
  await decide(page, 'SA17C')
  await put(page, id, 'K1', [['rodEnd', 'SI17C'], ['rodEnd', 'GE17C'], ['rodEnd', 'SA17C'], ['pin', 'M16x70 8.8'], ['nut', 'self-locking nut M16'], ['jamNut', 'M16']])
  await page.screenshot({ path: '/tmp/hk1.png' })
  await page.goto(`/jobs/${id}/inspect`); await page.waitForTimeout(1200)
  await page.locator('[data-damage=liningWorn]').click(); await page.locator('[data-damage=neckCracked]').click(); await page.waitForTimeout(1500)
  await page.screenshot({ path: '/tmp/hk2.png' })
  await page.goto(`/jobs/${id}/plan`); await page.waitForTimeout(1500)
  const t = (await page.locator('main').innerText()).replace(/\n+/g, ' | ')
  console.log(t.slice(t.indexOf('Fitting'), t.indexOf('Fitting') + 2500))
  console.log(JSON.stringify(await close(page, id)))
})
