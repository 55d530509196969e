import { Sequelize } from 'sequelize'

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
 * commas) replicas that are read from; with none, all goes to the one server.
 */
function connect(): Sequelize {
  const address = process.env.DATABASE_URL
  if (!address) throw new Error('DATABASE_URL is not set. Use ./start, which sets it.')
  const write = server(address)
  const read = (process.env.DATABASE_READ_URLS ?? '').split(',').filter(Boolean).map(server)
  return new Sequelize({
    ...write,
    dialect: 'mariadb',
    logging: false,
    pool: { max: 10, min: 0, acquire: 10_000, idle: 10_000 },
    dialectOptions: { connectTimeout: 3000, timezone: 'Z' },
    timezone: '+00:00',
    ...(read.length > 0 && { replication: { write, read } }),
  })
}

const store = globalThis as typeof globalThis & { amberDatabase?: Sequelize }

export const database = (): Sequelize => (store.amberDatabase ??= connect())
