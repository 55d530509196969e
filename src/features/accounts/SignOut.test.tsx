import { fireEvent, render, screen, waitFor } from '@testing-library/react'
import { afterEach, expect, it, vi } from 'vitest'
import { keepDraft, ownDraft } from '../job/drafts'
import { SignOut } from './SignOut'

const replace = vi.fn()
vi.stubGlobal('location', { ...window.location, replace })
const requests: string[] = []
let status = 200
vi.stubGlobal('fetch', (address: string, { method }: { method: string }) => {
  requests.push(`${method} ${address}`)
  const body = status === 200 ? { required: true, account: null } : { detail: 'The server is away.' }
  return Promise.resolve(Response.json(body, { status }))
})
const refused = vi.fn()
const photos = vi.hoisted(() => ({ jobs: [] as number[], forget: vi.fn() }))
vi.mock('@/features/photos', () => ({
  jobsWithWaitingPhotos: () => Promise.resolve(photos.jobs),
  forgetWaitingPhotos: photos.forget,
}))
const press = () => fireEvent.click(screen.getByRole('button'))

afterEach(() => {
  requests.length = 0
  photos.jobs = []
  status = 200
  vi.clearAllMocks()
})

it('ends the session, and nothing that was typed stays for the next one', async () => {
  localStorage.setItem('amber-socket.typed.lists.name', '"Pier stock"')
  localStorage.setItem('other.program', 'stays')
  render(<SignOut onRefused={refused} />)
  press()
  await waitFor(() => expect(replace).toHaveBeenCalledWith('/sign-in'))
  expect(requests).toEqual(['DELETE /api/session'])
  expect(Object.keys(localStorage)).toEqual(['other.program'])
})

it('what the server has not got is told first, by its jobs; discarding it is a second press', async () => {
  keepDraft(12, { version: 3, patch: { title: 'half typed' } })
  render(<SignOut onRefused={refused} />)
  press()
  expect((await screen.findByRole('alert')).textContent).toMatch(/Not stored yet.*Job 12/)
  expect(screen.getByRole('link', { name: 'Job 12' }).getAttribute('href')).toBe('/jobs/12')
  expect(requests).toEqual([])
  expect(ownDraft(12)).not.toBeNull()
  // Typed or photographed meanwhile for other jobs: told too, before anything is discarded.
  keepDraft(9, { version: 1, patch: { title: 'and here' } })
  photos.jobs = [14]
  press()
  await screen.findByRole('link', { name: 'Job 14' })
  expect(screen.getAllByRole('link').map((link) => link.textContent)).toEqual(['Job 9', 'Job 12', 'Job 14'])
  expect(photos.forget).not.toHaveBeenCalled()
  expect(requests).toEqual([])
  fireEvent.click(screen.getByRole('button', { name: 'Discard and sign out' }))
  await waitFor(() => expect(replace).toHaveBeenCalled())
  expect(photos.forget).toHaveBeenCalledOnce()
  expect(ownDraft(12)).toBeNull()
  expect(Object.keys(localStorage)).toEqual([])
})

it('while the server refuses or is away, everything stays', async () => {
  status = 503
  localStorage.setItem('amber-socket.typed.lists.name', '"Pier stock"')
  render(<SignOut onRefused={refused} />)
  press()
  await waitFor(() => expect(refused).toHaveBeenCalled())
  expect(replace).not.toHaveBeenCalled()
  expect(Object.keys(localStorage)).toEqual(['amber-socket.typed.lists.name'])
})
