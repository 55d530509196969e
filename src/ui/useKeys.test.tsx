import { fireEvent, render, screen } from '@testing-library/react'
import { expect, it, vi } from 'vitest'
import { useKeys, type Keys } from './useKeys'

function Screen({ keys, whileTyping }: { keys: Keys; whileTyping?: boolean }) {
  useKeys(keys, { whileTyping })
  return <input aria-label="Field" />
}
/** Whether the key was taken: its default is prevented. */
const press = (key: string, at: Element = document.body, modifiers: KeyboardEventInit = {}): boolean =>
  !fireEvent.keyDown(at, { key, ...modifiers })

it('a screen takes its keys, and no others', () => {
  const [w, code] = [vi.fn(), vi.fn()]
  render(<Screen keys={{ w, '([\\w\\-])': ({ key }) => code(key) }} />)
  expect([press('w'), press('-'), press('7'), press('Enter')]).toEqual([true, true, true, false])
  expect(w).toHaveBeenCalledTimes(1)
  // What one of its keys took is not taken a second time by a wider one.
  expect(code.mock.calls).toEqual([['-'], ['7']])
})

it('a key with a modifier is another key', () => {
  const w = vi.fn()
  render(<Screen keys={{ w }} />)
  expect(press('w', document.body, { ctrlKey: true })).toBe(false)
  expect(press('w', document.body, { altKey: true })).toBe(false)
})

it('while something is typed letters are text; keys with Ctrl are not', () => {
  const [w, enter] = [vi.fn(), vi.fn()]
  render(
    <>
      <Screen keys={{ w }} />
      <Screen keys={{ 'Control+Enter': enter }} whileTyping />
    </>,
  )
  const [field] = screen.getAllByLabelText('Field')
  if (!field) throw new Error('no field')
  expect(press('w', field)).toBe(false)
  expect(press('Enter', field, { ctrlKey: true })).toBe(true)
  expect([w.mock.calls.length, enter.mock.calls.length]).toEqual([0, 1])
})

it('a key with Ctrl counts also where a field takes the bare key', () => {
  const enter = vi.fn()
  render(
    <div role="toolbar" onKeyDown={(event) => event.preventDefault()}>
      <Screen keys={{ 'Control+Enter': enter }} whileTyping />
    </div>,
  )
  press('Enter', screen.getByLabelText('Field'), { ctrlKey: true })
  expect(enter).toHaveBeenCalledTimes(1)
})

it('a key that something on the screen took is no key of the screen', () => {
  const down = vi.fn()
  render(
    <div role="toolbar" onKeyDown={(event) => event.preventDefault()}>
      <button type="button">Inside</button>
      <Screen keys={{ ArrowDown: down }} />
    </div>,
  )
  press('ArrowDown', screen.getByRole('button'))
  expect(down).not.toHaveBeenCalled()
  press('ArrowDown')
  expect(down).toHaveBeenCalledTimes(1)
})

it('what is none of its keys now is left to the browser; the latest drawing answers', () => {
  const later = vi.fn()
  const { rerender } = render(<Screen keys={{ r: () => false }} />)
  expect(press('r')).toBe(false)
  rerender(<Screen keys={{ r: later }} />)
  expect(press('r')).toBe(true)
  expect(later).toHaveBeenCalledTimes(1)
})
