/**
 * First and largest paint and shifts of every screen, opened cold by a slow tablet on a slow network, in headless Chromium, beside a page
 * that says only that nothing is there. Needs a running ./start with its demo. Run with `npm run bench:paint`, or with paths behind it.
 */
import { chromium, type Browser } from '@playwright/test'
import { STAGE_PATHS } from '@/contract/choices'
import { BROWSER_ARGS, CHROMIUM } from '../tests/support/browser'
import { NOT_FOUND, SCREENS } from '../tests/support/screens'

const ADDRESS = process.env['AMBER_URL'] ?? 'http://127.0.0.1:3000'
const SLOWER = 4
const NETWORK = { offline: false, latency: 150, downloadThroughput: 200_000, uploadThroughput: 94_000 }
/** What a page does after this long is no part of its opening. */
const WATCHED_MS = 6000

interface Paint {
  first: number
  largest: number
  shift: number
}

async function paintOf(browser: Browser, path: string): Promise<Paint> {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } })
  const page = await context.newPage()
  const devTools = await context.newCDPSession(page)
  await devTools.send('Network.enable')
  await devTools.send('Network.emulateNetworkConditions', NETWORK)
  await devTools.send('Emulation.setCPUThrottlingRate', { rate: SLOWER })
  await page.addInitScript(() => {
    const seen = { largest: 0, shift: 0 }
    Object.assign(window, { seen })
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries()) seen.largest = entry.startTime
    }).observe({ type: 'largest-contentful-paint', buffered: true })
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries()) seen.shift += (entry as unknown as { value: number }).value
    }).observe({ type: 'layout-shift', buffered: true })
  })
  await page.goto(ADDRESS + path)
  await page.waitForTimeout(WATCHED_MS)
  const paint = await page.evaluate(() => ({
    first: performance.getEntriesByName('first-contentful-paint')[0]?.startTime ?? NaN,
    ...(window as unknown as { seen: { largest: number; shift: number } }).seen,
  }))
  await context.close()
  return paint
}

/** A demo job with its kit, stage by stage. */
async function stagePaths(): Promise<string[]> {
  const { items } = (await (await fetch(`${ADDRESS}/api/jobs?limit=200`)).json()) as {
    items: { id: number; title: string }[]
  }
  const id = items.find(({ title }) => title.includes('coach 1'))?.id
  return id === undefined ? [] : Object.values(STAGE_PATHS).map((path) => `/jobs/${id}${path}`)
}

const chosen = process.argv.slice(2)
const paths = chosen.length > 0 ? chosen : [...SCREENS, ...(await stagePaths())]
const browser = await chromium.launch({ executablePath: CHROMIUM, args: BROWSER_ARGS })
for (const path of [...NOT_FOUND.slice(-1), ...paths]) {
  const { first, largest, shift } = await paintOf(browser, path)
  console.log(
    `${path.slice(0, 40).padEnd(42)}first ${first.toFixed(0).padStart(5)} ms, largest ${largest.toFixed(0).padStart(5)} ms, shift ${shift.toFixed(3)}`,
  )
}
await browser.close()
