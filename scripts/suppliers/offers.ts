import { createHash } from 'node:crypto'
import type { Catalogue } from '@/core/catalogue'
import { readClean, type DesignationContext } from '@/core/designation'
import { findPart } from '@/core/catalogue'

/** Three invented suppliers of the pier. Money in the shop's currency. */
export const SUPPLIERS = [
  {
    id: 'gullwing',
    name: 'Gullwing Bearing Loft',
    freight: 6.5,
    freeFrom: 120,
    dearness: 1,
    days: 2,
    carries: 0.9,
  },
  {
    id: 'breakwater',
    name: 'Breakwater Trade Counter',
    freight: 9,
    freeFrom: 200,
    dearness: 0.88,
    days: 4,
    carries: 0.85,
  },
  {
    id: 'saltmarsh',
    name: 'Saltmarsh Factors',
    freight: 4,
    freeFrom: null,
    dearness: 0.95,
    days: 7,
    carries: 0.95,
  },
] as const
export type Supplier = (typeof SUPPLIERS)[number]

/** A figure from 0 to 1 that is always the same for the same words: the seed of everything invented here. */
export const seeded = (...words: string[]): number =>
  createHash('sha256')
    .update(['amber', ...words].join('\u0000'))
    .digest()
    .readUInt32BE(0) /
  2 ** 32

const cents = (value: number): number => Math.round(value * 100) / 100

/** An invented but plausible price: steel by volume and a little for the work. */
function worth(catalogue: Catalogue, base: string | undefined, text: string): number {
  const part = findPart(catalogue, base ?? text)
  if (!part || part.piece === 'hardware') return 0.3 + 2.7 * seeded('hardware', text)
  const { bore = 10, outside = bore * 2, width, totalWidth, coneWidth, cupWidth } = part.dimensions
  const cm3 =
    ((Math.PI / 4) * (outside ** 2 - bore ** 2) * (width ?? totalWidth ?? coneWidth ?? cupWidth ?? 10)) / 1000
  return part.piece === 'seal' ? 1.2 + 0.12 * cm3 : 1.8 + 0.22 * cm3
}

export interface Quote {
  designation: string
  price: number
  pack: number
  days: number
}

/** What a supplier asks for a part; null = does not carry it. */
export function quoteOf(supplier: Supplier, designation: string, context: DesignationContext): Quote | null {
  const reading = readClean(designation, context)
  const name = reading?.part ? reading.canonical : designation
  if (seeded(supplier.id, 'carries', name) > supplier.carries) return null
  if (/\blong\b|look at it|old one/.test(designation)) return null
  const price =
    worth(context.catalogue, reading?.base, name) *
    supplier.dearness *
    (0.85 + 0.3 * seeded(supplier.id, name))
  const small = price < 1.5
  return {
    designation,
    price: cents(Math.max(0.05, price)),
    pack: small ? ([5, 10, 25][Math.floor(3 * seeded(supplier.id, 'pack', name))] ?? 10) : 1,
    days: supplier.days + Math.floor(3 * seeded(supplier.id, 'days', name)),
  }
}
