import type { SuffixToken } from './token'

/** A stretch behind the number: a known token, or text that is not decoded. */
interface Stretch {
  token: SuffixToken | null
  text: string
}

/**
 * A number in one spelling: prefix and base run together, clearance behind a slash, tokens that begin with a digit behind
 * a dash, what is not decoded behind a space.
 * @example canonicalOf('6205', [], [{ token: seals, text: '2rs' }]) // '6205-2RS'
 */
export function canonicalOf(
  base: string,
  prefix: readonly SuffixToken[],
  stretches: readonly Stretch[],
): string {
  const front = prefix.map(({ text }) => (/^\d/.test(text) ? `${text}-` : text)).join('') + base
  return stretches.reduce((written, { token, text }) => {
    if (!token) return `${written} ${text.trim()}`
    if (token.kind === 'clearance') return `${written}/${token.text}`
    if (token.text.startsWith('#')) return `${written} ${token.text}`
    return written + (/^\d/.test(token.text) ? '-' : '') + token.text
  }, front)
}
