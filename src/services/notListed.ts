import 'server-only'
import {
  kindOfUnlisted,
  readExact,
  suggestionsFor,
  type DesignationContext,
  type ExactReading,
} from '@/core/designation'
import { ServiceError } from './errors'

type Reason = Extract<ExactReading, { ok: false }>['reason']

const DETAILS: Record<Reason, (text: string) => string> = {
  empty: () => 'There is no letter or figure in it. Give a number, such as 6205-2RS.',
  lostMarks: (text) =>
    `“${text}” has lost marks. Identify it with its sizes, or choose the number it may be.`,
  twoNumbers: (text) => `“${text}” holds more than one number. Ask for one at a time.`,
  notListed: (text) =>
    `“${text}” is not in the catalogue. Check the number, or identify the part by its sizes.`,
}

/**
 * Refusal of a number that names no part as it stands, with the numbers that may have been meant.
 * @param path of the field it was typed in, where more than one number is asked for
 */
export function notListed(
  text: string,
  context: DesignationContext,
  path: readonly string[] = [],
): ServiceError {
  const read = readExact(text, context)
  const reason = read.ok ? 'notListed' : read.reason
  const kind = reason === 'notListed' ? kindOfUnlisted(text, context.catalogue) : null
  const detail = kind
    ? `“${text.slice(0, 80)}” is not in the catalogue. ${kind}`
    : DETAILS[reason](text.slice(0, 80))
  return new ServiceError(
    'notFound',
    detail,
    path.length > 0 ? [{ path: [...path], message: detail }] : [],
    undefined,
    suggestionsFor(text, context),
  )
}
