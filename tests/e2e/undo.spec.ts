import { expect, test } from '@playwright/test'
import { mark } from '../support/mark'

test('a decision is undone by Ctrl Z, a reading by the button, and the fields show it', async ({
  page,
  request,
}) => {
  const { id } = (await (
    await request.post('/api/jobs', { data: { title: `Pier winch ${mark()}` } })
  ).json()) as { id: number }
  await page.goto(`/jobs/${id}/identify`)
  const saved = page.locator('footer').getByText(/Saved/)
  for (const [field, size] of [
    ['#bore', '40'],
    ['#outside', '80'],
    ['#width', '18'],
  ] as const)
    await page.locator(field).fill(size)
  await expect(page.getByTestId('leader')).toHaveText('6208')
  await expect(saved).toBeVisible()
  await page.keyboard.press('Control+Enter')
  await page.waitForURL(/cross-reference/)
  await expect(page.getByText('On this job: 6208')).toBeVisible()
  await expect(saved).toBeVisible()
  await page.locator('main').click({ position: { x: 2, y: 2 } })
  await page.keyboard.press('Control+z')
  await expect(page.getByText(/^Undone: Decided: 6208/)).toBeVisible()
  await expect(page.getByText('On this job: 6208')).toBeHidden()
  await page.goto(`/jobs/${id}/identify`)
  await expect(page.locator('#width')).toHaveValue('18')
  await page.getByRole('button', { name: 'Undo', exact: true }).click()
  await expect(page.getByText(/^Undone: Evidence changed/)).toBeVisible()
  await expect(page.locator('#width')).toHaveValue('')
})

test('a removed job is put back from the message or from the bin', async ({ page, request }) => {
  const title = `Boat hoist ${mark()}`
  const { id } = (await (await request.post('/api/jobs', { data: { title } })).json()) as { id: number }
  await page.goto(`/jobs/${id}/record`)
  await page.getByRole('button', { name: 'Remove the job' }).click()
  await page.waitForURL(/\/jobs$/)
  await page.getByRole('button', { name: 'Undo', exact: true }).click()
  await page.waitForURL(new RegExp(`/jobs/${id}`))
  await page.goto(`/jobs/${id}/record`)
  await page.getByRole('button', { name: 'Remove the job' }).click()
  await page.waitForURL(/\/jobs$/)
  await page.goto('/bin')
  await page.getByRole('button', { name: `Put back Job ${id}: ${title}` }).click()
  await expect(page.getByText(`Job ${id}: ${title} is back`)).toBeVisible()
  await page.goto(`/jobs/${id}/record`)
  await expect(page.getByRole('button', { name: 'Remove the job' })).toBeVisible()
})
