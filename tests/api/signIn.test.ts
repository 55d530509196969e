import { spawn, spawnSync, type ChildProcess } from 'node:child_process'
import { mkdtempSync, readFileSync } from 'node:fs'
import { request as httpsRequest, type RequestOptions } from 'node:https'
import { createServer } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { setTimeout as pause } from 'node:timers/promises'
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest'
import type { Account, AuditPage, Session } from '@/contract/account'
import type { Job, JobHistory } from '@/contract/job'
import { call } from '../support/call'
import { mark } from '../support/mark'

// OWASP ASVS 4.0.3, level 2, as far as it applies; the numbers stand at the tests. docs/security.md lists them all.
vi.setConfig({ testTimeout: 60_000, hookTimeout: 60_000 })

const freePort = (): Promise<number> =>
  new Promise((resolve) => {
    const server = createServer().listen(0, '127.0.0.1', () => {
      const at = server.address()
      server.close(() => resolve(typeof at === 'object' && at ? at.port : 0))
    })
  })

let server: ChildProcess | undefined
let address = ''
/** Addresses that tries come from: each test has its own, so that none is slowed down by another. */
let client = 0

interface Answer<T> {
  status: number
  headers: Headers
  body: T & { detail?: string; type?: string }
}

async function ask<T>(
  method: string,
  path: string,
  {
    cookie = '',
    body,
    headers = {},
  }: { cookie?: string; body?: unknown; headers?: Record<string, string> } = {},
): Promise<Answer<T>> {
  const response = await fetch(address + path, {
    method,
    redirect: 'manual',
    headers: {
      ...(cookie && { cookie }),
      ...(body !== undefined && { 'content-type': 'application/json' }),
      'x-forwarded-for': `10.0.0.${client}`,
      ...headers,
    },
    ...(body !== undefined && { body: JSON.stringify(body) }),
  })
  const text = await response.text()
  const json = /json/.test(response.headers.get('content-type') ?? '')
  return {
    status: response.status,
    headers: response.headers,
    body: (json ? JSON.parse(text) : text) as Answer<T>['body'],
  }
}

const cookieOf = (answer: Answer<unknown>): string => answer.headers.get('set-cookie')?.split(';')[0] ?? ''
const signIn = (name: string, password: string, headers: Record<string, string> = {}) =>
  ask<Session>('POST', '/api/session', { body: { name, password }, headers })

const PASSWORD = 'three gulls on the mast'
const names = { owner: `owner ${mark()}`, bench: `bench ${mark()}`, counter: `counter ${mark()}` }
/** Cookies of one session of each role. */
const cookies = { owner: '', bench: '', counter: '' }

beforeAll(async () => {
  // The first accounts are made where nobody has to sign in, as an owner does before the server is opened to the shop.
  for (const role of ['owner', 'bench', 'counter'] as const)
    expect(
      (await call('POST', '/api/accounts', { name: names[role], role, password: PASSWORD })).status,
    ).toBe(201)
  const port = await freePort()
  address = `http://127.0.0.1:${port}`
  server = spawn('node_modules/.bin/next', ['start', '-H', '127.0.0.1', '-p', String(port)], {
    env: {
      ...process.env,
      NODE_ENV: 'production',
      AMBER_SIGN_IN: 'on',
      AMBER_SECRET: mark().padEnd(40, 'x'),
    },
    stdio: 'ignore',
  })
  for (let i = 0; i < 120; i++) {
    if (
      await fetch(`${address}/api/health`).then(
        ({ ok }) => ok,
        () => false,
      )
    )
      break
    await pause(250)
  }
  for (const role of ['owner', 'bench', 'counter'] as const)
    cookies[role] = cookieOf(await signIn(names[role], PASSWORD))
})
afterAll(() => server?.kill())

describe('without a session', () => {
  it('no call and no page is answered but health and signing in (4.1.1, 4.1.5)', async () => {
    const { paths } = (await call<{ paths: Record<string, object> }>('GET', '/api/openapi.json')).body
    const all = Object.entries(paths).flatMap(([path, calls]) =>
      ['get', 'post', 'put', 'patch', 'delete']
        .filter((m) => m in calls)
        .map((method) => [method, path] as const),
    )
    expect(all.length).toBeGreaterThan(80)
    for (const [method, path] of all) {
      if (path === '/api/session' || path === '/api/health') continue
      const { status, body } = await ask(method.toUpperCase(), path.replace(/\{\w+\}/g, '1'))
      expect([method, path, status, body.type]).toEqual([method, path, 401, '/problems/signedOut'])
    }
    for (const page of ['/', '/jobs', '/jobs/201', '/store?q=1', '/settings', '/accounts', '/no-such-page']) {
      const answer = await ask('GET', page)
      expect([answer.status, answer.headers.get('location')]).toEqual([
        307,
        expect.stringMatching(/^\/sign-in/),
      ])
    }
    expect((await ask('GET', '/api/health')).status).toBe(200)
    expect((await ask('GET', '/sign-in')).status).toBe(200)
  })

  it('nobody gets in by writing the header of the proxy, or a cookie of their own (3.5.3)', async () => {
    const forged = encodeURIComponent(JSON.stringify({ id: 1, version: 1, name: names.owner, role: 'owner' }))
    expect((await ask('GET', '/api/accounts', { headers: { 'x-amber-account': forged } })).status).toBe(401)
    const own = cookies.owner
    for (const cookie of [
      'amber-session=',
      'amber-session=Fe26.2*1*aa*bb*cc*dd*ee*ff~2',
      `${own.slice(0, -6)}AAAAAA`,
      own.replace('Fe26.2*1', 'Fe26.2*2'),
    ])
      expect((await ask('GET', '/api/jobs', { cookie })).status).toBe(401)
  })

  it('an unknown name and a wrong password are answered alike (2.2.1)', async () => {
    client++
    const [unknown, wrong] = [
      await signIn(`nobody ${mark()}`, PASSWORD),
      await signIn(names.counter, 'not the password'),
    ]
    expect([unknown.status, wrong.status]).toEqual([401, 401])
    expect(unknown.body.detail).toBe(wrong.body.detail)
    expect(cookieOf(unknown)).toBe('')
  })
})

describe('a session', () => {
  it('is a cookie that scripts cannot read, of this site only, over TLS where there is one (3.4.1 to 3.4.3)', async () => {
    client++
    const plain = (await signIn(names.bench, PASSWORD)).headers.get('set-cookie') ?? ''
    expect(plain).toMatch(/HttpOnly/)
    expect(plain).toMatch(/SameSite=strict/i)
    expect(plain).not.toContain(names.bench)
    expect(plain).not.toMatch(/Secure/)
    const tls = await signIn(names.bench, PASSWORD, { 'x-forwarded-proto': 'https' })
    expect(tls.headers.get('set-cookie')).toMatch(/Secure/)
  })

  it('ends for others when the password is changed, and everywhere when the right is taken away (3.3.3, 3.3.1)', async () => {
    client++
    const name = `temp ${mark()}`
    const made = await ask<Account>('POST', '/api/accounts', {
      cookie: cookies.owner,
      body: { name, role: 'bench', password: PASSWORD },
    })
    const [one, other] = [cookieOf(await signIn(name, PASSWORD)), cookieOf(await signIn(name, PASSWORD))]
    const next = 'a longer word for the winch'
    const wrong = await ask('PUT', '/api/session/password', { cookie: one, body: { current: 'x', next } })
    expect(wrong.status).toBe(400)
    const changed = await ask('PUT', '/api/session/password', {
      cookie: one,
      body: { current: PASSWORD, next },
    })
    const fresh = cookieOf(changed)
    await pause(3500)
    expect((await ask('GET', '/api/jobs', { cookie: other })).status).toBe(401)
    expect((await ask('GET', '/api/jobs', { cookie: fresh })).status).toBe(200)
    await ask('PATCH', `/api/accounts/${made.body.id}`, { cookie: cookies.owner, body: { isActive: false } })
    await pause(3500)
    expect((await ask('GET', '/api/jobs', { cookie: fresh })).status).toBe(401)
    expect((await signIn(name, next)).status).toBe(401)
  })

  it('a calendar reads its feed by the key in its address, and nothing else, until the account is another (4.1.3)', async () => {
    client++
    const name = `feed ${mark()}`
    const made = await ask<Account>('POST', '/api/accounts', {
      cookie: cookies.owner,
      body: { name, role: 'counter', password: PASSWORD },
    })
    const cookie = cookieOf(await signIn(name, PASSWORD))
    const page = await ask<string>('GET', '/logbook', { cookie })
    const feed = /\/api\/rechecks\.ics\?key=[^"&\\]+/.exec(String(page.body))?.[0] ?? ''
    expect((await ask('GET', '/api/rechecks.ics')).status).toBe(401)
    const read = await ask<string>('GET', feed)
    expect([read.status, read.headers.get('content-type')]).toEqual([200, 'text/calendar; charset=utf-8'])
    const key = feed.split('?')[1] ?? ''
    expect((await ask('GET', `/api/jobs?${key}`)).status).toBe(401)
    expect((await ask('POST', feed, { body: {} })).status).toBe(401)
    const at = feed.length - 20
    const other = feed.slice(0, at) + (feed[at] === 'A' ? 'B' : 'A') + feed.slice(at + 1)
    expect((await ask('GET', other)).status).toBe(401)
    // Neither is a session a key, nor a key a session.
    expect((await ask('GET', `/api/rechecks.ics?key=${cookie.split('=')[1]}`)).status).toBe(401)
    expect(
      (await ask('GET', '/api/jobs', { cookie: `amber-session=${key.slice('key='.length)}` })).status,
    ).toBe(401)
    await ask('PATCH', `/api/accounts/${made.body.id}`, { cookie: cookies.owner, body: { isActive: false } })
    await pause(3500)
    expect((await ask('GET', feed)).status).toBe(401)
  })

  it('is over after signing out', async () => {
    const out = await ask<Session>('DELETE', '/api/session', {
      cookie: cookieOf(await signIn(names.bench, PASSWORD)),
    })
    expect(out.headers.get('set-cookie')).toMatch(/amber-session=;.*Max-Age=0/)
  })

  it('writes its own name into histories, whatever was typed (7.1.3, 7.2.1)', async () => {
    const job = (
      await ask<Job>('POST', '/api/jobs', { cookie: cookies.counter, body: { title: `Cart ${mark()}` } })
    ).body
    await ask('PATCH', `/api/jobs/${job.id}`, {
      cookie: cookies.counter,
      body: { version: job.version, title: 'Cart, changed', who: 'somebody else' },
    })
    const { items } = (
      await ask<JobHistory>('GET', `/api/jobs/${job.id}/history`, { cookie: cookies.counter })
    ).body
    expect(items.length).toBeGreaterThan(1)
    expect(new Set(items.map(({ who }) => who))).toEqual(new Set([names.counter]))
  })
})

describe('rights', () => {
  const settings = async () => (await ask<object>('GET', '/api/settings', { cookie: cookies.counter })).body

  it('are those of the role, and nothing more (4.1.3, 4.2.1)', async () => {
    const machine = () => ({ name: `Ferris wheel ${mark()}` })
    const tries: [string, string, unknown][] = [
      ['POST', '/api/machines', machine()],
      ['PUT', '/api/settings', await settings()],
      ['GET', '/api/accounts', undefined],
      ['GET', '/api/audit', undefined],
      ['POST', '/api/accounts', { name: `x ${mark()}`, role: 'owner', password: PASSWORD }],
    ]
    const statuses = async (cookie: string) => {
      const got: number[] = []
      for (const [method, path, body] of tries)
        got.push((await ask(method, path, { cookie, ...(body !== undefined && { body }) })).status)
      return got
    }
    expect(await statuses(cookies.counter)).toEqual([403, 403, 403, 403, 403])
    // Written otherwise it is the same path.
    expect((await ask('GET', '/api/%61udit', { cookie: cookies.counter })).status).toBe(403)
    tries[0] = ['POST', '/api/machines', machine()]
    expect(await statuses(cookies.bench)).toEqual([201, 403, 403, 403, 403])
    tries[0] = ['POST', '/api/machines', machine()]
    expect(await statuses(cookies.owner)).toEqual([201, 200, 200, 200, 201])
    expect((await ask('GET', '/accounts', { cookie: cookies.bench })).headers.get('location')).toMatch(
      /\/account$/,
    )
  })

  it('are looked after by somebody: the last owner stays one', async () => {
    const { items } = (await ask<{ items: Account[] }>('GET', '/api/accounts', { cookie: cookies.owner }))
      .body
    const owners = items.filter((a) => a.role === 'owner' && a.isActive && a.name !== names.owner)
    for (const { id } of owners)
      await ask('PATCH', `/api/accounts/${id}`, { cookie: cookies.owner, body: { isActive: false } })
    const own = items.find(({ name }) => name === names.owner)?.id
    for (const body of [{ isActive: false }, { role: 'bench' }]) {
      const refused = await ask('PATCH', `/api/accounts/${own}`, { cookie: cookies.owner, body })
      expect([refused.status, refused.body.detail]).toEqual([422, expect.stringMatching(/last owner/)])
    }
  })
})

describe('passwords', () => {
  it('are long, and say what to change (2.1.1, 2.1.2, 2.1.9)', async () => {
    const name = `temp ${mark()}`
    for (const password of ['short', 'a'.repeat(20), 'x'.repeat(129), `${name} and more`]) {
      const refused = await ask('POST', '/api/accounts', {
        cookie: cookies.owner,
        body: { name, role: 'counter', password },
      })
      expect(refused.status).toBe(400)
    }
  })

  it('lock a name after five wrong ones, the right one too; an owner opens it again (2.2.1)', async () => {
    client++
    const name = `temp ${mark()}`
    const made = await ask<Account>('POST', '/api/accounts', {
      cookie: cookies.owner,
      body: { name, role: 'counter', password: PASSWORD },
    })
    for (let i = 0; i < 5; i++) expect((await signIn(name, `wrong ${i}`)).status).toBe(401)
    expect((await signIn(name, PASSWORD)).status).toBe(401)
    await ask('PATCH', `/api/accounts/${made.body.id}`, {
      cookie: cookies.owner,
      body: { password: 'another word for winches' },
    })
    expect((await signIn(name, 'another word for winches')).status).toBe(200)
    const { items } = (await ask<AuditPage>('GET', '/api/audit', { cookie: cookies.owner })).body
    expect(items.map(({ what }) => what)).toEqual(
      expect.arrayContaining(['Could not sign in', 'Tried to sign in while locked', 'Signed in']),
    )
    expect(JSON.stringify(items)).not.toMatch(/wrong \d|another word/)
  })

  it('cannot be tried without end from one address (2.2.1, 11.1.4)', async () => {
    client++
    const statuses: number[] = []
    for (let i = 0; i < 32; i++) statuses.push((await signIn(`nobody ${i}`, 'x')).status)
    expect(statuses.slice(0, 30).every((status) => status === 401)).toBe(true)
    expect(statuses.slice(30)).toEqual([429, 429])
  })
})

describe('over TLS by certificate files (9.1.1 to 9.1.3)', () => {
  let tls: ChildProcess | undefined
  let port = 0
  const folder = mkdtempSync(join(tmpdir(), 'tls-'))
  const [cert, key] = [join(folder, 'shop.pem'), join(folder, 'shop.key')]

  const over = (
    method: string,
    path: string,
    { body, headers = {}, ...options }: RequestOptions & { body?: unknown } = {},
  ): Promise<{ status: number; cookie: string; text: string }> =>
    new Promise((resolve, reject) => {
      const text = body === undefined ? '' : JSON.stringify(body)
      const request = httpsRequest(
        {
          ...{ host: 'localhost', port, method, path, ca: readFileSync(cert), ...options },
          headers: { ...headers, ...(text && { 'content-type': 'application/json' }) },
        },
        (response) => {
          let got = ''
          response.on('data', (chunk: Buffer) => (got += chunk.toString()))
          response.on('end', () =>
            resolve({
              status: response.statusCode ?? 0,
              cookie: response.headers['set-cookie']?.join(' ') ?? '',
              text: got,
            }),
          )
        },
      )
      request.on('error', reject)
      request.end(text)
    })

  beforeAll(async () => {
    const made = spawnSync('openssl', [
      ...['req', '-x509', '-newkey', 'rsa:2048', '-nodes', '-days', '2', '-subj', '/CN=localhost'],
      ...['-addext', 'subjectAltName=DNS:localhost', '-keyout', key, '-out', cert],
    ])
    expect(made.status).toBe(0)
    port = await freePort()
    tls = spawn('node', ['scripts/tls.mjs'], {
      env: {
        ...process.env,
        HOST: '127.0.0.1',
        PORT: String(port),
        APP_PORT: new URL(address).port,
        AMBER_TLS_CERT: cert,
        AMBER_TLS_KEY: key,
      },
      stdio: 'ignore',
    })
    for (let i = 0; i < 80; i++) {
      if (
        await over('GET', '/api/health').then(
          () => true,
          () => false,
        )
      )
        break
      await pause(100)
    }
  })
  afterAll(() => tls?.kill())

  it('the certificate is the one of the file, the cookie is for TLS alone, and opens', async () => {
    const { status, cookie } = await over('POST', '/api/session', {
      body: { name: names.owner, password: PASSWORD },
    })
    expect(status).toBe(200)
    expect(cookie).toMatch(/; Secure/i)
    const own = cookie.split(';')[0] ?? ''
    expect((await over('GET', '/api/accounts', { headers: { cookie: own } })).status).toBe(200)
    expect((await over('GET', '/api/accounts')).status).toBe(401)
    expect((await over('GET', '/jobs')).status).toBe(307)
  })
  it('speaks no older version, and nothing without TLS', async () => {
    await expect(over('GET', '/api/health', { maxVersion: 'TLSv1.1' })).rejects.toThrow()
    await expect(fetch(`http://127.0.0.1:${port}/api/health`)).rejects.toThrow()
  })
  it('a request does not choose the address its tries are counted for', async () => {
    const statuses: number[] = []
    for (let i = 0; i < 32; i++)
      statuses.push(
        (
          await over('POST', '/api/session', {
            body: { name: `nobody ${i}`, password: 'x' },
            headers: { 'x-forwarded-for': `10.9.0.${i}`, forwarded: `for=10.9.0.${i}` },
          })
        ).status,
      )
    expect(statuses.slice(0, 20).every((status) => status === 401)).toBe(true)
    expect(statuses.at(-1)).toBe(429)
  })
})

it('a page that was asked for is reached after signing in, another server never (5.1.5)', async () => {
  const body = async (to: string) => String((await ask('GET', `/sign-in?to=${encodeURIComponent(to)}`)).body)
  expect(await body('/store?q=6205')).toContain('/store?q=6205')
  for (const to of ['//evil.example/', 'https://evil.example/', '/\\evil.example'])
    expect(await body(to)).not.toMatch(/\\"to\\":\\"[^"]*evil/)
})

it('beyond this machine the server does not start with signing in switched off (14.1)', () => {
  const started = spawnSync('bash', ['start'], {
    env: { ...process.env, HOST: '0.0.0.0', AMBER_SIGN_IN: 'off', PORT: '1' },
    encoding: 'utf8',
    timeout: 20_000,
  })
  expect([started.status, started.stderr]).toEqual([
    1,
    expect.stringMatching(/signing in cannot be switched off/),
  ])
})
