import { act, render, renderHook } from '@testing-library/react'
import { useEffect } from 'react'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import type { Job } from '@/contract/job'
import { keepDraft, ownDraft } from './drafts'
import { useSaver } from './useSaver'
import type { JobPatch } from './withPatch'

const job = (change: Partial<Job> = {}): Job =>
  ({ id: 7, version: 3, title: 'as it was', closedAt: null, bearings: [], ...change }) as unknown as Job

interface Sent {
  version: number
  title?: string
  stage?: string
}
/** What reached the server, and how it answers the next one. */
let sent: Sent[] = []
let answer: (patch: Sent) => Promise<Response> = () => Promise.reject(new Error('not asked for'))
const stored = (patch: Sent) =>
  Promise.resolve(Response.json(job({ ...(patch as Partial<Job>), version: patch.version + 1 })))

beforeEach(() => {
  vi.useFakeTimers()
  sent = []
  answer = stored
  vi.stubGlobal('fetch', (_: string, { body }: { body: string }) => {
    const patch = JSON.parse(body) as Sent
    sent.push(patch)
    return answer(patch)
  })
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

type Saver = ReturnType<typeof useSaver>

/** A field whose text was typed before the screen stood: its effect comes before that of the saver. */
function Early({ saver, typed }: { saver: Saver; typed: JobPatch }) {
  const { queue } = saver
  useEffect(() => queue(typed), [queue, typed])
  return null
}
const TYPED: JobPatch = { title: 'typed early' }
function Screen() {
  return <Early saver={useSaver(job(), () => undefined)} typed={TYPED} />
}
const shown = () => renderHook(() => useSaver(job(), () => undefined)).result
const pass = (ms: number) => act(() => vi.advanceTimersByTimeAsync(ms))

it('what was left from before is not written over by a field that was typed in early', async () => {
  keepDraft(7, { version: 3, patch: { stage: 'kit' } })
  render(<Screen />)
  await pass(1000)
  expect(sent).toEqual([{ version: 3, stage: 'kit', title: 'typed early' }])
  expect(ownDraft(7)).toBeNull()
})

it('while one change is on its way and another is typed, both are kept until the server has them', async () => {
  let arrive = (): void => undefined
  answer = (patch) => new Promise((done) => (arrive = () => void stored(patch).then(done)))
  const saver = shown()
  act(() => saver.current.queue({ title: 'first' }))
  await pass(400)
  act(() => saver.current.queue({ stage: 'kit' }))
  expect(ownDraft(7)?.patch).toEqual({ title: 'first', stage: 'kit' })
  answer = stored
  arrive()
  await pass(1000)
  expect(sent).toEqual([
    { version: 3, title: 'first' },
    { version: 4, stage: 'kit' },
  ])
  expect(ownDraft(7)).toBeNull()
  expect(saver.current.state.kind).toBe('saved')
})

it('while the server is away it is tried again, with what was typed since', async () => {
  answer = () => Promise.reject(new Error('away'))
  const saver = shown()
  act(() => saver.current.queue({ title: 'kept' }))
  await pass(400)
  expect(saver.current.state.kind).toBe('waiting')
  act(() => saver.current.queue({ stage: 'kit' }))
  answer = stored
  await pass(4000)
  expect(sent.at(-1)).toEqual({ version: 3, title: 'kept', stage: 'kit' })
  expect(saver.current.state.kind).toBe('saved')
})

it('the same thing changed on another screen is told, and either may stay', async () => {
  answer = () =>
    Promise.resolve(
      Response.json({ detail: 'changed', current: job({ version: 9, title: 'theirs' }) }, { status: 409 }),
    )
  const saver = shown()
  act(() => saver.current.queue({ title: 'mine' }))
  await pass(400)
  expect(saver.current.state).toMatchObject({ kind: 'conflict', current: { title: 'theirs' } })
  expect(ownDraft(7)?.patch).toEqual({ title: 'mine' })
  answer = stored
  act(() => saver.current.keepMine())
  await pass(400)
  expect(sent.at(-1)).toEqual({ version: 9, title: 'mine' })
})

it('a change that arrived although its answer was lost is not sent again', async () => {
  answer = () =>
    Promise.resolve(
      Response.json({ detail: 'changed', current: job({ version: 4, title: 'mine' }) }, { status: 409 }),
    )
  const saver = shown()
  act(() => saver.current.queue({ title: 'mine' }))
  await pass(5000)
  expect(sent).toHaveLength(1)
  expect(saver.current.state.kind).toBe('saved')
  expect(ownDraft(7)).toBeNull()
})
