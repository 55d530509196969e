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
const press = () => fireEvent.click(screen.getByRole('button'))

afterEach(() => {
  requests.length = 0
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
  expect(screen.getByRole('alert').textContent).toMatch(/Not stored yet.*Job 12/)
  expect(screen.getByRole('link', { name: 'Job 12' }).getAttribute('href')).toBe('/jobs/12')
  expect(requests).toEqual([])
  expect(ownDraft(12)).not.toBeNull()
  // Typed meanwhile for another job: told too, before anything is discarded.
  keepDraft(9, { version: 1, patch: { title: 'and here' } })
  press()
  expect(screen.getAllByRole('link').map((link) => link.textContent)).toEqual(['Job 9', 'Job 12'])
  expect(requests).toEqual([])
  fireEvent.click(screen.getByRole('button', { name: 'Discard and sign out' }))
  await waitFor(() => expect(replace).toHaveBeenCalled())
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
