import * as texts from '@/texts/fits'

export interface StackLine {
  sign: 1 | -1
  length: string
  plus: number
  minus: number
  label: string
}

/**
 * Lengths of a stack as a person writes them, one a line: sign, length, how far it may be off, what it is.
 * @example `+ 46.0 0.1 shoulders` and `- 45.9 0.05 spacer tube`; a line without a sign counts as plus
 * @returns the lines that can be read, and words for the first that cannot
 */
export function readStack(text: string): { lines: StackLine[]; message: string } {
  const lines: StackLine[] = []
  for (const [i, line] of text.split('\n').entries()) {
    if (line.trim() === '') continue
    const read = /^\s*([+\-−])?\s*(\d\S*)(?:\s+±?\s*(\d+(?:[.,]\d+)?))?\s*(.*)$/.exec(line)
    if (!read) return { lines, message: texts.lineIsNoLength(i + 1) }
    const [, sign, length = '', off = '0', label = ''] = read
    const far = Number(off.replace(',', '.'))
    lines.push({
      sign: sign === '-' || sign === '−' ? -1 : 1,
      length,
      plus: far,
      minus: far,
      label: label.slice(0, 60),
    })
  }
  return { lines, message: '' }
}
