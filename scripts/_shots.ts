import { chromium } from '@playwright/test'
import { BROWSER_ARGS, CHROMIUM } from '../tests/support/browser'
const A = 'http://127.0.0.1:3000'
const jobs = (await (await fetch(A + '/api/jobs')).json()) as { id: number; title: string }[]
const j = (w: string) => `/jobs/${jobs.find((x) => x.title.includes(w))?.id}`
const views: Record<string, [string, string?]> = {
  compare: [j('trolley') + '/compare'],
  compareHub: [j('hauler') + '/compare'],
  inspect: [j('coach 1') + '/inspect'],
  fit: [j('hauler') + '/fit'],
  spacing: [j('cart 1') + '/fit', 'Spacing'],
  adjust: [j('coach 1') + '/fit', 'Setting'],
  grease: [j('coach 1') + '/fit', 'Grease'],
  life: [j('Carousel') + '/fit', 'Life'],
  planA1: [j('coach 1') + '/plan'],
  planD1: [j('hauler') + '/plan'],
  planB2: [j('cart 1') + '/plan'],
  convert: ['/convert'],
  toolbox: ['/toolbox'],
  settings: ['/settings'],
}
const want = process.argv.slice(2)
const b = await chromium.launch({ executablePath: CHROMIUM, args: BROWSER_ARGS })
for (const name of want) {
  const [path, tab] = views[name]!
  const p = await b.newPage({ viewport: { width: 1280, height: 800 } })
  p.on('console', (m) => m.type() === 'error' && console.log(name, m.text().slice(0, 300)))
  p.on('pageerror', (e) => console.log(name, 'pageerror', e.message.slice(0, 300)))
  await p.goto(A + path)
  if (tab) await p.getByRole('button', { name: tab, exact: true }).click()
  if (name === 'convert') {
    await p.getByLabel('Shaft').first().fill('25'); await p.getByLabel('Bore').first().fill('52'); await p.getByLabel('Width').first().fill('20')
    await p.getByRole('button', { name: 'bush to ball' }).click()
  }
  await p.waitForTimeout(1800)
  await p.screenshot({ path: `/tmp/s-${name}.png` })
  await p.close()
}
await b.close()
