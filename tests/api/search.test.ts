import { describe, expect, it } from 'vitest'
import { call } from '../support/call'

interface Found {
  sizes: number[] | null
  parts: { designation: string; base: string; changed: string }[]
  machines: { id: number; name: string }[]
  jobs: { id: number; title: string }[]
}
const search = async (text: string): Promise<Found> =>
  (await call<Found>('GET', `/api/search?text=${encodeURIComponent(text)}`)).body

describe('the palette', () => {
  it.each([
    ['608zz', '608ZZ'],
    ['6205-2RS', '6205-2RS'],
    ['6205', '6205'],
    ['LM11949', 'LM11949'],
    ['km5', 'KM5'],
    ['CM8', 'CMR8'],
    ['GEZ25ES', 'GEZ100ES'],
  ])('%s: that number first, each part once', async (text, first) => {
    const { parts } = await search(text)
    expect(parts[0]).toMatchObject({ designation: first, changed: '' })
    expect(new Set(parts.map(({ base }) => base)).size).toBe(parts.length)
  })
  it('a beginning finds the numbers that begin so, the commonest first', async () => {
    const { parts } = await search('LM119')
    expect(parts.length).toBeGreaterThan(2)
    for (const { base, changed } of parts) expect([base.slice(0, 5), changed]).toEqual(['LM119', ''])
  })
  it('what nobody makes is offered only with what was changed', async () => {
    const { parts } = await search('LN11949')
    expect(parts.map(({ base }) => base)).toContain('LM11949')
    for (const { changed } of parts) expect(changed).not.toBe('')
  })
  it('three sizes are read as sizes', async () =>
    expect((await search('25x52x15')).sizes).toEqual([25, 52, 15]))
  it('nothing typed: the latest jobs alone', async () => {
    const { parts, machines, jobs } = await search('')
    expect([parts, machines]).toEqual([[], []])
    expect(jobs.length).toBeGreaterThan(0)
  })
})
