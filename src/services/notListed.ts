import 'server-only'
import { readExact, suggestionsFor, type ExactReading, type DesignationContext } from '@/core/designation'
import { ServiceError } from './errors'

type Reason = Extract<ExactReading, { ok: false }>['reason']

const WORDS: Record<Reason, (text: string) => string> = {
  empty: () => 'There is no letter or figure in it. Give a number, such as 6205-2RS.',
  lostMarks: (text) =>
    `“${text}” has lost marks. Identify it with its sizes, or choose the number it may be.`,
  twoNumbers: (text) => `“${text}” holds more than one number. Ask for one at a time.`,
  notListed: (text) =>
    `“${text}” is not in the catalogue. Check the number, or identify the part by its sizes.`,
}

/** Refusal of a number that names no part as it stands, with the numbers that may have been meant. */
export function notListed(text: string, context: DesignationContext): ServiceError {
  const read = readExact(text, context)
  const reason = read.ok ? 'notListed' : read.reason
  const detail = WORDS[reason](text.slice(0, 80))
  return new ServiceError('notFound', detail, [], undefined, suggestionsFor(text, context))
}
