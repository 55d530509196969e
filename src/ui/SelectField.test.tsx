import { act, fireEvent, render, screen } from '@testing-library/react'
import { expect, it, vi } from 'vitest'
import { ChipChoice } from './ChipChoice'
import { SelectField } from './SelectField'

const OPTIONS = [
  ['', 'not said'],
  ['steel', 'steel'],
  ['aluminium', 'aluminium'],
] as const

it('a list opens by its button, gives what was picked, and gives nothing chosen as nothing', async () => {
  const onPick = vi.fn()
  const { rerender } = render(<SelectField label="Hub of" value="" options={OPTIONS} onPick={onPick} />)
  const field = () => screen.getByRole('combobox', { name: 'Hub of' })
  expect(field().textContent).toBe('not said')
  fireEvent.click(field())
  fireEvent.keyDown(await screen.findByRole('option', { name: 'aluminium' }), { key: 'Enter' })
  expect(onPick).toHaveBeenLastCalledWith('aluminium')
  rerender(<SelectField label="Hub of" value="aluminium" options={OPTIONS} onPick={onPick} />)
  expect(field().textContent).toBe('aluminium')
  act(() => void fireEvent.keyDown(field(), { key: 'ArrowDown' }))
  fireEvent.keyDown(await screen.findByRole('option', { name: 'not said' }), { key: 'Enter' })
  expect(onPick).toHaveBeenLastCalledWith('')
})

it('chips: the chosen one stays chosen when pressed again, unless it may be cleared', () => {
  const [onPick, onClear] = [vi.fn(), vi.fn()]
  const { rerender } = render(<ChipChoice label="Hub" value="steel" options={OPTIONS} onPick={onPick} />)
  const chip = (name: string) => screen.getByRole('radio', { name })
  expect(chip('steel').getAttribute('aria-checked')).toBe('true')
  fireEvent.click(chip('steel'))
  expect(onPick).not.toHaveBeenCalled()
  fireEvent.click(chip('not said'))
  expect(onPick).toHaveBeenLastCalledWith('')
  rerender(<ChipChoice label="Hub" value="" options={OPTIONS} onPick={onPick} onClear={onClear} />)
  expect(chip('not said').getAttribute('aria-checked')).toBe('true')
  fireEvent.click(chip('not said'))
  expect(onClear).toHaveBeenCalledTimes(1)
})
