import { act, fireEvent, render, screen, within } from '@testing-library/react'
import { expect, it, vi } from 'vitest'
import type { Column } from './column'
import { DataTable } from './DataTable'

interface Item {
  number: string
  bin: string | null
  pieces: number
}

const ITEMS: Item[] = [
  { number: '16005', bin: 'A10', pieces: 3 },
  { number: '6205', bin: null, pieces: 20 },
  { number: '608', bin: 'A2', pieces: 100 },
]
const COLUMNS: Column<Item>[] = [
  { id: 'number', head: 'Number', by: ({ number }) => number, cell: ({ number }) => number },
  { id: 'bin', head: 'Bin', by: ({ bin }) => bin, cell: ({ bin }) => bin ?? '–', optional: true },
  { id: 'pieces', head: 'Pieces', by: ({ pieces }) => pieces, figures: true, cell: ({ pieces }) => pieces },
  { id: 'note', head: 'Note', cell: () => '' },
]

const table = (more: Partial<Parameters<typeof DataTable<Item>>[0]> = {}) =>
  render(<DataTable label="Items" rows={ITEMS} columns={COLUMNS} keyOf={({ number }) => number} {...more} />)
const numbers = (): string[] =>
  screen
    .getAllByRole('row')
    .slice(1)
    .map((row) => within(row).getAllByRole('cell')[0]?.textContent ?? '')
const press = async (name: string): Promise<void> =>
  act(async () => {
    fireEvent.click(screen.getByRole('button', { name }))
    await Promise.resolve()
  })

it('rows stand as they came until a head is pressed; numbers by what they count, then the other way, then as they came', async () => {
  table()
  expect(numbers()).toEqual(['16005', '6205', '608'])
  await press('Number')
  expect(numbers()).toEqual(['608', '6205', '16005'])
  expect(screen.getByRole('columnheader', { name: 'Number' }).getAttribute('aria-sort')).toBe('ascending')
  await press('Number')
  expect(numbers()).toEqual(['16005', '6205', '608'])
  expect(screen.getByRole('columnheader', { name: 'Number' }).getAttribute('aria-sort')).toBe('descending')
  await press('Number')
  expect(screen.getByRole('columnheader', { name: 'Number' }).getAttribute('aria-sort')).toBeNull()
})

it('bin A2 comes before A10, and a row without one last either way', async () => {
  table()
  await press('Bin')
  expect(numbers()).toEqual(['608', '16005', '6205'])
  await press('Bin')
  expect(numbers()).toEqual(['16005', '608', '6205'])
})

it('a column that orders nothing has no button, nor has any where one row stands', () => {
  table()
  expect(screen.queryByRole('button', { name: 'Note' })).toBeNull()
  table({ rows: ITEMS.slice(0, 1), label: 'One' })
  expect(within(screen.getByRole('table', { name: 'One' })).queryByRole('button')).toBeNull()
})

it.each([
  [true, ['608', '6205', '16005']],
  [false, ['16005', '6205', '608']],
])(
  'a list in pages is brought whole before it is ordered; one that is too long stays as it is (%s)',
  async (whole, rows) => {
    const all = vi.fn(() => Promise.resolve(whole))
    table({ pages: { hasMore: true, all } })
    await press('Number')
    expect(all).toHaveBeenCalledTimes(1)
    expect(numbers()).toEqual(rows)
  },
)

it('a column that was left out stays out the next time', async () => {
  localStorage.setItem('amber-socket.typed.columns.items', '["bin"]')
  table({ columnsKey: 'items' })
  await act(async () => Promise.resolve())
  expect(screen.queryByRole('columnheader', { name: 'Bin' })).toBeNull()
  expect(screen.getByRole('columnheader', { name: 'Pieces' })).toBeTruthy()
})

it('a head may be read out only; rows carry the marks they are given', () => {
  table({
    columns: [{ id: 'sign', head: 'Verdict', headHidden: true, cell: () => '✓' }, ...COLUMNS],
    rowData: ({ number }) => ({ 'data-number': number }),
  })
  const head = screen.getByRole('columnheader', { name: 'Verdict' })
  expect(head.querySelector('.sr-only')?.textContent).toBe('Verdict')
  expect(document.querySelector('tr[data-number="608"]')?.textContent).toContain('A2')
})
