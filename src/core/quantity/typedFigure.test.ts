import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { storedFigure, readFigure, readFigures, shownFigure } from './typedFigure'

describe('a field for one figure, in the unit that was chosen', () => {
  it.each([
    ['0.05', 'length', 0.05],
    ['0,05 mm', 'length', 0.05],
    ['0.002 in', 'length', 0.0508],
    ['1 3/8', 'length', 34.925],
    ['0', 'length', 0],
    ['0.0 in', 'length', 0],
    ['1.8', 'force', 1.8],
    ['1800 N', 'force', 1.8],
    // NIST SP 811: 1 lbf = 4.448222 N.
    ['1000 lbf', 'force', 4.448222],
  ] as const)('%s as a %s is %d', (text, quantity, value) => {
    expect(readFigure(text, quantity)).toBeCloseTo(value, 6)
  })
  it.each([
    ['', 'length'],
    ['thick', 'length'],
    ['mm', 'length'],
    ['.', 'length'],
    ['3 kg', 'force'],
    ['1 1', 'force'],
  ] as const)('“%s” is no %s', (text, quantity) => {
    expect(readFigure(text, quantity)).toBeNaN()
  })
  it('shims of a set share the unit behind them', () => {
    expect(readFigures('0.05 0.1; 0,2')).toEqual([0.05, 0.1, 0.2])
    expect(readFigures('0.002 0.004 in')[1]).toBeCloseTo(0.1016, 9)
    expect(readFigures('thin')).toEqual([])
  })
  it('shows again what was typed, whatever was typed, and never another size in the other unit', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('mm', 'in'),
        fc.constantFrom('length', 'force'),
        fc.stringMatching(/^(\d{1,3}([.,]\d{0,4})?|\d [135]\/8|7\/16)( ?(mm|in|i|N|lbf|kN))?$/),
        (unit, quantity, typed) => {
          const stored = storedFigure(typed, quantity, unit)
          const shown = shownFigure(stored, quantity, unit)
          const meant = readFigure(stored, quantity)
          expect(readFigure(storedFigure(shown, quantity, unit), quantity)).toEqual(meant)
          const other = unit === 'mm' ? 'in' : 'mm'
          expect(
            readFigure(storedFigure(shownFigure(stored, quantity, other), quantity, other), quantity),
          ).toEqual(meant)
        },
      ),
      { numRuns: 1000 },
    )
  })
})
