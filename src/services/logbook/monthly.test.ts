import { beforeEach, expect, it, vi } from 'vitest'
import type { LogbookScope, MonthOfJobs } from '@/db'
import { countedMonthly } from './monthly'

/** Jobs of this history, by the month they were opened in, and what is counted of them. */
let history: { month: string; state: string; found: string[] }[]
const count = vi.fn(({ from, before = '9999' }: LogbookScope) =>
  Promise.resolve(
    history
      .filter(({ month }) => month >= from.slice(0, 7) && `${month}-01` < before)
      .flatMap(({ month, found }) => found.map((damage) => ({ month, damage, from, before }))),
  ),
)
const months = (): MonthOfJobs[] => history.map(({ month, state }) => ({ month, jobs: 1, state }))
const change = (month: string, found: string[]): void => {
  history = history.map((row) => (row.month === month ? { month, state: `${row.state}+`, found } : row))
}

beforeEach(() => {
  count.mockClear()
  history = ['2025-11', '2025-12', '2026-01', '2026-02'].map((month) => ({
    month,
    state: 'a',
    found: [`spalling ${month}`],
  }))
})

it('counts the months in which a job was changed again, and no other', async () => {
  const counted = countedMonthly(count)
  const asked = async () => (await counted({ from: '2025-11-01' }, months())).map(({ damage }) => damage)
  expect(await asked()).toEqual(history.flatMap(({ found }) => found))
  expect(count.mock.calls[0]?.[0]).toMatchObject({ from: '2025-11-01', before: '2026-03-01' })
  expect(await asked()).toEqual(history.flatMap(({ found }) => found))
  expect(count).toHaveBeenCalledTimes(1)
  change('2025-12', ['creep', 'corrosion'])
  expect(await asked()).toEqual([
    'spalling 2025-11',
    'creep',
    'corrosion',
    'spalling 2026-01',
    'spalling 2026-02',
  ])
  expect(count.mock.lastCall?.[0]).toMatchObject({ from: '2025-12-01', before: '2026-01-01' })
  change('2025-12', [])
  change('2026-02', ['creep'])
  expect(await asked()).toEqual(['spalling 2025-11', 'spalling 2026-01', 'creep'])
  expect(count).toHaveBeenCalledTimes(3)
})

it('a scope that begins within a month counts the rest of it by itself', async () => {
  const counted = countedMonthly(count)
  const asked = async (from: string) => (await counted({ from }, months())).map((row) => row.from)
  await asked('2025-11-01')
  expect((await asked('2025-11-20'))[0]).toBe('2025-11-20')
  expect(count.mock.lastCall?.[0]).toMatchObject({ from: '2025-11-20', before: '2025-12-01' })
  expect((await asked('2025-11-01'))[0]).toBe('2025-11-01')
  expect(count).toHaveBeenCalledTimes(2)
})

it('keeps no more months than a hundred years have, twice', async () => {
  const counted = countedMonthly(count)
  const century = (first: number): MonthOfJobs[] =>
    Array.from({ length: 1250 }, (_, i) => ({
      month: new Date(Date.UTC(first, i)).toISOString().slice(0, 7),
      jobs: 1,
      state: 'a',
    }))
  for (const first of [1000, 1200, 1000]) await counted({ from: `${first}-01-01` }, century(first))
  expect(count).toHaveBeenCalledTimes(3)
  await counted({ from: '1000-01-01' }, century(1000))
  expect(count).toHaveBeenCalledTimes(3)
})

it('a month without jobs any more is not answered, and one machine is counted each time', async () => {
  const counted = countedMonthly(count)
  await counted({ from: '2025-11-01' }, months())
  history = history.slice(1)
  expect(await counted({ from: '2025-11-01' }, months())).toHaveLength(3)
  await counted({ from: '2025-11-01', machineId: 4 }, months())
  await counted({ from: '2025-11-01', machineId: 4 }, months())
  expect(count).toHaveBeenCalledTimes(3)
  expect(count.mock.lastCall?.[0]).toEqual({ from: '2025-11-01', machineId: 4 })
})
