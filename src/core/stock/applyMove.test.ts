import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { applyMove, asksHolders, MOVE_KINDS, type Holder, type MoveKind } from '.'

const bin = (quantity: number, reserved: number) => ({ quantity, reserved })
const move = (kind: MoveKind, pieces: number, jobId: number | null = null) => ({ kind, pieces, jobId })

// Common practice of a store with reservations: just what is there passes, one piece more is refused.
describe.each([
  ['issue', bin(10, 4), 6],
  ['reserve', bin(10, 4), 6],
] as const)('%s', (kind, state, free) => {
  it('takes what is free and no piece more', () => {
    expect(applyMove(state, [], move(kind, free))).toMatchObject({ ok: true })
    expect(applyMove(state, [], move(kind, free + 1))).toEqual({ ok: false, problem: { why: 'tooFew' } })
  })
})

it('a bin is filled up to its most and no piece more', () => {
  const receive = (quantity: number) => applyMove(bin(quantity, 0), [], move('receive', 1))
  expect(receive(999_999_999)).toMatchObject({ ok: true })
  expect(receive(1_000_000_000)).toEqual({ ok: false, problem: { why: 'tooMany' } })
})

describe.each(['take', 'release'] as const)('%s', (kind) => {
  const holders = [
    { jobId: 7, pieces: 3 },
    { jobId: 8, pieces: 2 },
  ]
  it('is for the job that reserved, as far as it did', () => {
    expect(applyMove(bin(10, 6), holders, move(kind, 3, 7))).toMatchObject({
      ok: true,
      value: { reserved: 3 },
    })
    expect(applyMove(bin(10, 6), holders, move(kind, 4, 7))).toEqual({
      ok: false,
      problem: { why: 'notHeld', reservedForJob: 3 },
    })
    expect(applyMove(bin(10, 6), holders, move(kind, 1, 9))).toEqual({
      ok: false,
      problem: { why: 'notHeld', reservedForJob: 0 },
    })
  })
  it('is for anybody as far as no job holds the pieces', () => {
    expect(applyMove(bin(10, 6), holders, move(kind, 1))).toMatchObject({ ok: true })
    expect(applyMove(bin(10, 6), holders, move(kind, 2))).toMatchObject({ problem: { reservedForJob: 1 } })
  })
})

it('taking empties the bin, releasing gives back: what was reserved goes down with both', () => {
  const holders = [{ jobId: 7, pieces: 3 }]
  const done = (kind: MoveKind, state: ReturnType<typeof bin>) => applyMove(state, holders, move(kind, 3, 7))
  expect(done('take', bin(10, 6))).toEqual({ ok: true, value: { quantity: 7, reserved: 3, lost: [] } })
  expect(done('release', bin(10, 6))).toEqual({ ok: true, value: { quantity: 10, reserved: 3, lost: [] } })
  // The last pieces are taken, and those that are not there are not; nothing is missing for giving back.
  expect(done('take', bin(3, 3))).toEqual({ ok: true, value: { quantity: 0, reserved: 0, lost: [] } })
  expect(done('take', bin(2, 3))).toEqual({ ok: false, problem: { why: 'tooFew' } })
  expect(done('release', bin(2, 3))).toMatchObject({ ok: true, value: { quantity: 2, reserved: 0 } })
})

it('a count takes from nobody in particular first, then from the job that reserved last', () => {
  const holders = [
    { jobId: 8, pieces: 2 },
    { jobId: 7, pieces: 3 },
  ]
  const counted = (pieces: number) => applyMove(bin(9, 6), holders, move('count', pieces))
  expect(counted(6)).toEqual({ ok: true, value: { quantity: 6, reserved: 6, lost: [] } })
  expect(counted(5)).toEqual({ ok: true, value: { quantity: 5, reserved: 5, lost: [] } })
  expect(counted(4)).toMatchObject({ value: { reserved: 4, lost: [{ jobId: 8, pieces: 1 }] } })
  expect(counted(2)).toMatchObject({
    value: {
      reserved: 2,
      lost: [
        { jobId: 8, pieces: 2 },
        { jobId: 7, pieces: 1 },
      ],
    },
  })
})

/** A store kept as plainly as possible: what each job has, and what lies there for nobody. */
interface Books {
  quantity: number
  nobody: number
  jobs: Map<number, number>
}

it('moves in any order keep the books: never below nothing, never more promised than there is, reservations add up', () => {
  const moves = fc.array(
    fc.record({
      kind: fc.constantFrom(...MOVE_KINDS),
      pieces: fc.integer({ min: 0, max: 12 }),
      jobId: fc.option(fc.integer({ min: 1, max: 3 })),
    }),
    { maxLength: 40 },
  )
  fc.assert(
    fc.property(moves, (requests) => {
      let state = bin(0, 0)
      const books: Books = { quantity: 0, nobody: 0, jobs: new Map() }
      let holders: Holder[] = []
      for (const one of requests) {
        const done = applyMove(state, asksHolders(one) ? holders : [], one)
        if (!done.ok) continue
        const { lost, ...next } = done.value
        const change = next.reserved - state.reserved + lost.reduce((sum, l) => sum + l.pieces, 0)
        for (const { jobId, pieces } of lost) books.jobs.set(jobId, (books.jobs.get(jobId) ?? 0) - pieces)
        if (one.jobId === null || one.kind === 'count') books.nobody += change
        else books.jobs.set(one.jobId, (books.jobs.get(one.jobId) ?? 0) + change)
        books.quantity += next.quantity - state.quantity
        state = next
        holders = [...books.jobs].flatMap(([jobId, pieces]) => (pieces > 0 ? [{ jobId, pieces }] : []))
        expect(state.quantity).toBe(books.quantity)
        expect(state.reserved).toBeGreaterThanOrEqual(0)
        expect(state.reserved).toBeLessThanOrEqual(state.quantity)
        expect(books.nobody).toBeGreaterThanOrEqual(0)
        expect([...books.jobs.values()].every((pieces) => pieces >= 0)).toBe(true)
        expect(state.reserved).toBe(books.nobody + holders.reduce((sum, h) => sum + h.pieces, 0))
      }
    }),
  )
})

it('who holds reserved pieces is asked by what takes or lets go of them, and by a count', () => {
  const asked = MOVE_KINDS.filter((kind) => asksHolders({ kind }))
  expect(asked).toEqual(['release', 'take', 'count'])
})
