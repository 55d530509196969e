import type { Catalogue, Dimensions, Family, Part } from '../catalogue'
import type { Written } from './canonical'
import type { Wear } from './lookAlikes'
import type { Repair } from './repairs'
import type { Closure } from './closure'
import type { SuffixToken, TokenKind } from './token'

export interface ReadToken {
  text: string
  /** place in the text as typed */
  at: number
  kind: TokenKind
  meaning: string
  /** of its kind, as the token table has it; empty = none */
  value: string
  known: boolean
  /** the token it was taken for, where it may be worn */
  taken?: string
}

/** A known token where it stands in a text. */
export const knownToken = ({ kind, meaning, value }: SuffixToken, text: string, at: number): ReadToken => ({
  text,
  at,
  kind,
  meaning,
  value,
  known: true,
})

/** Marks that nothing explains. */
export const undecodedToken = (text: string, at: number): ReadToken => ({
  text,
  at,
  kind: 'other',
  meaning: 'not decoded',
  value: '',
  known: false,
})

/** One way to read a stamped number. */
export interface Reading {
  canonical: string
  /** the same, taken apart into the number and its options */
  written: Written
  family: Family
  base: string
  /** the part named: a row of the catalogue, or one worked out from the rule of its series (`computed`) */
  part: Part
  /** marks of the text that the base number takes up */
  basePlace: { from: number; to: number }
  dimensions: Dimensions
  tokens: ReadToken[]
  unknown: string[]
  /** marks that were taken for others than were read */
  repaired: Repair[]
  /** the style of numbering it was taken to be in, where that is not the usual one */
  style?: string
  /** marks of the number as it is listed, where it was found through damage */
  stamped?: string
  /** every mark is explained as it stands: fit to be looked up, not only guessed */
  exact: boolean
  closure: Closure
  clearance: string
  /** −ln of the relative probability of the text under this reading */
  cost: number
  /** share of this reading among all, 0…1 */
  confidence: number
}

export interface DesignationContext {
  catalogue: Catalogue
  tokens: readonly SuffixToken[]
  /** how marks are misread; as stamps of used bearings usually are when left out */
  wear?: Wear
}
