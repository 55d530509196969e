import { afterAll, describe, expect, it } from 'vitest'
import { address as ADDRESS, request } from '../support/call'

interface Summary {
  id: number
  state: string
  read: number
  all: number
  listed: number
  own: number
  duplicates: number
  problems: number
}
interface Detail extends Summary {
  remarks: { row: number; text: string; message: string }[]
  items: {
    designation: string
    base: string | null
    quantity: number | null
    bore: number | null
    outside: number | null
  }[]
}

const COLUMNS = { designation: 'number', bore: 'bore', outside: 'outside', width: 'width', quantity: 'qty' }
const query = (more: Record<string, string>) => new URLSearchParams(more).toString()

const ask = <T>(path: string, init: RequestInit = {}) => request<T>(path, init)
const csv = <T>(path: string, body: string | Uint8Array<ArrayBuffer>) =>
  ask<T>(path, { method: 'POST', headers: { 'content-type': 'text/csv' }, body })

const made: number[] = []
async function take(name: string, body: string | Uint8Array<ArrayBuffer>, kind = 'own'): Promise<Summary> {
  const { status, body: begun } = await csv<Summary>(
    `/api/lists?${query({ name, kind, columns: JSON.stringify(COLUMNS) })}`,
    body,
  )
  expect(status).toBe(202)
  made.push(begun.id)
  return begun
}

async function settled(id: number): Promise<Detail> {
  for (;;) {
    const { body } = await ask<Detail>(`/api/lists/${id}`)
    if (body.state !== 'running') return body
    await new Promise((resolve) => setTimeout(resolve, 50))
  }
}

const identify = (body: unknown) =>
  ask<{ candidates: { base: string; family: string; probability: number }[] }>('/api/identify', {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  })

afterAll(async () => {
  for (const id of made) await fetch(`${ADDRESS}/api/lists/${id}`, { method: 'DELETE' })
})

const OWN = `number,bore,outside,width,qty
6205-2RS,25,52,15,4
6205 DDU,25,52,15,2
WP 77-3,19.3,44.4,13.2,1
6204,20,42,12,3
Unknown 9,,,,1
6203ZZ,,,,"1.200"
`

describe('own and supplier lists', () => {
  it('a preview guesses the columns and reads the first rows; nothing is stored', async () => {
    const before = (await ask<{ lists: Summary[] }>('/api/lists')).body.lists.length
    const { status, body } = await csv<{
      encoding: string
      columns: Record<string, string>
      sample: { problem: string; item: { base: string | null } | null }[]
    }>('/api/lists/preview', OWN)
    expect(status).toBe(200)
    expect(body).toMatchObject({ encoding: 'UTF-8', columns: COLUMNS })
    expect(body.sample.map((s) => s.item?.base ?? (s.problem ? 'refused' : 'own'))).toEqual([
      '6205',
      '6205',
      'own',
      'refused',
      'refused',
      '6203',
    ])
    expect((await ask<{ lists: Summary[] }>('/api/lists')).body.lists.length).toBe(before)
  })

  it('takes a list in, tells duplicates by meaning and problems by row, and finds its parts', async () => {
    const { id } = await take('Pier store', OWN)
    const list = await settled(id)
    expect(list).toMatchObject({ state: 'done', read: 6, listed: 2, own: 1, duplicates: 1, problems: 2 })
    expect(list.remarks.map((r) => r.row)).toEqual([3, 5, 6])
    expect(list.remarks[0]?.message).toContain('6205-2RS in row 2')
    expect(list.items.find((i) => i.base === '6203')?.quantity).toBe(1200)
    const { body } = await identify({
      measurements: [
        { feature: 'bore', readings: ['19.31'] },
        { feature: 'outside', readings: ['44.38'] },
        { feature: 'width', readings: ['13.2'] },
      ],
    })
    expect(body.candidates[0]).toMatchObject({ base: 'WP 77-3', family: 'own' })
    expect((await ask<{ sourceKind: string }>('/api/parts?designation=wp77-3')).body.sourceKind).toBe('own')
    expect((await ask(`/api/lists/${id}`, { method: 'DELETE' })).body).toMatchObject({ state: 'removed' })
    expect((await ask('/api/parts?designation=wp77-3')).status).toBe(404)
  })

  it('is read in any usual encoding and delimiter', async () => {
    const text = 'number;bore;outside;width;qty\nBüchse Ø 7;19,3;44,4;13,2;1\n'
    const utf16 = Buffer.concat([Buffer.from([0xff, 0xfe]), Buffer.from(text, 'utf16le')])
    for (const bytes of [Buffer.from(text, 'latin1'), utf16, Buffer.from(`\ufeff${text}`)]) {
      const list = await settled((await take('Encoded', new Uint8Array(bytes))).id)
      expect(list).toMatchObject({ state: 'done', own: 1 })
      expect(list.items[0]?.designation).toBe('Büchse Ø 7')
    }
  })

  it('cells that a spreadsheet would run are marked as text on the way out', async () => {
    const { id } = await take('Formula', 'number,bore,outside,width,qty\n"=HYPERLINK(1)",,,,1\n')
    await settled(id)
    const out = await (await fetch(`${ADDRESS}/api/lists/${id}/remarks.csv`)).text()
    expect(out).toContain(`'=HYPERLINK(1)`)
  })

  it('an own name in a list means its part; a name and an own part never share a number, both ways in words', async () => {
    const name = 'Whistling davit roller'
    const send = (method: string, path: string, body?: unknown) =>
      ask<{ detail: string }>(path, {
        method,
        headers: { 'content-type': 'application/json' },
        ...(body !== undefined && { body: JSON.stringify(body) }),
      })
    expect((await send('POST', '/api/part-names', { name, designation: '6004-2RS' })).status).toBe(201)
    try {
      const rows = `number,bore,outside,width,qty\n${name},,,,3\nPale davit bush,21,38.5,9,1\n`
      const list = await settled((await take('Davit shelf', rows)).id)
      expect(list).toMatchObject({ listed: 1, own: 1, problems: 0 })
      expect(list.remarks).toEqual([
        expect.objectContaining({ row: 2, message: expect.stringContaining('6004-2RS') as string }),
      ])
      expect(list.items[0]).toMatchObject({ designation: name, base: '6004', bore: 20, outside: 42 })
      const taken = await send('POST', '/api/parts', { designation: name, bore: 21, outside: 40 })
      expect(taken).toMatchObject({
        status: 409,
        body: { detail: expect.stringContaining('6004-2RS') as string },
      })
      expect(
        await send('POST', '/api/part-names', { name: 'Pale davit bush', designation: '6004' }),
      ).toMatchObject({ status: 409, body: { detail: expect.stringContaining('own lists') as string } })
    } finally {
      for (const taught of [name, 'Pale davit bush'])
        await send('DELETE', `/api/part-names/${encodeURIComponent(taught)}`)
    }
  })
  it('a file of more than 10 MB is read whole', async () => {
    const rows = 260_000
    const row = 'Quay winch bush with a long name,21,38.5\n'
    const answer = await csv<{ rows: number }>(
      '/api/lists/preview',
      `number,bore,outside\n${row.repeat(rows)}`,
    )
    expect(answer).toMatchObject({ status: 200, body: { rows } })
  }, 60_000)
  it('an import can be stopped; nothing of it is kept, and other questions are answered meanwhile', async () => {
    const rows = Array.from({ length: 60_000 }, (_, i) => `QX${i},10,${20 + (i % 50)},9,1`)
    const { id } = await take('Long', `number,bore,outside,width,qty\n${rows.join('\n')}`, 'supplier')
    expect((await identify({ stamps: [{ text: '6205' }] })).status).toBe(200)
    expect((await ask<Detail>(`/api/lists/${id}`)).body.state).toBe('running')
    expect((await ask(`/api/lists/${id}`, { method: 'DELETE' })).body).toMatchObject({ state: 'cancelled' })
    const list = await settled(id)
    expect(list.state).toBe('cancelled')
    expect(list.read).toBeLessThan(60_000)
    // Though a portion may still be written when it is stopped.
    expect(list.items).toEqual([])
  })

  it.each([
    ['no rows', 'number,bore\n', 400],
    ['a picture', '\u0089PNG\u0000\u0001\u0002\n\u0000', 400],
    ['no such column', OWN.replace('number', 'part'), 400],
  ])('%s is refused in words', async (_, body, status) => {
    const answer = await csv<{ detail: string }>(
      `/api/lists?${query({ name: 'Bad', kind: 'own', columns: JSON.stringify(COLUMNS) })}`,
      body,
    )
    expect(answer.status).toBe(status)
    expect(answer.body.detail).toMatch(/\S/)
  })
  it('columns that are no JSON, a list without a name, a list that is not there', async () => {
    const bad = (more: Record<string, string>) => csv(`/api/lists?${query(more)}`, OWN)
    expect((await bad({ name: 'x', kind: 'own', columns: '{' })).status).toBe(400)
    expect((await bad({ name: '', kind: 'own', columns: '{"designation":"number"}' })).status).toBe(400)
    expect((await bad({ name: 'x', kind: 'theirs', columns: '{"designation":"number"}' })).status).toBe(400)
    expect((await ask('/api/lists/999999')).status).toBe(404)
    expect((await ask('/api/lists', { method: 'POST', body: '{}' })).status).toBe(415)
  })
})
