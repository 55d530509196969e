import { expect, it } from 'vitest'
import { readAmount } from './readAmount'

it.each([
  ['1234', 1234],
  ['1,234', 1234],
  ['1.234,50', 1234.5],
  ['1 234,5', 1234.5],
  ['1’234.50', 1234.5],
  ['€ 3,50', 3.5],
  ['12.5 EUR', 12.5],
  ['0,5', 0.5],
  ['-2', -2],
  ['1,2,3', null],
  ['ten', null],
  ['', null],
  ['=1+1', null],
])('figure %s is %s', (text, figure) => expect(readAmount(text)).toBe(figure))
