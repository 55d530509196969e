import type { Part } from '../catalogue'
import type { ArrangementCode, Slot } from './arrangement'

/** Sizes of the machine that decide parts, millimetres; every one may be unknown. */
export interface KitSizes {
  /** journal the seal runs on, counterbore it sits in, room for its width */
  sealShaft?: number | undefined
  sealHousing?: number | undefined
  sealWidth?: number | undefined
  /** bore of the hub where the cap goes */
  hubMouth?: number | undefined
  /** length of the grease space between the bearings */
  cavityLength?: number | undefined
  /** distance between the inner rings on a through axle */
  spacerLength?: number | undefined
  wheelSpacerLength?: number | undefined
  rpm?: number | undefined
}

/** `keep` = the old one stays, `none` = this machine has none, `out` = deliberately left out, `auto` = propose one. */
export const SLOT_WORDS = ['keep', 'none', 'out', 'auto'] as const

export interface KitRequest {
  arrangement: ArrangementCode
  positions: number
  /** slot id → designation, or one of `SLOT_WORDS` */
  parts: Readonly<Record<string, string>>
  sizes: KitSizes
  /** thread of the spindle as written, such as 3/4-16 or M20x1.5 */
  thread?: string | undefined
}

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
}

export interface KitCheck {
  result: 'pass' | 'warn' | 'fail'
  words: string
  detail: string
  slots: string[]
}

export interface Kit {
  arrangement: ArrangementCode
  positions: number
  lines: KitLine[]
  checks: KitCheck[]
  complete: boolean
  /** null until prices are known */
  price: number | null
  /** what to measure next to close a gap */
  next: { heading: string; line: string } | null
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
  /** an old part that stays: nothing to buy */
  stays?: boolean
}
