import { act, fireEvent, render, screen } from '@testing-library/react'
import { expect, it, vi } from 'vitest'
import { ApiError } from '../call'
import { FormField } from './FormField'
import { FormMessage } from './FormMessage'
import { useSentForm } from './useSentForm'

const BLANK = { number: '', pieces: '' }
const ROWS = { rows: ['first'] }

interface Props {
  blank?: typeof BLANK
  send: (values: typeof BLANK, over: typeof BLANK) => Promise<typeof BLANK | void>
  readCurrent?: (current: typeof BLANK) => typeof BLANK
  storageKey?: string
  emptied?: boolean
}

function Form(props: Props) {
  const { submit, message, discard, ...fields } = useSentForm({ blank: BLANK, ...props })
  return (
    <form onSubmit={(e) => void submit(e)}>
      <FormField of={fields} name="number" label="Number" />
      <FormField of={fields} name="pieces" label="Pieces" />
      <FormMessage message={message} />
      <button type="submit">Save</button>
      <button type="button" onClick={discard}>
        Discard
      </button>
    </form>
  )
}

const field = (label: string) => screen.getByLabelText<HTMLInputElement>(label)
const type = (label: string, value: string): boolean => fireEvent.input(field(label), { target: { value } })
const save = () =>
  act(async () => {
    fireEvent.click(screen.getByRole('button', { name: 'Save' }))
    await Promise.resolve()
  })
const refusing = (path: string, message: string) => () =>
  Promise.reject(new ApiError('Something is wrong.', [], true, [{ path: [path], message }]))

it('what is refused stands at its field, and that field has the focus; nothing typed is lost', async () => {
  render(<Form send={refusing('pieces', 'A quantity is zero or more.')} />)
  type('Number', '6205-2RS')
  type('Pieces', '-3')
  await save()
  expect(screen.getByRole('alert').textContent).toBe('A quantity is zero or more.')
  expect(field('Pieces').getAttribute('aria-invalid')).toBe('true')
  expect(field('Number').getAttribute('aria-invalid')).toBeNull()
  expect(document.activeElement).toBe(field('Pieces'))
  expect(field('Number').value).toBe('6205-2RS')
})

it('what belongs to no field stands below them all', async () => {
  render(<Form send={refusing('version', 'Somebody else changed it.')} />)
  await save()
  expect(screen.getByRole('alert').textContent).toBe('Something is wrong.')
})

it('is blank again once it was sent, where it is asked to be', async () => {
  const send = vi.fn(() => Promise.resolve())
  render(<Form send={send} emptied />)
  type('Number', '608')
  await save()
  expect(send).toHaveBeenCalledWith({ number: '608', pieces: '' }, BLANK)
  expect(field('Number').value).toBe('')
})

it('what was typed outlives the page until it was sent', async () => {
  const first = render(<Form send={refusing('number', 'Which part?')} storageKey="test" />)
  type('Number', '62O5')
  await save()
  first.unmount()
  const second = render(<Form send={() => Promise.resolve()} storageKey="test" />)
  await act(async () => Promise.resolve())
  expect(field('Number').value).toBe('62O5')
  await save()
  second.unmount()
  render(<Form send={() => Promise.resolve()} storageKey="test" />)
  await act(async () => Promise.resolve())
  expect(field('Number').value).toBe('')
})

it('what was refused of a field without an input does not keep the form from being sent again', async () => {
  let refusals = 1
  const send = vi.fn(() => (refusals-- > 0 ? refusing('rows', 'Name the row.')() : Promise.resolve()))
  function Rows() {
    const { submit, errorOf } = useSentForm({ blank: ROWS, send })
    return (
      <form onSubmit={(e) => void submit(e)}>
        {errorOf('rows')}
        <button type="submit">Save</button>
      </form>
    )
  }
  render(<Rows />)
  await save()
  expect(screen.getByText('Name the row.')).toBeTruthy()
  await save()
  expect(send).toHaveBeenCalledTimes(2)
  expect(screen.queryByText('Name the row.')).toBeNull()
})

const drawn = async (props: Props) => {
  const { unmount } = render(<Form {...props} />)
  await act(async () => Promise.resolve())
  return unmount
}
const done = () => Promise.resolve()

it('what was discarded, or typed back to what was, is not kept', async () => {
  for (const back of [
    () => fireEvent.click(screen.getByRole('button', { name: 'Discard' })),
    () => type('Number', ''),
  ]) {
    const first = await drawn({ send: done, storageKey: 'back' })
    type('Number', '6204')
    await act(async () => {
      back()
      await Promise.resolve()
    })
    expect(field('Number').value).toBe('')
    first()
    // Somebody else saved meanwhile: that stands there, and nothing is said to be unsaved.
    const second = await drawn({ send: done, storageKey: 'back', blank: { number: '608', pieces: '2' } })
    expect(field('Number').value).toBe('608')
    expect(screen.queryByRole('alert')).toBeNull()
    second()
  }
})

it('what was typed over values that were changed since says so', async () => {
  const first = await drawn({ send: done, storageKey: 'stale', blank: { number: '6203', pieces: '' } })
  type('Number', '6204')
  first()
  const second = await drawn({ send: done, storageKey: 'stale', blank: { number: '6203', pieces: '' } })
  expect(field('Number').value).toBe('6204')
  expect(screen.queryByRole('alert')).toBeNull()
  second()
  await drawn({ send: done, storageKey: 'stale', blank: { number: '6205', pieces: '' } })
  expect(field('Number').value).toBe('6204')
  expect(screen.getByRole('alert').textContent).toMatch(/Something else was saved/)
  await act(async () => {
    fireEvent.click(screen.getByRole('button', { name: 'Discard' }))
    await Promise.resolve()
  })
  expect(field('Number').value).toBe('6205')
  expect(screen.queryByRole('alert')).toBeNull()
})

it('where somebody else changed the same, what was typed stays, and saving again is made over theirs', async () => {
  const theirs = { number: '608', pieces: '2' }
  const send = vi
    .fn<Props['send']>()
    .mockRejectedValueOnce(new ApiError('Somebody else saved this.', [], true, [], theirs))
    .mockResolvedValueOnce({ number: '6204', pieces: '2' })
  render(<Form send={send} readCurrent={(current) => current} blank={{ number: '6203', pieces: '' }} />)
  type('Number', '6204')
  await save()
  expect(screen.getByRole('alert').textContent).toBe('Somebody else saved this.')
  expect(field('Number').value).toBe('6204')
  await save()
  expect(send.mock.calls.map(([, over]) => over)).toEqual([{ number: '6203', pieces: '' }, theirs])
  // What stands may hold more than what was sent.
  expect(field('Pieces').value).toBe('2')
})

it('where somebody else changed the same, discarding shows theirs', async () => {
  const theirs = { number: '608', pieces: '2' }
  render(
    <Form
      send={() => Promise.reject(new ApiError('Somebody else saved this.', [], true, [], theirs))}
      readCurrent={(current) => current}
    />,
  )
  type('Number', '6204')
  await save()
  fireEvent.click(screen.getByRole('button', { name: 'Discard' }))
  expect(field('Number').value).toBe('608')
  expect(field('Pieces').value).toBe('2')
})
