import type { SuffixToken, TokenKind } from './token'

/** A stretch behind the number: a known token, or text that is not decoded. */
interface Stretch {
  token: SuffixToken | null
  text: string
}

/** One option of a number: how it is written behind what stands before it, and what it means. */
export interface WrittenOption {
  written: string
  meaning: string
  kind: TokenKind
  /** of its kind, as the token table has it; empty = none */
  value: string
}

/** A number in one spelling, taken apart into what names the part and what each option adds. */
export interface Written {
  front: string
  options: WrittenOption[]
}

function writtenOf({ token, text }: Stretch): string {
  if (!token) return ` ${text.trim()}`
  if (token.kind === 'clearance') return `/${token.text}`
  if (token.text.startsWith('#') || token.families.every((family) => family === 'seal'))
    return ` ${token.text}`
  return (/^\d/.test(token.text) ? '-' : '') + token.text
}

/** Letters of a seal stand apart from its sizes: `TC 35x62x10`. */
function behindPrefix({ text, families }: SuffixToken): string {
  if (families.every((family) => family === 'seal')) return ' '
  return /^\d/.test(text) ? '-' : ''
}

/**
 * A number in one spelling: prefix and base run together, clearance behind a slash, tokens that begin with a digit behind
 * a dash, what is not decoded behind a space.
 */
export const writeDesignation = (
  base: string,
  prefix: readonly SuffixToken[],
  stretches: readonly Stretch[],
): Written => ({
  front: prefix.map((token) => token.text + behindPrefix(token)).join('') + base,
  options: stretches.map((stretch) => ({
    written: writtenOf(stretch),
    meaning: stretch.token?.meaning ?? 'not decoded',
    kind: stretch.token?.kind ?? 'other',
    value: stretch.token?.value ?? '',
  })),
})

/** @example designationOf({ front: '6205', options: [{ written: '-2RS', meaning: '…' }] }) // '6205-2RS' */
export const designationOf = ({ front, options }: Written): string =>
  front + options.map(({ written }) => written).join('')
