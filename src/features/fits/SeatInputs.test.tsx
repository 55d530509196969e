import { render, screen } from '@testing-library/react'
import { describe, expect, it } from 'vitest'
import { isRaceway } from '@/core/fit'
import { SeatInputs, type SeatProps } from './SeatInputs'
import { usualOf, type ShownSeat } from './seatTypes'

const BALL: ShownSeat = {
  id: 'inner',
  slot: '',
  label: '',
  ring: 'inner',
  designation: '6206',
  family: 'deep-groove',
  kind: 'ball',
  body: 'shaft',
  material: null,
  bore: 30,
  outside: 62,
  width: 16,
  sealed: false,
  clearance: 'CN',
  precision: 'Normal',
  rotatingRing: 'inner',
  byThumb: false,
}

function show(change: Partial<ShownSeat>): void {
  const seat = { ...BALL, ...change }
  const nothing = () => undefined
  const props: SeatProps = {
    seat,
    typed: {},
    load: 'normal',
    material: null,
    onTyped: nothing,
    onMaterial: nothing,
    practice: null,
  }
  render(<SeatInputs {...props} usual={usualOf(seat, {}, 'normal', null)} />)
}
const clearance = () => screen.queryByRole('combobox', { name: 'Clearance' })
const classes = () => screen.getAllByRole('radio').map((chip) => chip.textContent)

describe('what is asked of a seat', () => {
  it.each([
    ['6206', {}],
    ['NU206', { family: 'cylindrical', kind: 'roller' }],
    ['22206', { family: 'spherical', kind: 'roller' }],
    ['22206K', { family: 'spherical', kind: 'onSleeve' }],
  ] as const)('%s has groups of clearance to choose from (ISO 5753-1)', (_, change) => {
    show(change)
    expect(clearance()).not.toBeNull()
  })

  it.each([
    ['30206', { family: 'tapered-metric', kind: 'taperedMetric' }],
    ['7206', { family: 'angular-contact' }],
    ['51206', { family: 'thrust-ball', kind: 'thrust' }],
    ['HK3020', { family: 'needle', kind: 'drawnCup' }],
    ['LM30UU', { family: 'linear-ball', kind: 'linear' }],
  ] as const)('%s has none: adjustment or its seats make it', (_, change) => {
    show(change)
    expect(clearance()).toBeNull()
  })

  it('where the shaft is the raceway no class is offered that would leave no room', () => {
    for (const kind of ['drawnCup', 'needleNoRing', 'linear'] as const) {
      expect(isRaceway(kind, 'inner')).toBe(true)
      show({ kind, family: 'needle' })
    }
    expect(classes().filter((name) => /^[j-z]/.test(name ?? ''))).toEqual([])
  })
})
