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

// ASME B1.1: the major diameter of a numbered screw is 0.060 in and 0.013 in a number.
it('numbered screws are told from inches by how fine they are', () => {
  expect(readThread('10-32')?.diameterMm).toBeCloseTo(4.826, 3)
  expect(readThread('10-24 LH')).toMatchObject({ leftHand: true, pitchMm: 25.4 / 24 })
  expect(readThread('8-32')?.diameterMm).toBeCloseTo(4.166, 3)
  expect(readThread('0-80')?.diameterMm).toBeCloseTo(1.524, 3)
  expect(readThread('2-20')?.diameterMm).toBeCloseTo(50.8, 3)
  expect(readThread('2-23')?.diameterMm).toBeCloseTo(50.8, 3)
  expect(readThread('5-24')?.diameterMm).toBeCloseTo(3.175, 3)
  expect(readThread('10.0-32')?.diameterMm).toBeCloseTo(254, 3)
})
