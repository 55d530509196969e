import { act, render, screen, waitFor } from '@testing-library/react'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { questionOf } from './call'
import { InitialAnswers } from './InitialAnswers'
import { QueriesProvider } from './QueriesProvider'
import { useAnswer } from './useAnswer'

const asked: string[] = []
vi.stubGlobal('fetch', (address: string) => {
  asked.push(address)
  return Promise.resolve(Response.json({ name: 'asked' }))
})

function Machine({ id }: { id: number }) {
  const { answer } = useAnswer('GET /api/machines/{id}', { path: { id } }, 0)
  return <p>{answer ? answer.name : 'nothing'}</p>
}

const screenOf = (id: number | null) => (
  <QueriesProvider>
    <InitialAnswers
      answers={{ [questionOf('GET /api/machines/{id}', { path: { id: 3 } })]: { name: 'came along' } }}
    >
      {id === null ? 'elsewhere' : <Machine id={id} />}
    </InitialAnswers>
  </QueriesProvider>
)

beforeEach(() => {
  asked.length = 0
  vi.useFakeTimers({ shouldAdvanceTime: true })
})
afterEach(() => {
  vi.useRealTimers()
})

it('an answer that came with the page is shown in the first picture and not asked again; another question is', async () => {
  const { rerender } = render(screenOf(3))
  expect(screen.getByText('came along')).toBeTruthy()
  await act(() => vi.advanceTimersByTimeAsync(100))
  expect(asked).toEqual([])
  rerender(screenOf(4))
  await screen.findByText('asked')
  expect(asked).toEqual(['/api/machines/4'])
})

it('a screen opened again later asks what is true then', async () => {
  const { rerender } = render(screenOf(3))
  rerender(screenOf(null))
  await act(() => vi.advanceTimersByTimeAsync(6000))
  rerender(screenOf(3))
  await waitFor(() => expect(asked).toEqual(['/api/machines/3']))
  await screen.findByText('asked')
})
