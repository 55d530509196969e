import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { call, ApiError, requestOf, urlOf } from './call'

describe('a request by its line of the table', () => {
  it('has its path filled in, escaped, its query and its body', () => {
    expect(
      requestOf('DELETE /api/jobs/{id}/bearings/{bearing}', {
        path: { id: 3, bearing: 7 },
        query: { version: '2' },
      }),
    ).toEqual({ method: 'DELETE', address: '/api/jobs/3/bearings/7?version=2', body: '' })
    expect(urlOf('GET /api/tapered/{number}', { path: { number: 'LM67048/LM67010 ?' } })).toBe(
      '/api/tapered/LM67048%2FLM67010%20%3F',
    )
    expect(requestOf('POST /api/machines', { body: { name: 'Fan' } }).body).toBe('{"name":"Fan"}')
  })
  it('gives a name several times where the query does', () => {
    const query = new URLSearchParams([
      ['part', '6205'],
      ['part', '6206'],
    ])
    expect(urlOf('GET /api/arrangements', { query })).toBe('/api/arrangements?part=6205&part=6206')
  })
})

describe('a write that is sent again', () => {
  const fetched = vi.fn<(address: string, init: RequestInit) => Promise<Response>>()
  const keys = () =>
    fetched.mock.calls.map(([, { headers }]) => new Headers(headers).get('idempotency-key') ?? '')
  const reserve = (id: number) => call('POST /api/jobs/{id}/reserve', { path: { id } })
  beforeEach(() => void vi.stubGlobal('fetch', fetched))
  afterEach(() => {
    fetched.mockReset()
    vi.unstubAllGlobals()
  })

  it('keeps its key while no answer came, and has another once it was answered', async () => {
    fetched.mockRejectedValueOnce(new TypeError('lost'))
    fetched.mockResolvedValueOnce(new Response('half', { status: 502 }))
    // A page of a proxy before the server.
    fetched.mockResolvedValueOnce(new Response('<html>', { status: 403 }))
    fetched.mockImplementation(() => Promise.resolve(Response.json({})))
    await expect(reserve(1)).rejects.toThrow(ApiError)
    await expect(reserve(1)).rejects.toThrow(ApiError)
    await expect(reserve(1)).rejects.toMatchObject({ answered: false })
    await reserve(1)
    await reserve(1)
    const [first, second, third, fourth, fifth] = keys()
    expect([second, third, fourth]).toEqual([first, first, first])
    expect(fifth).not.toBe(first)
  })
  it('has a key of its own for another thing, and after it was refused in words', async () => {
    fetched.mockImplementation(() =>
      Promise.resolve(Response.json({ detail: 'Nothing to reserve.' }, { status: 422 })),
    )
    await expect(reserve(1)).rejects.toThrow('Nothing to reserve.')
    await expect(reserve(1)).rejects.toThrow('Nothing to reserve.')
    await expect(reserve(2)).rejects.toThrow('Nothing to reserve.')
    expect(new Set(keys()).size).toBe(3)
  })
  it('a question has none', async () => {
    fetched.mockImplementation(() => Promise.resolve(Response.json({})))
    await call('GET /api/settings')
    expect(keys()).toEqual([''])
  })
})
