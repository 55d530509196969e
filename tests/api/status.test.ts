import { expect, it } from 'vitest'
import { StatusResponse } from '@/contract/status'
import { call } from '../support/call'

it('tells how the server is: room, copies, faults, and no secret', async () => {
  const { body } = await call<StatusResponse>('GET', '/api/status')
  const status = StatusResponse.parse(body)
  expect(status.schema).toMatch(/^\d{4}-/)
  expect(status.disk.freeMb).toBeLessThanOrEqual(status.disk.allMb)
  expect(status.databaseMb).toBeGreaterThan(0)
  expect(JSON.stringify(status)).not.toMatch(/password|mariadb:/i)
})

it('counts requests by route, not by number or name (Prometheus text format 0.0.4)', async () => {
  const count = async (): Promise<number> => {
    const { body, type } = await call<string>('GET', '/api/metrics')
    expect(type).toMatch(/^text\/plain; version=0\.0\.4/)
    const line =
      /^amber_http_request_duration_seconds_count\{method="GET",route="\/api\/jobs\/:id",status="200"\} (\d+)$/m
    return Number(line.exec(String(body))?.[1] ?? 0)
  }
  const { items } = (await call<{ items: { id: number }[] }>('GET', '/api/jobs?limit=1')).body
  const before = await count()
  await call('GET', `/api/jobs/${items[0]?.id}`)
  await call('GET', '/api/invented/by/somebody')
  expect(await count()).toBe(before + 1)
  expect(String((await call<string>('GET', '/api/metrics')).body)).not.toContain('invented')
})
