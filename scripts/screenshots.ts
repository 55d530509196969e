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

const jobs = (await (await fetch(`${ADDRESS}/api/jobs`)).json()) as Job[]
const job = (words: string): string => {
  const found = jobs.find((j) => j.title.includes(words))
  if (!found) throw new Error(`The demo job “${words}” is not there`)
  return `/jobs/${found.id}`
}

const VIEWS: [string, string, ((page: Page) => Promise<void>)?][] = [
  ['jobs', '/'],
  ['take-in', job('coach 2')],
  ['identify', `${job('coach 2')}/identify`],
  ['identify-not-listed', `${job('Capstan')}/identify`],
  ['cross-reference', `${job('trolley')}/cross-reference`],
  ['kit-tapered-pair', `${job('coach 1')}/kit`],
  ['kit-axle', `${job('Carousel')}/kit`, async (page) => page.click('#line-snapRing')],
  ['part-sheet', `/parts/${encodeURIComponent('L68149/L68110')}`],
  ['trap-laid-over', '/parts/6205', async (page) => page.getByRole('button', { name: /^Lay 1641/ }).click()],
  [
    'seals',
    '/seals?shaft=35&housing=52&width=8&rpm=1450&temperatureC=60&medium=water',
    async (page) => page.getByTestId('seal-answer').waitFor(),
  ],
  [
    'fits',
    '/fits?designation=6206-2RS',
    async (page) => {
      await page.getByRole('button', { name: 'outer, in its bore' }).click()
      await page
        .getByLabel(/The seat as measured/)
        .fill('12 61.975 front\n3 61.972 front\n6 61.976 front\n9 61.990 front\n12 61.970 back')
      await page.getByTestId('seat').waitFor()
    },
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
    'campaign',
    '/campaign',
    async (page) => {
      await page.getByLabel('Times: Land train, coach 1').fill('3')
      await page.getByLabel('Times: Carousel').fill('12')
      await page.getByRole('cell', { name: '6205-2RS' }).waitFor()
    },
  ],
  ['record', `${job('Coin pusher')}/record`],
  ['machines', '/machines'],
  ['catalogue', '/catalogue?family=deep-groove', async (page) => page.click('button:text-is("62")')],
  [
    'list-taken-in',
    '/lists',
    async (page) => {
      await page.setInputFiles('input[type=file]', {
        name: 'Pier store, autumn count.csv',
        mimeType: 'text/csv',
        buffer: Buffer.from(LIST),
      })
      await page.getByRole('region', { name: 'First rows' }).waitFor()
    },
  ],
  [
    'tray',
    '/tray',
    async (page) => {
      await page.setInputFiles('input[type=file]', {
        name: 'tray.csv',
        mimeType: 'text/csv',
        buffer: Buffer.from(TRAY),
      })
      await page.getByText('rows identified').waitFor()
    },
  ],
]

const LIST = `Article;d;D;B;On hand
6205-2RS1;25;52;15;26
6205 DDU;25;52;15;4
6203/C3;17;40;12;8
6204;20;42;12;3
UC205-16;1 in;52;;3
Winch drum bush 3;38,4;57,9;24,2;2
Carousel crown roller;17,2;58,8;21,5;5
Half a number;;;;1
L44643;;;;4
`

const TRAY = `ref,stamp,bore,outside,width,unit,condition,element
carousel roller 12,6205-2RS,25,52,15,mm,used,ball
coach 2 outer,L446?0,0.99,1.98,,in,worn,taperedRoller
turnstile 3,,12,18,4,mm,used,ball
organ blower,62?3 ZZ,,,,,used,ball
pump drive end,,25.01,61.98,17.02,mm,used,ball
kiosk shutter,,1,2,9/16,in,used,ball
capstan idler,,19.3,44.4,13.2,mm,worn,
mat conveyor,UC20S-16,,,,,used,
cart castor,,1Z,28,8,mm,used,ball
`

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
