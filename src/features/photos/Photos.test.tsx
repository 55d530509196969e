import { fireEvent, render, screen, waitFor } from '@testing-library/react'
import { beforeEach, expect, it, vi } from 'vitest'
import { sendWaiting } from './outbox'
import { Photos } from './Photos'

const { stored } = vi.hoisted(() => ({ stored: new Map<string, { key: string }>() }))
/** What idb does with a store, each step in a turn of its own. */
vi.mock('idb', () => ({
  openDB: async () => ({
    put: async (_store: string, value: { key: string }) => void stored.set(value.key, value),
    getAll: async () => [...stored.values()],
    delete: async (_store: string, key: string) => void stored.delete(key),
    clear: async () => stored.clear(),
  }),
}))
URL.createObjectURL = () => 'blob:one'
URL.revokeObjectURL = () => undefined

const NO_PICTURE = 'This is no picture that can be read.'
let answer: (method: string) => Promise<Response> = () => Promise.reject(new TypeError('away'))
vi.stubGlobal('fetch', (_address: string, { method }: { method?: string }) =>
  method === 'POST' ? answer(method) : Promise.resolve(Response.json({ photos: [] })),
)
const refuse = () =>
  Promise.resolve(Response.json({ title: 'No picture', detail: NO_PICTURE, status: 422 }, { status: 422 }))

/** Chooses one file, as the camera or the dialog of files does. */
function choose(name: string): void {
  const file = new File(['a shopping list'], name, { type: 'image/jpeg' })
  fireEvent.change(screen.getByLabelText('Photograph'), { target: { files: [file] } })
}

let most = 0
/** The most often that a refusal stood on the screen at one time. */
function watchRefusals(): void {
  most = 0
  const look = () => (most = Math.max(most, screen.queryAllByText(/This is no picture/).length))
  new MutationObserver(look).observe(document.body, { childList: true, subtree: true, characterData: true })
}

beforeEach(() => {
  stored.clear()
})

it('what is refused while it is taken in is told once, and does not wait', async () => {
  answer = refuse
  render(<Photos jobId={7} about="record" />)
  watchRefusals()
  choose('list.jpg')
  await screen.findByText(`list.jpg: ${NO_PICTURE}`)
  await waitFor(() => expect(screen.queryByText(/in this browser/)).toBeNull())
  expect(most).toBe(1)
  expect(stored.size).toBe(0)
})

it('what is refused later waits with its reason until it is discarded', async () => {
  answer = () => Promise.reject(new TypeError('away'))
  render(<Photos jobId={7} about="record" />)
  watchRefusals()
  choose('list.jpg')
  await screen.findByText('One photograph waits in this browser until the server answers.')
  await waitFor(() => expect(screen.getByRole('button', { name: 'Add a photograph' })).toBeTruthy())
  answer = refuse
  await sendWaiting()
  await screen.findByText(`list.jpg: ${NO_PICTURE}`)
  expect(most).toBe(1)
  fireEvent.click(screen.getByRole('button', { name: 'Discard list.jpg, not sent yet' }))
  await waitFor(() => expect(screen.queryByText(/in this browser/)).toBeNull())
  expect(stored.size).toBe(0)
})
