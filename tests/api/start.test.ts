import { spawnSync } from 'node:child_process'
import { createServer, type Server } from 'node:net'
import { describe, expect, it } from 'vitest'

const running = new URL(process.env['AMBER_URL'] ?? '')

/** Runs ./start with settings under which it ends by itself. */
function start(env: Record<string, string>): { status: number | null; said: string } {
  const { status, stdout, stderr } = spawnSync('bash', ['./start'], {
    encoding: 'utf8',
    timeout: 20_000,
    env: { ...process.env, ...env },
  })
  return { status, said: stdout + stderr }
}

const listening = (): Promise<Server> =>
  new Promise((ready) => {
    const server = createServer((socket) => socket.end('HTTP/1.1 204 Nothing\r\n\r\n'))
    server.listen(0, '127.0.0.1', () => ready(server))
  })

describe('./start says what is in its way, before it touches anything', () => {
  it('a port that another program has', async () => {
    const other = await listening()
    const at = other.address()
    const port = typeof at === 'object' && at ? at.port : 0
    const { status, said } = start({ PORT: String(port) })
    other.close()
    expect(status).not.toBe(0)
    expect(said).toContain(`port ${port} is taken by another program. Set PORT to a free one.`)
  })

  it('an application that runs already is found, and left alone', () => {
    const { status, said } = start({ PORT: running.port })
    expect(status).toBe(0)
    expect(said).toContain(`already running: http://127.0.0.1:${running.port}`)
  })
})
