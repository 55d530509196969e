import { expect, it, vi } from 'vitest'
import * as db from '@/db'
import { emptyBin } from './emptyBin'

vi.mock('@/db', () => ({ emptyBin: vi.fn(() => Promise.resolve(2)) }))
vi.mock('./clock', () => ({ now: () => Date.UTC(2026, 5, 30) }))

it('what was removed sixty days ago goes for good', async () => {
  expect(await emptyBin()).toBe(2)
  expect(db.emptyBin).toHaveBeenCalledWith(new Date(Date.UTC(2026, 4, 1)))
})
