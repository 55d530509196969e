import { findPart, numberKey } from '../catalogue'
import { readClean } from './readExact'
import type { DesignationContext, Reading } from './reading'

/** What a number means: the boundary part with its options, whatever the convention that spells them. */
export function meaningOf({ base, part, closure, clearance, tokens }: Reading): string {
  const options = tokens
    .filter((t) => t.known && t.kind !== 'closure' && t.kind !== 'clearance')
    .map((t) => t.meaning)
    .sort()
  const unknown = tokens.filter((t) => !t.known).map((t) => numberKey(t.text))
  return [
    `${part.family}:${base}`,
    closure.sides > 0 ? `${closure.sides} ${closure.type}` : '',
    clearance === 'CN' ? '' : clearance,
    ...options,
    ...unknown,
  ]
    .filter(Boolean)
    .join('|')
}

/**
 * The same for text as it is written on a shelf: a listed part by its meaning, anything else by its letters.
 * @example partKeyOf('6205 DDU', language) === partKeyOf('6205-2RS1', context)
 */
export function partKeyOf(text: string, context: DesignationContext): string {
  const part = findPart(context.catalogue, text)
  if (part && (part.piece === 'seal' || part.piece === 'hardware')) return `${part.family}:${part.base}`
  const reading = readClean(text, context)
  return reading ? meaningOf(reading) : `text:${numberKey(text)}`
}
