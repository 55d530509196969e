import { readdirSync } from 'node:fs'
import { expect, it } from 'vitest'

const SUBJECTS = readdirSync(new URL('.', import.meta.url))
  .filter((file) => !file.endsWith('.test.ts'))
  .map((file) => file.replace('.ts', ''))

/** Subject by subject what it says; a sentence with figures as it is written in code. */
const said = new Map(
  await Promise.all(
    SUBJECTS.map(async (subject) => {
      const texts = (await import(/* @vite-ignore */ `./${subject}.ts`)) as Record<string, unknown>
      return [subject, new Set(Object.values(texts).map(String))] as const
    }),
  ),
)

it('what three subjects say stands in common, and nothing of common stands elsewhere', () => {
  const places = new Map<string, string[]>()
  for (const [subject, texts] of said)
    for (const text of texts) places.set(text, [...(places.get(text) ?? []), subject])
  const twice = [...places].filter(([, subjects]) => subjects.length > 2 || subjects.includes('common'))
  expect(twice.filter(([, subjects]) => subjects.length > 1)).toEqual([])
})

it('texts are words: no empty one, no two spaces but where paper leaves room, no figure that is missing', () => {
  for (const [subject, texts] of said)
    for (const text of texts) {
      expect(text.trim(), subject).not.toBe('')
      if (!text.includes('___'))
        expect(text.split('\n').join(''), subject).not.toMatch(/\S {2}\S|undefined|NaN/)
    }
})
