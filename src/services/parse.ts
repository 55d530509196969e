import 'server-only'
import type { z } from 'zod'
import { capital } from '@/core/capital'
import { SIZE_LABELS } from '@/core/kit'
import { ServiceError } from './errors'

const TYPE_LABELS: Readonly<Record<string, string>> = {
  string: 'text',
  number: 'a number',
  int: 'a whole number',
  boolean: 'true or false',
  array: 'a list',
  object: 'an object',
  record: 'an object',
}
const COUNTED: Readonly<Record<string, string>> = {
  string: ' characters',
  array: ' entries',
  set: ' entries',
}

/** What a schema without words of its own refuses, in words. */
function issueMessage(issue: z.core.$ZodRawIssue): string {
  switch (issue.code) {
    case 'invalid_type':
      return issue.input === undefined ? 'missing.' : `give ${TYPE_LABELS[issue.expected] ?? issue.expected}.`
    case 'too_small':
      return `at least ${issue.minimum}${COUNTED[issue.origin] ?? ''}.`
    case 'too_big':
      return `at most ${issue.maximum}${COUNTED[issue.origin] ?? ''}.`
    case 'invalid_value':
      return `give ${issue.values.map((value) => JSON.stringify(value)).join(' or ')}.`
    case 'unrecognized_keys':
      return `unknown here: ${issue.keys.join(', ')}.`
    default:
      return 'not of a form that is read here.'
  }
}

const isSize = (name: string): name is keyof typeof SIZE_LABELS => Object.hasOwn(SIZE_LABELS, name)

/** A field as people call it: `sizes.sealShaft` is the seal journal, `readings.0` the first of the readings. */
function nameOf(path: readonly PropertyKey[]): string {
  const last = String(path.at(-1) ?? '')
  if (isSize(last)) return SIZE_LABELS[last]
  const names = path.map((step) =>
    typeof step === 'number'
      ? String(step + 1)
      : String(step).replace(/([a-z])([A-Z])/g, (_, a, b) => `${a} ${String(b).toLowerCase()}`),
  )
  return capital(names.join(' ')) || 'Input'
}

/** Validates at the edge. @throws ServiceError `unreadable` with one issue for each thing to change */
export function parse<T extends z.ZodType>(schema: T, input: unknown): z.output<T> {
  // Words of a schema say what they are about; those made here, or about what was typed, are put behind the name of the field.
  const nameless = new Set<string>()
  const result = schema.safeParse(input, {
    error: (issue) => {
      const message = issueMessage(issue)
      nameless.add(message)
      return message
    },
  })
  if (result.success) return result.data
  const issues = result.error.issues.map(({ path, message }) => ({
    path: path.map((p) => (typeof p === 'number' ? p : String(p))),
    message: nameless.has(message) ? capital(message) : message,
  }))
  const [first] = result.error.issues
  const named =
    first &&
    (nameless.has(first.message) || isSize(String(first.path.at(-1))) || first.message.startsWith('“'))
  throw new ServiceError(
    'unreadable',
    first ? (named ? `${nameOf(first.path)}: ${first.message}` : first.message) : 'Input cannot be read.',
    issues,
  )
}
