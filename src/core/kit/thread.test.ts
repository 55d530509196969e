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
