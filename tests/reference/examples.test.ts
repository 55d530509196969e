import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { expect, it } from 'vitest'
import { shipped } from '../support/shipped'

// Examples in the descriptions of functions, carried out: `@example call // value`. Those with … or words are for readers only.

const CORE = join(import.meta.dirname, '../../src/core')
const LEAST = 25

interface Example {
  file: string
  call: string
  value: string
}

const files = readdirSync(CORE, { recursive: true, encoding: 'utf8' }).filter(
  (file) => file.endsWith('.ts') && !file.endsWith('.test.ts'),
)
const examples: Example[] = files.flatMap((file) =>
  [
    ...readFileSync(join(CORE, file), 'utf8').matchAll(/@example (\w+\(.*?) \/\/ ([^\n]*?)(?: \*\/)?$/gm),
  ].flatMap(([, call = '', value = '']) =>
    // A second example may follow in its line.
    /…/.test(call + value) ? [] : [{ file, call, value: value.split(/[;:] /)[0] ?? '' }],
  ),
)

const evaluate = (code: string, names: Record<string, unknown>): unknown =>
  new Function(...Object.keys(names), `return (${code})`)(...Object.values(names)) as unknown

/** Whether text is a value in JavaScript: a number, a text, a list or an object of such. */
function valueOf(text: string): { value: unknown } | null {
  try {
    return { value: evaluate(text, {}) }
  } catch {
    return null
  }
}

/** The value with its figures as far as the example gives them. */
function rounded(value: unknown, like: unknown): unknown {
  if (typeof value === 'number' && typeof like === 'number') {
    const digits = (/\.(\d+)/.exec(String(like))?.[1] ?? '').length
    return Number(value.toFixed(digits))
  }
  if (Array.isArray(value) && Array.isArray(like)) return value.map((v, i) => rounded(v, like[i]))
  if (typeof value === 'object' && value !== null && typeof like === 'object' && like !== null)
    return Object.fromEntries(
      Object.entries(like).map(([key, l]) => [key, rounded((value as Record<string, unknown>)[key], l)]),
    )
  return value
}

const runnable = examples.flatMap((example) => {
  // What is no value, such as a designation in bare letters, is for readers.
  const wanted = valueOf(example.value.startsWith('{') ? `${example.value}` : example.value)
  return wanted ? [{ ...example, wanted: wanted.value }] : []
})

it.each(runnable)('$file: $call', async ({ file, call, wanted }) => {
  const own = (await import(join(CORE, file))) as Record<string, unknown>
  const names = { ...own, context: shipped }
  expect(rounded(evaluate(call, names), wanted)).toEqual(wanted)
})

it(`at least ${LEAST} of them can be carried out`, () => {
  expect(runnable.length).toBeGreaterThanOrEqual(LEAST)
})
