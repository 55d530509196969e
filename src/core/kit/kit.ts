import type { Part } from '../catalogue'
import type { Finding, Slot } from './arrangement'
import type { KitSizes } from './sizes'

/** `keep` = the old one stays, `none` = this machine has none, `out` = deliberately left out, `auto` = propose one. */
export const SLOT_WORDS = ['keep', 'none', 'out', 'auto'] as const

export interface KitRequest {
  positions: number
  /** slot id → designation, or one of `SLOT_WORDS` */
  parts: Readonly<Record<string, string>>
  sizes: KitSizes
  /** thread of the spindle as written, such as 3/4-16 or M20x1.5 */
  thread?: string | undefined
  /** what was found and adds parts, such as a grooved journal */
  findings?: readonly Finding[] | undefined
}

/** What the shop has of a part. */
export interface Supply {
  /** pieces that nobody has reserved */
  free: number
  bin: string
  /** of one piece, in the currency of the shop */
  price: number | null
}

/** What lies in the bins, by what a designation means; null = nothing known. */
export type SupplyOf = (designation: string) => Supply | null

export type LineState = 'filled' | 'gap' | 'conflict'

export interface KitLine {
  slot: string
  words: string
  designation: string
  quantityPerPosition: number
  quantity: number
  unit: 'pcs' | 'g'
  singleUse: boolean
  state: LineState
  /** why this one, or what is missing, or what does not go together */
  reason: string
  /** chosen by what is usual, not by a measurement: to be confirmed */
  assumed: boolean
  note: string
  alternatives: string[]
  stock: Supply | null
}

export interface KitCheck {
  result: 'pass' | 'warn' | 'fail'
  words: string
  detail: string
  slots: string[]
}

export interface Kit {
  arrangement: string
  positions: number
  lines: KitLine[]
  checks: KitCheck[]
  complete: boolean
  /** of everything that is bought; null while a price is unknown */
  price: number | null
  /** what to measure next to close a gap */
  next: { heading: string; line: string } | null
  /** tools sized to the parts */
  tools: string[]
}

/** A slot with what was decided for it, before quantities. */
export interface Filled {
  slot: Slot
  state: LineState
  designation: string
  part: Part | null
  reason: string
  assumed?: boolean
  alternatives?: string[]
  quantity?: number
  unit?: 'g'
  /** an old part that stays, or something to look at: nothing to buy */
  stays?: boolean
}
