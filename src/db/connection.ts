import { AsyncLocalStorage } from 'node:async_hooks'
import { Sequelize, type Transaction } from 'sequelize'

interface Server {
  host: string
  port: number
  database: string
  username: string
  password: string
}

/** @throws with words when the address is no database address */
function server(address: string): Server {
  const url = new URL(address)
  if (!/^(mariadb|mysql):$/.test(url.protocol)) throw new Error('DATABASE_URL must begin with mariadb://')
  return {
    host: url.hostname,
    port: Number(url.port || 3306),
    database: decodeURIComponent(url.pathname.slice(1)),
    username: decodeURIComponent(url.username),
    password: decodeURIComponent(url.password),
  }
}

/**
 * One connection pool a process. `DATABASE_URL` names the server that is written to, `DATABASE_READ_URLS` (separated by
 * commas) replicas that the logbook is counted on; with none, all goes to the one server.
 */
function connect(): Sequelize {
  const address = process.env.DATABASE_URL
  if (!address) throw new Error('DATABASE_URL is not set. Use ./start, which sets it.')
  const write = server(address)
  // eslint-disable-next-line react-hooks/rules-of-hooks -- not a hook of React: it names the storage of transactions
  Sequelize.useCLS(namespace)
  const read = (process.env.DATABASE_READ_URLS ?? '').split(',').filter(Boolean).map(server)
  return new Sequelize({
    ...write,
    dialect: 'mariadb',
    logging: false,
    pool: { max: 10, min: 0, acquire: 10_000, idle: 10_000 },
    dialectOptions: { connectTimeout: 3000, timezone: 'Z' },
    timezone: '+00:00',
    ...(read.length > 0 && { replication: { write, read } }),
    // Who saved and reads again sees what was saved: a replica is asked only by name, where a stale answer does no harm.
    query: { useMaster: true },
  })
}

const store = globalThis as typeof globalThis & {
  amberDatabase?: Sequelize
  amberUnderWay?: AsyncLocalStorage<Map<string, unknown>>
}

/**
 * What the database layer keeps for the change under way: its transaction, which every query inside joins by itself. One for the
 * process, like the pool it belongs to: this file may be loaded more than once, by pages and by routes.
 */
const underWay = (store.amberUnderWay ??= new AsyncLocalStorage())

/** The storage above as Sequelize asks for it. */
const namespace = {
  get: (name: string): unknown => underWay.getStore()?.get(name),
  set: (name: string, value: unknown): void => void underWay.getStore()?.set(name, value),
  run: (work: (context: unknown) => unknown): void => {
    const context = new Map(underWay.getStore())
    underWay.run(context, () => work(context))
  },
  bind: <F>(work: F): F => work,
}

export const database = (): Sequelize => (store.amberDatabase ??= connect())

/** How often a change that met another one in the database is begun anew before it is told as failed. */
const MAX_TRIES = 4

/** Whether two changes held each other up, or a row changed since it was read: the same work again may well go through. */
function isCollision(error: unknown): boolean {
  const code =
    error instanceof Error && 'parent' in error ? (error.parent as { code?: string }).code : undefined
  return code === 'ER_LOCK_DEADLOCK' || code === 'ER_CHECKREAD'
}

/**
 * One change of the database: all of it or nothing. Inside another it is part of that one; every query of `work` belongs to it
 * without being told. Work that collides with another change is done again from its beginning, so it changes nothing but the
 * database; what else follows goes to `afterChange`.
 */
export async function oneChange<T>(work: (transaction: Transaction) => Promise<T>): Promise<T> {
  const around = namespace.get('transaction') as Transaction | undefined
  if (around) return work(around)
  for (let tries = 1; ; tries++) {
    try {
      return await database().transaction(work)
    } catch (error) {
      if (tries >= MAX_TRIES || !isCollision(error)) throw error
      await new Promise((resolve) => setTimeout(resolve, tries * 20 * Math.random()))
    }
  }
}

/** Whether what is asked now is part of a change that is not stored yet. */
export const isWithinChange = (): boolean => namespace.get('transaction') !== undefined

/** Does something when the change under way is stored for good; at once when there is none. */
export async function afterChange(work: () => void | Promise<void>): Promise<void> {
  const around = namespace.get('transaction') as Transaction | undefined
  if (around) around.afterCommit(() => underWay.exit(work))
  else await work()
}
