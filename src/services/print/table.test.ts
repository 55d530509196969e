import { expect, it } from 'vitest'
import { paperText } from '../../../tests/support/paper'
import { startDocument } from './page'
import { table } from './table'

async function pagesOf(rows: Parameters<typeof table>[2], columns: Parameters<typeof table>[1]) {
  const { doc, done } = startDocument('table')
  table(doc, columns, rows)
  doc.end()
  const bytes = new Uint8Array(await done)
  return (await paperText(new Response(bytes), true)).split('\f').filter((page) => page.trim() !== '')
}

it('over several pages: the head on each, every row once and in order, none torn', async () => {
  const rows = Array.from({ length: 120 }, (_, i) => ({
    cells: [
      `row ${i}`,
      i % 7 === 0 ? `begins ${i} ${'and goes on '.repeat(24)}ends ${i}` : `µ → ${i}`,
      { box: true },
    ],
  }))
  const pages = await pagesOf(rows, [
    { head: 'Part', width: 90 },
    { head: 'Remarks' },
    { head: 'Picked', width: 50 },
  ])
  expect(pages.length).toBeGreaterThan(2)
  for (const page of pages) expect(page.trim()).toMatch(/^Part\s+Remarks\s+Picked/)
  const numbers = [...pages.join('\n').matchAll(/row (\d+)/g)].map(([, n]) => Number(n))
  expect(numbers).toEqual(rows.map((_, i) => i))
  for (let i = 0; i < rows.length; i += 7)
    expect(
      pages.filter((page) => page.includes(`begins ${i} `) && page.includes(`ends ${i}\n`)),
    ).toHaveLength(1)
  expect(pages.join(' ')).toMatch(/μ to 1\b/)
})

it('a table of no rows is its head', async () => {
  expect((await pagesOf([], [{ head: 'Torque' }])).map((page) => page.trim())).toEqual(['Torque'])
})
