import { describe, expect, it } from 'vitest'
import { shipped } from '../../../tests/support/shipped'
import { readClean } from './readExact'
import { asMarks } from './spokenWords'
import { suggestionsFor } from './suggest'

const read = (text: string) => readClean(text, shipped)

describe('what people say for marks (common practice)', () => {
  it.each([
    ['6205 sealed', '6205-2RS'],
    ['6205 rubber sealed both sides', '6205-2RS'],
    ['6304 two seals C3', '6304-2RS/C3'],
    ['6304 one seal', '6304RS'],
    ['6205 shielded', '6205ZZ'],
    ['6205 2 metal shields', '6205ZZ'],
    ['6205 open', '6205'],
    ['6205 stainless', '6205SS'],
    ['6205 hybrid', '6205HC5'],
    ['6306 nylon cage', '6306TN'],
    ['22210 brass cage', '22210M'],
    ['6208 with snap ring', '6208NR'],
    ['6203 2RS 5/8" bore', '6203-5/8-2RS'],
    ['LM67048 and LM67010', 'LM67048/LM67010'],
    ['L68149 & L68111', 'L68149/L68111'],
    ['cone 25580 cup 25520', '25580/25520'],
    ['cup 25520, cone 25580', '25580/25520'],
    ['UC205 1"', 'UC205-16'],
    ['UCP 206 1 1/4 in', 'UCP206-20'],
    ['SB204 3/4 inch', 'SB204-12'],
  ])('%s: %s', (text, canonical) => expect(read(text)?.canonical).toBe(canonical))

  it('a bore that the insert is not made with, two bearings, and a cone for a bearing are not read', () => {
    for (const text of ['UC205 2"', '6205 and 6206', 'LM67048 and 6205', 'cone 6205 cup LM67010'])
      expect(read(text), text).toBeNull()
  })

  it('other words of a bearing stay with it whole', () => {
    expect(read('6205 high temp')).toMatchObject({ base: '6205', unknown: ['high', 'temp'] })
    expect(read('6205 steel cage')?.unknown).toEqual(['steel', 'cage'])
  })

  it('every mark stays where it was', () => {
    for (const text of ['6205 sealed C3', 'UC205 1" C3', 'cone 25580 cup 25520', '6203 5/8 in bore C3'])
      expect(asMarks(text).length, text).toBe(text.length)
    expect(asMarks('6205 sealed C3').indexOf('C3')).toBe('6205 sealed C3'.indexOf('C3'))
  })
})

describe('numbers with their letters or their gaps left out are offered, never taken', () => {
  it.each([
    ['67048/10', ['LM67048/LM67010']],
    ['44649/10', ['L44649/L44610']],
    ['12749', ['LM12749']],
    ['HK 16 12', ['HK1612']],
    ['62 05', ['6205']],
  ])('%s: %j', (text, offered) => {
    expect(read(text)).toBeNull()
    expect(suggestionsFor(text, shipped).map(({ designation }) => designation)).toEqual(offered)
  })

  it('every cone whose letters are left out is among them', () => {
    const cones = shipped.catalogue.parts.filter(
      ({ piece, base }) => piece === 'cone' && /^[A-Z]+\d{4,6}$/.test(base),
    )
    expect(cones.length).toBeGreaterThan(150)
    for (const { base } of cones.filter((_, i) => i % 5 === 0)) {
      const figures = base.replace(/^[A-Z]+/, '')
      if (read(figures) === null)
        expect(
          suggestionsFor(figures, shipped).map(({ designation }) => designation),
          base,
        ).toContain(base)
    }
  })
})
