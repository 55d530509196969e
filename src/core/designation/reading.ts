import type { Catalogue, Dimensions, Family, Part } from '../catalogue'
import type { Closure, SuffixToken, TokenKind } from './token'

export interface ReadToken {
  text: string
  /** place in the text as typed */
  at: number
  kind: TokenKind
  meaning: string
  known: boolean
}

/** One way to read a stamped number. */
export interface Reading {
  canonical: string
  family: Family
  base: string
  /** the catalogue part; null when the number follows the rules but no such part is listed */
  part: Part | null
  /** marks of the text that the base number takes up */
  basePlace: { from: number; to: number }
  dimensions: Dimensions
  tokens: ReadToken[]
  unknown: string[]
  closure: Closure
  clearance: string
  /** −ln of the relative probability of the text under this reading */
  cost: number
  /** share of this reading among all, 0…1 */
  confidence: number
}

export interface Language {
  catalogue: Catalogue
  tokens: readonly SuffixToken[]
}
