import { expect, it } from 'vitest'
import { findPart } from '../catalogue'
import { shipped } from '../../../tests/support/shipped'
import { lookAlikeNumbers } from './lookAlikeNumbers'
import { trapsOf } from './traps'

const { catalogue } = shipped
const like = (base: string): string[] => {
  const part = findPart(catalogue, base)
  return part ? lookAlikeNumbers(part, catalogue).map((p) => p.base) : []
}

it.each([
  ['6305', '6805'],
  ['6205', '6206'],
  ['30206', '30208'],
  ['51105', '51106'],
])('%s worn reads like %s (look-alike marks, common practice)', (a, b) => {
  expect(like(a)).toContain(b)
  expect(like(b)).toContain(a)
})

it('marks that nobody takes for each other are no trap', () => {
  expect(like('6205')).not.toContain('6204')
  expect(like('6205')).not.toContain('6202')
})

it('a trap by number says both sizes and is told as such', () => {
  const part = findPart(catalogue, '6305')
  const trap = part && trapsOf(part, catalogue).find((t) => t.kind === 'number')
  expect(trap?.why).toMatch(/Reads like 6305 .* against 25 × 62 × 17/)
})
