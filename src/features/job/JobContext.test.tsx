import { act, renderHook } from '@testing-library/react'
import type { ReactNode } from 'react'
import { beforeEach, expect, it, vi } from 'vitest'
import type { Job } from '@/contract/job'
import { JobProvider, useJob } from './JobContext'

/** What the screen is told of the address: later than the address changes. */
let told = ''
vi.mock('next/navigation', () => ({ useSearchParams: () => new URLSearchParams(told) }))

const bearing = (id: number) => ({ id, ordinal: id, name: `no. ${id}`, slot: '', evidence: { stamps: [] } })
const job = { id: 7, version: 1, closedAt: null, bearings: [1, 2, 3].map(bearing) } as unknown as Job
const Provider = ({ children }: { children: ReactNode }) => (
  <JobProvider initial={job} initialMachine={null}>
    {children}
  </JobProvider>
)

beforeEach(() => {
  told = ''
})

it('what is typed right after another bearing was chosen is of that one, whatever the address says', () => {
  const { result, rerender } = renderHook(useJob, { wrapper: Provider })
  expect(result.current.bearing.id).toBe(1)
  act(() => result.current.showBearing(2))
  expect([result.current.bearing.id, window.location.search]).toEqual([2, '?bearing=2'])
  act(() =>
    result.current.change({ evidence: { measurements: [], stamps: [{ text: '6204' }], observed: {} } }),
  )
  expect(result.current.job.bearings.map((b) => b.evidence.stamps.length)).toEqual([0, 1, 0])
  // Told at last, then the way back and a link.
  for (const [address, id] of [
    ['bearing=2', 2],
    ['', 1],
    ['bearing=3', 3],
  ] as const) {
    told = address
    rerender()
    expect(result.current.bearing.id, address).toBe(id)
  }
})
