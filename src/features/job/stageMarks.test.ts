import { expect, it } from 'vitest'
import type { Job } from '@/contract/job'
import { stageMarks } from './stageMarks'

const EMPTY = { position: '', side: '', heard: [], use: [], arrived: [], note: '' }
const job = (more: object = {}) =>
  ({
    stage: 'takeIn',
    machineId: null,
    intake: EMPTY,
    kit: null,
    fitting: null,
    closedAt: null,
    ...more,
  }) as unknown as Job
const bearing = (more: object = {}) =>
  ({ decision: null, comparison: null, inspection: null, ...more }) as unknown as Job['bearings'][number]
const decision = { designation: '6206', base: '6206', probability: 1 }

it('marks nothing for having been looked at', () => {
  expect(new Set(Object.values(stageMarks(job({ stage: 'record' }), bearing())))).toEqual(new Set(['ahead']))
})

it('tells what is kept from what was passed by', () => {
  expect(
    stageMarks(
      job({ stage: 'kit', kit: { arrangement: 'B1' }, intake: { ...EMPTY, heard: ['rumble'] } }),
      bearing({ decision }),
    ),
  ).toMatchObject({
    takeIn: 'done',
    identify: 'done',
    crossReference: 'done',
    compare: 'passed',
    kit: 'done',
    inspect: 'ahead',
    record: 'ahead',
  })
  expect(stageMarks(job({ closedAt: '2026-06-01' }), bearing({ decision }))).toMatchObject({
    takeIn: 'passed',
    identify: 'done',
    plan: 'passed',
    record: 'done',
  })
})

it('a draft that names only some fields marks what it names', () => {
  expect(stageMarks(job({ fitting: { fields: { 'spacing.note': 'x' } } }), bearing())).toMatchObject({
    fit: 'done',
    plan: 'ahead',
  })
})
