/** One current picture of each main view, from demo data, at 1280 x 800. Needs a running ./start. */
import { mkdirSync } from 'node:fs'
import { chromium, type Page } from '@playwright/test'
import { BROWSER_ARGS, CHROMIUM } from '../tests/support/browser'

const ADDRESS = process.env['AMBER_URL'] ?? 'http://127.0.0.1:3000'
const FOLDER = process.env['SHOTS'] ?? 'docs/screenshots'

interface Job {
  id: number
  title: string
}

const { items: jobs } = (await (await fetch(`${ADDRESS}/api/jobs?limit=200`)).json()) as { items: Job[] }
const job = (title: string): string => {
  const found = jobs.find((j) => j.title.includes(title))
  if (!found) throw new Error(`The demo job “${title}” is not there`)
  return `/jobs/${found.id}`
}

const VIEWS: [string, string, ((page: Page) => Promise<void>)?][] = [
  ['bench', '/'],
  ['take-in', job('coach 2')],
  ['identify', `${job('coach 2')}/identify`, async (page) => page.getByTestId('leader').waitFor()],
  [
    'not-listed',
    '/identify',
    async (page) => {
      await page.fill('#stamp', 'XJ88-42K')
      for (const [field, text] of [
        ['bore', '31.3'],
        ['outside', '66.6'],
        ['width', '19.7'],
      ] as const)
        await page.fill(`#${field}`, text)
      await page.getByText('Not listed').waitFor()
    },
  ],
  ['cross-reference', `${job('trolley')}/cross-reference`],
  ['kit-tapered-pair', `${job('coach 1')}/kit`],
  ['compare', `${job('trolley')}/compare`, async (page) => page.getByTestId('comparison').waitFor()],
  ['inspect', `${job('coach 1')}/inspect`, async (page) => page.getByTestId('causes').waitFor()],
  ['fit', `${job('hauler')}/fit`, async (page) => page.getByTestId('distribution').waitFor()],
  ['plan', `${job('hauler')}/plan`, async (page) => page.getByTestId('tools').waitFor()],
  [
    'convert',
    '/convert',
    async (page) => {
      await page.getByRole('radio', { name: 'tapered to ball' }).click()
      await page.getByLabel('Shaft').first().fill('25')
      await page.getByLabel('Bore').first().fill('52')
      await page.getByLabel('Width').first().fill('16.25')
      await page.getByLabel('Radial, kN').fill('0.8')
      await page.getByTestId('changes').waitFor()
    },
  ],
  ['part-sheet', `/parts/${encodeURIComponent('L68149/L68110')}`],
  [
    'seals',
    '/seals?shaft=35&housing=52&width=8&rpm=1450&temperatureC=60&medium=water',
    async (page) => page.getByTestId('seal-answer').waitFor(),
  ],
  ['store', '/store', async (page) => page.click('button:text-is("LM12749")')],
  [
    'orders',
    `/orders?jobs=${job('coach 1').split('/')[2]}x3`,
    async (page) => {
      await page.getByLabel('Part 3', { exact: true }).waitFor()
      await page.getByRole('button', { name: 'Ask for prices' }).click()
      await page.getByRole('button', { name: /^Order from/ }).waitFor()
    },
  ],
  [
    'logbook',
    '/logbook?tab=service',
    async (page) => page.getByRole('img', { name: 'Share still in service by days' }).waitFor(),
  ],
  ['record', `${job('Coin pusher')}/record`],
  ['machines', '/machines'],
  ['catalogue', '/catalogue?family=deep-groove', async (page) => page.click('button:text-is("62")')],
]

mkdirSync(FOLDER, { recursive: true })
const wanted = process.argv.slice(2)
const browser = await chromium.launch({ executablePath: CHROMIUM, args: BROWSER_ARGS })
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
page.on('console', (message) => message.type() === 'error' && console.log('console:', message.text()))
page.on('pageerror', (error) => console.log('page:', error.message))
for (const [name, path, act] of VIEWS) {
  if (wanted.length > 0 && !wanted.includes(name)) continue
  await page.goto(ADDRESS + path, { waitUntil: 'networkidle' })
  await act?.(page)
  await page.waitForTimeout(300)
  await page.screenshot({ path: `${FOLDER}/${name}.png` })
  console.log(`  ${name}`)
}
await browser.close()
