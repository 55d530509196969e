import { expect, it } from 'vitest'
import { JobChange, NewJob } from '@/contract/job'
import { KitProposal } from '@/contract/kit'
import { ServiceError } from './errors'
import { parse } from './parse'

const refusal = (schema: Parameters<typeof parse>[0], input: unknown): ServiceError => {
  try {
    parse(schema, input)
  } catch (error) {
    if (error instanceof ServiceError) return error
  }
  throw new Error('was taken')
}

it.each([
  [NewJob, {}, 'Title: missing.'],
  [NewJob, { title: 5 }, 'Title: give text.'],
  [NewJob, { title: '' }, 'Give the job a title, such as the machine and position.'],
  [
    KitProposal,
    { arrangement: 'A1', positions: 1, sizes: { sealShaft: '12 foo' } },
    'Seal journal: “foo” is not a unit of length here. Use mm, cm or in.',
  ],
  [JobChange, { version: 'x' }, 'Version: give a number.'],
  [JobChange, { version: 1, freeOfCharge: 'no' }, 'Free of charge: give true or false.'],
])('says what to change in words, with no name of the code: %#', (schema, input, message) => {
  expect(refusal(schema, input).message).toBe(message)
})

it('names the field of every issue for programs', () => {
  expect(
    refusal(KitProposal, { arrangement: 'A1', positions: 1, sizes: { sealShaft: '12 foo' } }).issues[0]?.path,
  ).toEqual(['sizes', 'sealShaft'])
})
