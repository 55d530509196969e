import { expect, it } from 'vitest'
import { call, post } from '../support/call'
import { mark } from '../support/mark'

interface Item {
  id: number
  quantity: number
  reserved: number
  shortened?: { jobId: number; pieces: number }[]
}
interface Reserved {
  reserved: { pieces: number }[]
  short: { designation: string; pieces: number }[]
}

/** A job whose kit wants pieces of one part that nobody else uses, and the bin it lies in. */
async function jobWanting(pieces: number, there: number) {
  const designation = `Reserve bush ${mark()}`
  const { body: item } = await post<Item>('/api/stock', { designation, bin: 'R1', quantity: there })
  const { body: job } = await post<{ id: number; version: number }>('/api/jobs', { title: designation })
  await call('PATCH', `/api/jobs/${job.id}`, {
    version: job.version,
    kit: { arrangement: 'C1', positions: pieces, parts: { washerInner: designation }, sizes: {} },
  })
  return { job: job.id, item: item.id, designation }
}
const state = async (id: number) => (await call<Item>('GET', `/api/stock/${id}`)).body

it('pressed many times at the same moment, a job reserves its parts once', async () => {
  const { job, item } = await jobWanting(3, 40)
  const answers = await Promise.all(
    Array.from({ length: 8 }, () => post<Reserved>(`/api/jobs/${job}/reserve`, {})),
  )
  expect(answers.map((a) => a.status)).toEqual(Array.from({ length: 8 }, () => answers[0]?.status))
  expect((await state(item)).reserved).toBe(3)
})

it('fewer counted than reserved: the job that loses pieces is named, and reserves them again when they are back', async () => {
  const { job, item, designation } = await jobWanting(5, 6)
  await post(`/api/jobs/${job}/reserve`, {})
  const counted = await post<Item>(`/api/stock/${item}/moves`, { kind: 'count', pieces: 2 })
  expect(counted.body).toMatchObject({ quantity: 2, reserved: 2, shortened: [{ jobId: job, pieces: 3 }] })
  const still = await post<Reserved>(`/api/jobs/${job}/reserve`, {})
  expect(still.body.short.find((s) => s.designation === designation)?.pieces).toBe(3)
  await post(`/api/stock/${item}/moves`, { kind: 'receive', pieces: 4 })
  await post(`/api/jobs/${job}/reserve`, {})
  expect(await state(item)).toMatchObject({ quantity: 6, reserved: 5 })
})
