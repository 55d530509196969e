import { expect, test, type APIRequestContext, type Page } from '@playwright/test'
import { noFaults, watch } from '../support/faultless'
import { open } from '../support/page'
import { STAGE_PATHS } from '@/contract/choices'
import { NOT_FOUND, SCREENS } from '../support/screens'

/** What lies outside the window sideways and cannot be scrolled to. */
const unreachable = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const scrolled = (element: Element): boolean => {
      for (let at = element.parentElement; at; at = at.parentElement)
        if (/auto|scroll/.test(getComputedStyle(at).overflowX) && at.scrollWidth > at.clientWidth + 1)
          return true
      return false
    }
    return [...document.querySelectorAll('button, a, input, select, textarea, h1, h2, p, td, svg')]
      .filter((element) => {
        const { width, height, left, right } = element.getBoundingClientRect()
        const shown = width > 0 && height > 0 && getComputedStyle(element).visibility !== 'hidden'
        return (
          shown &&
          (right > window.innerWidth + 1 || left < -1) &&
          !element.closest('.sr-only') &&
          !scrolled(element)
        )
      })
      .map((element) => `${element.tagName} ${(element.textContent ?? '').trim().slice(0, 30)}`)
  })

/** Text squeezed into a narrow column, and headings that stand at the very edge of the window. */
const squeezed = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const said = (element: Element): string =>
      [...element.childNodes].map((node) => (node.nodeType === 3 ? node.textContent : '')).join('')
    const isNarrow = (element: Element): boolean => {
      const { width, height } = element.getBoundingClientRect()
      return said(element).trim().length > 60 && width > 2 && width < 110 && height > 150
    }
    const atEdge = (element: Element): boolean => {
      const { left, width } = element.getBoundingClientRect()
      return element.matches('h1') && width > 2 && left < 6
    }
    return [...document.querySelectorAll('main *, form *')]
      .filter((element) => !element.closest('svg, .sr-only') && (isNarrow(element) || atEdge(element)))
      .map((element) => `${element.tagName} ${(element.textContent ?? '').trim().slice(0, 40)}`)
  })

/** Texts that end in three dots or at the edge of their box, and fields that do not show the whole of their example or figure. */
const cut = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const pen = document.createElement('canvas').getContext('2d')
    const shownAt = (element: Element): boolean => {
      const { width, height } = element.getBoundingClientRect()
      return width > 2 && height > 2 && getComputedStyle(element).visibility !== 'hidden'
    }
    const isCutField = (field: HTMLInputElement): boolean => {
      if (!pen || !field.matches('.field, .number, [data-length]')) return false
      const style = getComputedStyle(field)
      const text = (field.matches('.number') && field.value) || field.placeholder
      const written = text === field.value ? style : getComputedStyle(field, '::placeholder')
      pen.font = `${written.fontWeight} ${written.fontSize} ${written.fontFamily}`
      const room = field.clientWidth - parseFloat(style.paddingLeft) - parseFloat(style.paddingRight)
      return pen.measureText(text).width > room + 1
    }
    const isCutText = (element: HTMLElement): boolean => {
      const style = getComputedStyle(element)
      return (
        style.textOverflow === 'ellipsis' &&
        element.innerText.trim() !== '' &&
        element.scrollWidth > element.clientWidth + 1
      )
    }
    // A word that is wider than the button it stands on.
    const isTooNarrow = (element: HTMLElement): boolean =>
      element.matches('button, a.button, a.chip') && element.scrollWidth > element.clientWidth + 1
    const isClamped = (element: HTMLElement): boolean =>
      getComputedStyle(element).webkitLineClamp !== 'none' && element.scrollHeight > element.clientHeight + 2
    return [...document.querySelectorAll<HTMLElement>('body *')]
      .filter((element) => !element.closest('svg, .sr-only') && shownAt(element))
      .filter((element) =>
        element instanceof HTMLInputElement
          ? isCutField(element)
          : isCutText(element) || isClamped(element) || isTooNarrow(element),
      )
      .map((element) =>
        element instanceof HTMLInputElement
          ? `field ${element.value || element.placeholder}`
          : `${element.tagName} ${element.innerText.slice(0, 50)}`,
      )
  })

/** Texts that lie over each other: pieces of two elements whose visible boxes share room, menus and panes that stay in sight aside. */
const overlapping = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const pieces: { element: Element; text: string; box: DOMRect }[] = []
    const above = (element: Element): Element[] => {
      const chain: Element[] = []
      for (let at: Element | null = element; at; at = at.parentElement) chain.push(at)
      return chain
    }
    const texts = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT)
    while (texts.nextNode()) {
      const node = texts.currentNode
      const element = node.parentElement
      if (!element || !node.textContent?.trim() || element.closest('svg, .sr-only, [aria-hidden=true]'))
        continue
      if (!element.checkVisibility({ visibilityProperty: true, contentVisibilityAuto: true })) continue
      const chain = above(element)
      if (chain.some((at) => /fixed|sticky|absolute/.test(getComputedStyle(at).position))) continue
      const clips = chain
        .filter((at) => /auto|scroll|hidden/.test(getComputedStyle(at).overflow))
        .map((at) => at.getBoundingClientRect())
      const range = document.createRange()
      range.selectNodeContents(node)
      for (const { left, top, right, bottom } of range.getClientRects()) {
        const [l, t] = [
          Math.max(left, ...clips.map((c) => c.left)),
          Math.max(top, ...clips.map((c) => c.top)),
        ]
        const [r, b] = [
          Math.min(right, ...clips.map((c) => c.right)),
          Math.min(bottom, ...clips.map((c) => c.bottom)),
        ]
        if (r - l > 2 && b - t > 2)
          pieces.push({
            element,
            text: node.textContent.trim().slice(0, 30),
            box: new DOMRect(l, t, r - l, b - t),
          })
      }
    }
    return pieces.flatMap((a, i) =>
      pieces.slice(i + 1).flatMap((b) => {
        if (a.element.contains(b.element) || b.element.contains(a.element)) return []
        const wide = Math.min(a.box.right, b.box.right) - Math.max(a.box.left, b.box.left)
        const high = Math.min(a.box.bottom, b.box.bottom) - Math.max(a.box.top, b.box.top)
        return wide > 1.5 && high > 4 ? [`${a.text} / ${b.text}`] : []
      }),
    )
  })

/** What a finger has to find and is under 44 px (INTERFACE: gloves). */
const small = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const size = (element: Element): string => {
      const { width, height } = element.getBoundingClientRect()
      return `${Math.round(width)}x${Math.round(height)}`
    }
    return [
      ...document.querySelectorAll('button, select, input, textarea, summary, [role=tab], a.button, a.chip'),
    ]
      .filter((element) => {
        // A check box is touched by its label, a file by the button around it.
        const touched = element.matches('[type=checkbox], [type=radio], [type=file]')
          ? element.closest('label')
          : element
        if (!touched) return false
        const { width, height } = touched.getBoundingClientRect()
        const shown = width > 0 && height > 0 && !element.closest('svg, .sr-only, dialog')
        return shown && Math.min(width, height) < 43.5
      })
      .map(
        (element) =>
          `${element.tagName} ${(element.getAttribute('aria-label') ?? element.textContent ?? '').trim().slice(0, 30)} ${size(element)}`,
      )
  })

/** Main headings, heads of columns without a scope and tables without a name. */
const structure = (page: Page) =>
  page.evaluate(() => ({
    mains: document.querySelectorAll('h1').length,
    heads: [...document.querySelectorAll('th')].filter((head) => !head.scope).length,
    tables: [...document.querySelectorAll('table')].filter(
      (table) => !table.caption && !table.ariaLabel && !table.hasAttribute('aria-labelledby'),
    ).length,
  }))

/** A list with parts and with a row that was not kept, so that its screen has something to show. */
test.beforeAll(async ({ request }) => {
  const columns = { designation: 'number', bore: 'bore', outside: 'outside', width: 'width', quantity: 'qty' }
  const begun = await request.post('/api/lists', {
    params: {
      name: 'Pier store, a long name for a narrow window',
      kind: 'own',
      columns: JSON.stringify(columns),
    },
    headers: { 'content-type': 'text/csv' },
    data: 'number,bore,outside,width,qty\n6205-2RS,25,52,15,4\nGate pivot long,21.3,47.5,9,2\n6204,wide,47,14,1\n',
  })
  const { id } = (await begun.json()) as { id: number }
  await expect
    .poll(async () => ((await (await request.get(`/api/lists/${id}`)).json()) as { state: string }).state)
    .not.toBe('running')
})

const WINDOWS = [
  { name: 'a small laptop', width: 1024, height: 768 },
  { name: 'a tablet held upright', width: 820, height: 1180 },
  { name: 'a screen of 1280 px at 200 %', width: 640, height: 400 },
  { name: 'a phone', width: 390, height: 844 },
]

/** Every screen and every stage of a job of the demo, and the same screen with a kit of each arrangement. */
async function everywhere(request: APIRequestContext): Promise<{ screens: string[]; kits: string[] }> {
  const { items } = (await (await request.get('/api/jobs?limit=200')).json()) as {
    items: { id: number; title: string; kit: { arrangement: string } | null }[]
  }
  const job = items.find(({ title }) => title.startsWith('Land train, coach 1'))?.id ?? 0
  const kits = new Map(items.map(({ id, kit }) => [kit?.arrangement, `/jobs/${id}/kit`] as const))
  return {
    screens: [...SCREENS, ...NOT_FOUND, ...Object.values(STAGE_PATHS).map((path) => `/jobs/${job}${path}`)],
    kits: [...kits].flatMap(([arrangement, path]) => (arrangement ? [path] : [])),
  }
}

test('every screen: no faults, light and dim, a title and main heading of its own, nothing cut or out of reach in windows of four sizes and with text of 200 %, 44 px for a finger', async ({
  page,
  request,
}) => {
  test.setTimeout(900_000)
  const errors = watch(page)
  const titles = new Map<string, string>()
  const device = await page.context().newCDPSession(page)
  let ahead: string[] = []
  page.on('request', (request) => request.url().includes('_rsc=') && ahead.push(request.url()))
  const drawn = () =>
    page.evaluate(() => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done))))
  const { screens, kits } = await everywhere(request)
  for (const path of [...screens, ...kits]) {
    await page.setViewportSize({ width: 1280, height: 800 })
    ahead = []
    await open(page, path)
    expect.soft(ahead, `${path} asks for other pages ahead`).toEqual([])
    for (const theme of screens.includes(path) ? ['light', 'dim'] : []) {
      await page.evaluate((to) => (document.documentElement.dataset['theme'] = to), theme)
      // The other light changes colours alone.
      await noFaults(page, theme === 'light' ? undefined : ['color-contrast'])
    }
    const title = await page.title()
    const screen = path.replace(/\?.*/, '')
    if (!titles.has(title)) titles.set(title, screen)
    expect.soft(titles.get(title), `${title} is the title of two screens`).toBe(screen)
    expect.soft(await structure(page), path).toEqual({ mains: 1, heads: 0, tables: 0 })
    const reach = async (name: string): Promise<void> => {
      await drawn()
      expect(await unreachable(page), `${path} in ${name}`).toEqual([])
      const tall = await page.evaluate(() => document.documentElement.scrollHeight > window.innerHeight + 1)
      expect(tall, `${path} scrolls within its panes in ${name}`).toBe(false)
      // What is said to a screen reader alone lets a window that does not scroll be scrolled away.
      const beyond = await page.evaluate(() =>
        [...document.querySelectorAll('main')].map((main) => main.scrollHeight - main.clientHeight),
      )
      expect.soft(Math.max(0, ...beyond), `${path}: hidden behind its pane in ${name}`).toBeLessThanOrEqual(1)
    }
    expect.soft(await cut(page), `${path}: cut off`).toEqual([])
    await page.evaluate(() => (document.documentElement.style.fontSize = '200%'))
    await reach('text of 200 %')
    await page.evaluate(() => (document.documentElement.style.fontSize = ''))
    for (const { name, width, height } of WINDOWS) {
      await page.setViewportSize({ width, height })
      await reach(name)
      expect.soft(await cut(page), `${path} in ${name}: cut off`).toEqual([])
      expect.soft(await overlapping(page), `${path} in ${name}: one over the other`).toEqual([])
    }
    expect(await squeezed(page), `${path} on a phone`).toEqual([])
    // The same page in a hand: a touch screen instead of a mouse.
    await device.send('Emulation.setDeviceMetricsOverride', {
      width: 820,
      height: 1180,
      deviceScaleFactor: 1,
      mobile: true,
    })
    await device.send('Emulation.setTouchEmulationEnabled', { enabled: true })
    await drawn()
    expect(await page.evaluate(() => matchMedia('(pointer: coarse)').matches)).toBe(true)
    expect.soft(await small(page), `${path} for a finger`).toEqual([])
    await device.send('Emulation.setTouchEmulationEnabled', { enabled: false })
  }
  expect(errors).toEqual([])
})

test('on a phone the answer is in sight while a reading is typed, and is taken by touch', async ({
  browser,
}) => {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true })
  const page = await context.newPage()
  await page.goto('/identify')
  await page.locator('#bore').fill('30')
  await page.locator('#outside').fill('62')
  await page.locator('#width').fill('16')
  const leader = page.getByTestId('leader')
  await expect(leader).toHaveText('6206')
  await expect(leader).toBeInViewport()
  await expect(page.locator('#width')).toBeInViewport()
  await page.getByRole('button', { name: /Create job/ }).tap()
  await page.waitForURL(/jobs\/\d+\//)
  await context.close()
})

test('the light follows the system until one is chosen', async ({ browser }) => {
  // It loads four pages of its own, beside the API tests on two cores.
  for (const [colorScheme, theme] of [
    ['dark', 'dim'],
    ['light', 'light'],
  ] as const) {
    const page = await browser.newPage({ colorScheme })
    const errors: string[] = []
    page.on('console', (message) => message.type() === 'error' && errors.push(message.text()))
    await page.goto('/identify')
    await expect(page.locator('html')).toHaveAttribute('data-theme', theme)
    await page.keyboard.press('Control+k')
    await page.getByRole('option', { name: theme === 'dim' ? 'Light theme' : 'Dark theme' }).click()
    await expect(page.locator('html')).not.toHaveAttribute('data-theme', theme)
    await page.reload()
    await expect(page.locator('html')).not.toHaveAttribute('data-theme', theme)
    expect(errors).toEqual([])
    await page.close()
  }
})

test('from every screen the menu leads to every other', async ({ page }) => {
  await page.goto('/settings')
  await page.getByRole('button', { name: 'Menu' }).click()
  const items = page.getByRole('menuitem')
  await expect(items).toHaveCount(21)
  await page.keyboard.press('Escape')
  for (const [name, path] of [
    ['Seals', '/seals'],
    ['Stock', '/store'],
    ['Bench', '/'],
  ] as const) {
    await page.getByRole('button', { name: 'Menu' }).click()
    await page.getByRole('menuitem', { name, exact: true }).click()
    await page.waitForURL((url) => url.pathname === path)
  }
})

test('by touch, figures, fractions and units are typed on our own pad, with the answer in sight', async ({
  browser,
}) => {
  const context = await browser.newContext({
    viewport: { width: 390, height: 844 },
    hasTouch: true,
    isMobile: true,
  })
  const page = await context.newPage()
  await open(page, '/identify')
  const pad = page.getByRole('group', { name: 'Number pad' })
  await page.locator('#bore').tap()
  await expect(pad).toBeVisible()
  const press = async (...keys: string[]) => {
    for (const name of keys) await pad.getByRole('button', { name, exact: true }).tap()
  }
  await press('2', '5', 'Next', '6', '2', 'Next', '1', '7', '0', 'Erase')
  const leader = page.getByTestId('leader')
  await expect(leader).toHaveText('6305')
  await expect(leader).toBeInViewport()
  await expect(page.locator('#width')).toBeFocused()
  // The field in hand lies neither below the pad nor below the answer.
  const [fieldBox, answerBox] = [
    await page.locator('#width').boundingBox(),
    await page.locator('[data-pane=answer]').boundingBox(),
  ]
  expect((fieldBox?.y ?? 0) + (fieldBox?.height ?? 0)).toBeLessThanOrEqual(answerBox?.y ?? 0)
  expect((await pad.boundingBox())?.y).toBeGreaterThanOrEqual(
    await page.locator('main').evaluate((main) => main.getBoundingClientRect().bottom),
  )
  // An inch figure with its fraction and unit.
  await page.locator('#bore').tap()
  await press('Erase', 'Erase', '1', 'Space, before a fraction', '1', '/', '4', 'in')
  await expect(page.locator('#bore')).toHaveValue('1 1/4 in')
  // A touch beside the fields puts the pad away: the whole answer is there again.
  await page.getByText('Measured', { exact: true }).tap()
  await expect(pad).toBeHidden()
  await expect(page.getByRole('button', { name: /Create job/ })).toBeInViewport()
  await page.locator('#bore').tap()
  await press('Keyboard')
  await expect(pad).toBeHidden()
  await expect(page.locator('#bore')).toBeFocused()
  await context.close()
})

test('in forced colours what is chosen, marked or focused is still told apart', async ({ page }) => {
  await page.emulateMedia({ forcedColors: 'active' })
  await open(page, '/identify')
  await page.locator('#bore').fill('25')
  await page
    .getByRole('radio', { name: 'ball' })
    .or(page.getByRole('button', { name: 'ball', exact: true }))
    .first()
    .click()
  const seen = await page.evaluate(() => {
    const of = (element: Element | null) => (element ? getComputedStyle(element) : undefined)
    const [on, off] = [document.querySelector('[data-state=on]'), document.querySelector('[data-state=off]')]
    const unit = [...document.querySelectorAll('[aria-label="Units shown first"] button')]
    const [pressed, free] = [
      unit.find((b) => b.getAttribute('aria-pressed') === 'true'),
      unit.find((b) => b.getAttribute('aria-pressed') === 'false'),
    ]
    return {
      looks: [of(on)?.borderWidth, of(off)?.borderWidth],
      units: [of(pressed ?? null)?.backgroundColor, of(free ?? null)?.backgroundColor],
    }
  })
  expect(seen.looks[0]).not.toBe(seen.looks[1])
  expect(seen.units[0]).not.toBe(seen.units[1])
  await page.locator('#outside').focus()
  const ring = await page.locator('#outside').evaluate((field) => getComputedStyle(field).outlineStyle)
  expect(ring).not.toBe('none')
})
