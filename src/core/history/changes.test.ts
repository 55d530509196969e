import { describe, expect, it } from 'vitest'
import { changesOf, machineChanges } from '.'

describe('what changed', () => {
  it('is told aspect by aspect, with what it was and is', () => {
    const labels = { minimum: 'Minimum', price: 'Price' }
    expect(changesOf({ minimum: 4, price: null }, { minimum: 6, price: 2.5 }, labels)).toEqual([
      'Minimum: “4” → “6”',
      'Price: nothing → “2.5”',
    ])
    expect(changesOf({ minimum: 4, price: 1 }, { minimum: 4, price: 1 }, labels)).toEqual([])
  })
  it('of a machine: its own, its positions, and those that came', () => {
    const rear = { id: 1, name: 'Rear', side: '', arrangement: 'A1', fitted: '', quantity: 2 }
    const machine = { name: 'Ghost ride', place: 'Pier head', note: '', positions: [rear] }
    expect(
      machineChanges(machine, {
        ...machine,
        place: 'Boat house',
        positions: [
          { ...rear, arrangement: 'B1' },
          { ...rear, id: 2, name: 'Front' },
        ],
      }),
    ).toEqual(['Place: “Pier head” → “Boat house”', 'Rear, arrangement: “A1” → “B1”', 'Position Front added'])
    expect(machineChanges(machine, machine)).toEqual([])
  })
})
