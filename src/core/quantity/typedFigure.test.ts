import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  FIELD_UNITS,
  figureProblem,
  readFigure,
  readFigures,
  shownFigure,
  storedFigure,
  type FieldQuantity,
} from './typedFigure'

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
    ['1,000 lbs', 'force', 4.448222],
    ['1 500 N', 'force', 1.5],
    ['1,500 kN', 'force', 1.5],
    ['100 kgf', 'force', 0.980665],
    ['10 t', 'force', 98.0665],
    ['1,5 tonnes', 'force', 14.709975],
    // 1 mile is 1.609344 km, 0 °C are 32 °F (NIST SP 811).
    ['25 mph', 'speed', 40.2336],
    ['10 m/s', 'speed', 36],
    ['40 km/h', 'speed', 40],
    ['176 °F', 'temperature', 80],
    ['-4F', 'temperature', -20],
    ['80 °C', 'temperature', 80],
    ['1,500 rpm', 'turns', 1500],
    ['1500 1/min', 'turns', 1500],
    ['1.500', 'turns', 1500],
    ['1 500 r/min', 'turns', 1500],
    ['2.5', 'turns', 2.5],
    ['10,000 h', 'hours', 10000],
    ['22,5°', 'angle', 22.5],
    ['90 %', 'plain', 90],
    ['0.38', 'plain', 0.38],
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
    ['two', 'force'],
    ['1500 turns', 'turns'],
    ['5 rpm 1/min', 'turns'],
    ['1,5,2', 'hours'],
    ['1 000', 'plain'],
    ['hot', 'temperature'],
    ['5 constructor', 'turns'],
    ['40 kN', 'speed'],
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
        fc.constantFrom(...(Object.keys(FIELD_UNITS) as FieldQuantity[])),
        fc.stringMatching(
          /^(\d{1,3}([.,]\d{0,4})?|\d [135]\/8|7\/16|[1-9],\d{3})( ?(mm|in|i|N|lbf|kN|mph|°F|1\/min|h|°))?$/,
        ),
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
  it('says what to change in what cannot be read, and nothing of what can', () => {
    for (const quantity of Object.keys(FIELD_UNITS) as FieldQuantity[]) {
      expect(figureProblem('', quantity)).toBe('')
      expect(figureProblem('12', quantity)).toBe('')
      expect(figureProblem('12 furlongs', quantity), quantity).toMatch(/furlongs/)
      for (const unit of Object.values(FIELD_UNITS[quantity]))
        expect(figureProblem(`12 ${unit}`, quantity), unit).toBe('')
    }
  })
})
