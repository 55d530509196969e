import { gzipSync } from 'node:zlib'
import { expect, it } from 'vitest'
import { call, page } from '../support/call'
import { STAGE_PATHS } from '@/contract/choices'
import { SCREENS } from '../support/screens'

/** Compressed script a screen may load before it can be used: budgets of our own, in bytes. */
const MAX_BYTES = 250_000
const MAX_TO_IDENTIFY = 200_000

const sizes = new Map<string, number>()
async function sizeOf(script: string): Promise<number> {
  const known = sizes.get(script)
  if (known !== undefined) return known
  const size = gzipSync(await page(script)).length
  sizes.set(script, size)
  return size
}

/** What old browsers load instead is not counted: no other loads it. */
async function scriptOf(path: string): Promise<number> {
  const html = await page(path)
  const scripts = [...html.matchAll(/<script src="(\/_next\/[^"]+\.js)"[^>]*>/g)]
    .filter(([tag]) => !tag.includes('noModule'))
    .map(([, source = '']) => source)
  let sum = 0
  for (const script of new Set(scripts)) sum += await sizeOf(script)
  return sum
}

it('no screen loads more script than its budget, identification the least', async () => {
  const { body } = await call<{ items: { id: number }[] }>('GET', '/api/jobs?limit=1')
  const job = body.items[0]?.id ?? 0
  const paths = [...SCREENS, ...Object.values(STAGE_PATHS).map((path) => `/jobs/${job}${path}`)]
  const measured = new Map<string, number>()
  for (const path of paths) measured.set(path, await scriptOf(path))
  expect([...measured].filter(([, size]) => size < 50_000 || size > MAX_BYTES)).toEqual([])
  expect(measured.get('/identify')).toBeLessThanOrEqual(MAX_TO_IDENTIFY)
  expect(measured.get(`/jobs/${job}/identify`)).toBeLessThanOrEqual(MAX_TO_IDENTIFY)
})
