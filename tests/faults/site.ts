import { spawn, spawnSync, type ChildProcess } from 'node:child_process'
import { mkdirSync, readdirSync, readFileSync, rmSync } from 'node:fs'
import { createServer } from 'node:net'
import { join, resolve } from 'node:path'
import { setTimeout as pause } from 'node:timers/promises'

const DATABASE_PORT = 34_987

const freePort = (): Promise<number> =>
  new Promise((done) => {
    const server = createServer().listen(0, '127.0.0.1', () => {
      const at = server.address()
      server.close(() => done(typeof at === 'object' && at ? at.port : 0))
    })
  })

const shell = (command: string, env: Record<string, string> = {}): string => {
  const done = spawnSync('bash', ['-c', `. scripts/setup.sh; ${command}`], {
    encoding: 'utf8',
    env: { ...process.env, DATABASE_URL: '', ...env },
  })
  if (done.status !== 0) throw new Error(done.stdout + done.stderr)
  return done.stdout
}

/** Starts the database as ./start does, and says where it is. */
const startDatabase = (folder: string): string =>
  shell(`db_start "${folder}" ${DATABASE_PORT} >/dev/null && echo "$DATABASE_URL"`)
    .trim()
    .split('\n')
    .at(-1) ?? ''

const databasePid = (folder: string): number => Number(readFileSync(join(folder, 'pid'), 'utf8'))

/** A database and an application of their own, to be harmed. Loopback only. */
export class Site {
  address = ''
  private app: ChildProcess | undefined
  private databaseUrl = ''

  /**
   * @param folder of the database, emptied first
   * @param surroundings of the application, beside those of the tests
   */
  constructor(
    readonly folder = resolve('.local/fault-db'),
    private readonly surroundings: Readonly<Record<string, string>> = {},
  ) {}

  async begin(): Promise<void> {
    this.beginDatabase()
    await this.startApp()
  }

  /** The database alone, with catalogue and demo. */
  beginDatabase(): void {
    this.empty()
    this.resumeDatabase()
  }

  /** The database again, brought up to date, as ./start does after the power was away. */
  resumeDatabase(): void {
    this.databaseUrl = startDatabase(this.folder)
    this.run('prepare')
  }

  /** A script of the application on this database. @returns what it said @throws Error with that when it fails */
  run(script: string, ...args: string[]): string {
    const done = spawnSync('scripts/run', [script, ...args], { encoding: 'utf8', env: this.env() })
    if (done.status !== 0) throw new Error(done.stdout + done.stderr)
    return done.stdout
  }

  /** The same, not waited for, in a group of its own that can be ended. */
  spawn(script: string, ...args: string[]): ChildProcess {
    return spawn('scripts/run', [script, ...args], { env: this.env(), stdio: 'ignore', detached: true })
  }

  /** A first start, not waited for: database, catalogue, demo. */
  startAside(): ChildProcess {
    this.empty()
    const start = `. scripts/setup.sh; db_start "${this.folder}" ${DATABASE_PORT} && exec scripts/run prepare`
    return spawn('bash', ['-c', start], {
      env: { ...process.env, DATABASE_URL: '' },
      stdio: 'ignore',
      detached: true,
    })
  }

  /** The database emptied, and filled by a dump. */
  load(dump: string): void {
    this.client('mariadb', ['-e', 'drop database amber; create database amber character set utf8mb4'])
    this.client('mariadb', ['amber'], `set foreign_key_checks = 0; ${dump}`)
  }

  /** What a program needs to work on this database. */
  env(): NodeJS.ProcessEnv {
    return { ...process.env, DATABASE_URL: this.databaseUrl, AMBER_OWN_DATABASE: '1' }
  }

  async startApp(): Promise<void> {
    const port = await freePort()
    this.address = `http://127.0.0.1:${port}`
    this.app = spawn('node_modules/.bin/next', ['start', '-H', '127.0.0.1', '-p', String(port)], {
      env: {
        ...process.env,
        NODE_ENV: 'production',
        DATABASE_URL: this.databaseUrl,
        LOG_LEVEL: 'silent',
        ...this.surroundings,
      },
      stdio: 'ignore',
      detached: true,
    })
    await this.healthy()
  }

  /** One more application on the same database, as behind a proxy; it ends by `endApp`. */
  async beside(surroundings: Readonly<Record<string, string>> = {}): Promise<Site> {
    const other = new Site(this.folder, surroundings)
    other.databaseUrl = this.databaseUrl
    await other.startApp()
    return other
  }

  /** The database as it is now under another name on the same server: a replica that fell behind. @returns its address */
  copyAside(name: string): string {
    const { hostname, port, username, password } = new URL(this.databaseUrl)
    const at = `--no-defaults -h${hostname} -P${port} -u${username}`
    shell(`mariadb ${at} -e 'create database ${name}' && mariadb-dump ${at} amber | mariadb ${at} ${name}`, {
      MYSQL_PWD: password,
    })
    return this.databaseUrl.replace(/\/amber$/, `/${name}`)
  }

  /** Waits until the application answers with its database. @throws Error after half a minute */
  async healthy(): Promise<void> {
    for (let i = 0; i < 120; i++) {
      const answers = await fetch(`${this.address}/api/health`).then(
        ({ ok }) => ok,
        () => false,
      )
      if (answers) return
      await pause(250)
    }
    throw new Error('The application does not answer.')
  }

  /** SIGKILL to the application with all its threads; then it is started again. */
  async killApp(): Promise<void> {
    const { app } = this
    if (app?.pid) process.kill(-app.pid, 'SIGKILL')
    await this.startApp()
  }

  /** SIGKILL to the database; then it is started again, as ./start does when it died. */
  async killDatabase(): Promise<void> {
    const pid = databasePid(this.folder)
    process.kill(pid, 'SIGKILL')
    for (let i = 0; i < 100 && isAlive(pid); i++) await pause(50)
    this.databaseUrl = startDatabase(this.folder)
    await this.healthy()
  }

  /** Application, database and what else works on it stand still; then they are ended, and `resume` starts them again. */
  freeze(others: readonly ChildProcess[] = []): { end: () => void } {
    const groups = [this.app, ...others].flatMap((child) =>
      child?.pid !== undefined && child.exitCode === null ? [-child.pid] : [],
    )
    for (const pid of groups) signal(pid, 'SIGSTOP')
    // A server that has just begun has no pid file yet.
    const servers = spawnSync('pgrep', ['-f', this.folder], { encoding: 'utf8' })
      .stdout.split('\n')
      .filter(Boolean)
    const standing = [...groups, ...servers.map(Number)]
    for (const pid of standing) signal(pid, 'SIGSTOP')
    return {
      end: () => {
        for (const pid of standing) signal(pid, 'SIGKILL')
        for (let i = 0; i < 200 && standing.some(isAlive); i++) spawnSync('sleep', ['0.05'])
      },
    }
  }

  /** Rows of a question in SQL, tab separated. */
  sql(question: string): string[][] {
    return this.client('mariadb', ['-N', 'amber', '-e', question])
      .split('\n')
      .filter(Boolean)
      .map((line) => line.split('\t'))
  }

  /** All rows and tables, without the date of the dump. */
  dump(): string {
    return this.client('mariadb-dump', [
      '--skip-comments',
      '--skip-dump-date',
      '--hex-blob',
      '--order-by-primary',
      'amber',
    ])
  }

  private client(program: 'mariadb' | 'mariadb-dump', args: string[], input = ''): string {
    const { hostname, port, username, password } = new URL(this.databaseUrl)
    const done = spawnSync(
      program,
      ['--no-defaults', `-h${hostname}`, `-P${port}`, `-u${username}`, ...args],
      { input, encoding: 'utf8', env: { ...process.env, MYSQL_PWD: password }, maxBuffer: 1 << 28 },
    )
    if (done.status !== 0) throw new Error(done.stderr)
    return done.stdout
  }

  /** SIGKILL to the application alone. */
  endApp(): void {
    if (this.app?.pid) signal(-this.app.pid, 'SIGKILL')
    this.app = undefined
  }

  end(): void {
    this.endApp()
    shell(`db_stop "${this.folder}"`)
    this.empty()
  }

  /** The folder itself stays: it may be a disk of its own. */
  private empty(): void {
    mkdirSync(this.folder, { recursive: true })
    for (const name of readdirSync(this.folder))
      rmSync(join(this.folder, name), { recursive: true, force: true })
  }
}

/** A signal to a process or, below zero, a group that may have ended by itself. */
function signal(pid: number, name: NodeJS.Signals): void {
  try {
    process.kill(pid, name)
  } catch {
    // Nobody is there any more.
  }
}

function isAlive(pid: number): boolean {
  try {
    process.kill(pid, 0)
    return true
  } catch {
    return false
  }
}
