import type { Part } from '../catalogue'
import type { FillPractice } from '../grease'
import type { PartValue } from '../part'
import type { Slot } from './arrangement'
import type { Finding } from './findings'
import type { SlotRole } from './roles'
import type { KitSizes } from './sizes'
import type { JobBearing } from './bearingSlots'

/** `keep` = the old one stays, `none` = this machine has none, `out` = deliberately left out, `auto` = propose one. */
export const SLOT_LABELS = ['keep', 'none', 'out', 'auto'] as const

export interface KitRequest {
  positions: number
  /** slot id → designation, or one of `SLOT_LABELS` */
  parts: Readonly<Record<string, string>>
  sizes: KitSizes
  /** thread of the spindle as written, such as 3/4-16 or M20x1.5 */
  thread?: string | undefined
  /** what was found and adds parts, such as a grooved journal */
  findings?: readonly Finding[] | undefined
  /** slot id → pieces for one position, where the machine has another number than the arrangement says */
  quantities?: Readonly<Record<string, number>> | undefined
  /** slot id → why a part that is always renewed is not wanted here */
  reasons?: Readonly<Record<string, string>> | undefined
  /** how the shop fills a hub; by the speed when left out */
  greaseFill?: FillPractice | undefined
  /** the bearings of the job, as they were decided */
  bearings?: readonly JobBearing[] | undefined
  /** bearings decided for the job that stand in no place yet */
  decided?: readonly string[] | undefined
  /** lines beside the places of the arrangement, such as wheel studs */
  extras?: readonly ExtraLine[] | undefined
}

/** A line that no place of the arrangement asks for. */
export interface ExtraLine {
  id: string
  label: string
  designation: string
  /** pieces for one position */
  quantity: number
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
  role: SlotRole
  label: string
  designation: string
  /** the part itself, resolved; null where nothing stands or the old one stays */
  value: PartValue | null
  /** the old part stays, or there is only something to look at: nothing is bought */
  stays: boolean
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
  /** of one piece, as agreed; null = not known */
  price: number | null
  stock: Supply | null
}

/** What was found between parts: code and facts for programs (`checks/facts.ts`), words for people. */
export interface KitCheck {
  /** a `CheckCode`; empty in kits kept before there were codes */
  code: string
  data: Readonly<Record<string, unknown>>
  result: 'pass' | 'warn' | 'fail'
  title: string
  detail: string
  slots: string[]
}

export interface Kit {
  arrangement: string
  positions: number
  lines: KitLine[]
  checks: KitCheck[]
  /** places this machine has none of though they are always renewed, with the reason given */
  absent: { slot: string; label: string; reason: string }[]
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
  value: PartValue | null
  /** of `value`, where its sizes are known */
  part: Part | null
  reason: string
  assumed?: boolean
  alternatives?: string[]
  quantity?: number
  unit?: 'g'
  /** an old part that stays, or something to look at: nothing to buy */
  stays?: boolean
}
