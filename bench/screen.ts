/** From key stroke to answer on the screen, in headless Chromium, on a running ./start. Run with `npx tsx bench/screen.ts`. */
import { chromium } from '@playwright/test'
import { BROWSER_ARGS, CHROMIUM } from '../tests/support/browser'

const ADDRESS = process.env['AMBER_URL'] ?? 'http://127.0.0.1:3000'
const ROUNDS = 40
const OUTSIDES = ['52', '62', '42', '37', '47']

const browser = await chromium.launch({ executablePath: CHROMIUM, args: BROWSER_ARGS })
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
await page.goto(`${ADDRESS}/identify`, { waitUntil: 'networkidle' })
await page.fill('#bore', '25')
await page.waitForSelector('[data-testid=leader]')
const took: number[] = []
for (let round = 0; round < ROUNDS; round++) {
  const text = OUTSIDES[round % OUTSIDES.length] ?? ''
  const ms = await page.evaluate(async (value) => {
    const field = document.querySelector<HTMLInputElement>('#outside')
    const leader = document.querySelector('section[aria-label=Answer]')
    if (!field || !leader) return NaN
    const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')?.set
    return new Promise<number>((resolve) => {
      const from = performance.now()
      const watch = new MutationObserver(() => {
        watch.disconnect()
        requestAnimationFrame(() => resolve(performance.now() - from))
      })
      watch.observe(leader, { subtree: true, childList: true, characterData: true })
      set?.call(field, value)
      field.dispatchEvent(new Event('input', { bubbles: true }))
    })
  }, text)
  took.push(ms)
}
await browser.close()
took.sort((a, b) => a - b)
const at = (share: number) =>
  (took[Math.min(took.length - 1, Math.floor(share * took.length))] ?? 0).toFixed(0)
console.log(
  `key stroke to answer on the screen: median ${at(0.5)} ms, p95 ${at(0.95)} ms, worst ${at(1)} ms, ${ROUNDS} strokes`,
)
