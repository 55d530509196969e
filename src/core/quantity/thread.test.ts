import { expect, it } from 'vitest'
import { readThread } from './thread'

// ISO 261, coarse threads.
it('coarse pitches of metric threads', () => {
  const coarse =
    'M6x1 M8x1.25 M10x1.5 M12x1.75 M14x2 M16x2 M18x2.5 M20x2.5 M22x2.5 M24x3 M27x3 M30x3.5 M33x3.5 M36x4'.split(
      ' ',
    )
  for (const thread of coarse) expect(readThread(thread.split('x')[0] ?? '')).toEqual(readThread(thread))
})

// ASME B1.1: the major diameter of a numbered screw is 0.060 in and 0.013 in a number; coarse and fine threads by number.
it('numbered screws are told from inches by their threads an inch', () => {
  const screws =
    '0-80 1-64 1-72 2-56 2-64 3-48 3-56 4-40 4-48 5-40 5-44 6-32 6-40 8-32 8-36 10-24 10-32 12-24 12-28'
  for (const text of screws.split(' '))
    expect(readThread(text)?.diameterMm, text).toBeCloseTo(
      25.4 * (0.06 + 0.013 * Number(text.split('-')[0])),
      6,
    )
  expect(readThread('10-24 LH')).toMatchObject({ leftHand: true, pitchMm: 25.4 / 24 })
  // A steerer of 1 in has 24 threads an inch; nothing else of a whole number is a screw.
  for (const [text, inches] of [
    ['1-24', 1],
    ['1-14', 1],
    ['2-20', 2],
    ['5-24', 5],
    ['10.0-32', 10],
  ] as const)
    expect(readThread(text)?.diameterMm, text).toBeCloseTo(25.4 * inches, 6)
})

// ASME B1.1, coarse (UNC) and fine (UNF) series.
it('the name of a series says its threads an inch', () => {
  const coarse =
    '1/4-20 5/16-18 3/8-16 7/16-14 1/2-13 9/16-12 5/8-11 3/4-10 7/8-9 1-8 1-1/8-7 1-1/4-7 1-3/8-6 1-1/2-6'
  const fine =
    '1/4-28 5/16-24 3/8-24 7/16-20 1/2-20 9/16-18 5/8-18 3/4-16 7/8-14 1-12 1-1/8-12 1-1/4-12 1-3/8-12 1-1/2-12'
  for (const [series, threads] of [
    ['UNC', coarse],
    ['UNF', fine],
  ] as const)
    for (const thread of threads.split(' ')) {
      const size = thread.replace(/-\d+$/, '')
      expect(readThread(`${size} ${series}`), `${size} ${series}`).toEqual(readThread(thread))
      expect(readThread(`${thread} ${series}-2A`), thread).toEqual(readThread(thread))
    }
  expect(readThread('2 UNF')).toBeNull()
})
