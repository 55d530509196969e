import { QueryTypes } from 'sequelize'
import { database } from './connection'

/** Which part of the history is asked for. */
export interface LogbookScope {
  /** jobs opened on or after this day, ISO date */
  from: string
  /** and before this one, where it is given */
  before?: string | undefined
  machineId?: number | undefined
}

/** From a replica where there is one: what is counted over a whole history may lack its last second. */
const select = <T extends object>(sql: string, replacements: Record<string, unknown>): Promise<T[]> =>
  database().query<T>(sql, { replacements, type: QueryTypes.SELECT, useMaster: false })

/** What is kept by the state it was counted in: of that very state, never a replica's. */
const selectNewest = <T extends object>(sql: string, replacements: Record<string, unknown>): Promise<T[]> =>
  database().query<T>(sql, { replacements, type: QueryTypes.SELECT, useMaster: true })

const ofMachine = ({ machineId }: LogbookScope): string =>
  machineId === undefined ? '' : 'AND j.machine_id = :machineId'

/** The jobs `j` of a scope. */
const inScope = (scope: LogbookScope): string =>
  `j.deleted_at IS NULL AND j.created_at >= :from ${scope.before === undefined ? '' : 'AND j.created_at < :before'} ${ofMachine(scope)}`

/** A month as the database counts it, 202609, the way it is written. */
const monthWritten = (month: number): string =>
  `${Math.floor(month / 100)}-${String(month % 100).padStart(2, '0')}`

const withMonth = <T extends { month: number }>(row: T): Omit<T, 'month'> & { month: string } => ({
  ...row,
  month: monthWritten(Number(row.month)),
})

/** The jobs opened in one month. */
export interface MonthOfJobs {
  /** YYYY-MM */
  month: string
  jobs: number
  /** another one as soon as one of these jobs is changed, added or taken away */
  state: string
}

/** The months of a scope that have jobs, the first at the top. */
export async function monthsOfJobs(scope: LogbookScope): Promise<MonthOfJobs[]> {
  const months = await selectNewest<{ month: number; jobs: number; state: number }>(
    `SELECT extract(YEAR_MONTH FROM j.created_at) AS month, count(*) AS jobs,
       bit_xor(crc32(concat_ws(' ', j.id, j.version, j.updated_at))) AS state
     FROM jobs j WHERE ${inScope(scope)} GROUP BY month ORDER BY month`,
    { ...scope },
  )
  return months.map(({ month, jobs, state }) => ({
    month: monthWritten(Number(month)),
    jobs: Number(jobs),
    state: `${jobs} ${state}`,
  }))
}

/** What was found in the jobs of a month. */
export interface StoredFindings {
  /** YYYY-MM the jobs were opened */
  month: string
  damage: string
  count: number
  jobs: number
}

/** What was found, counted by month and kind. */
export async function countFindings(scope: LogbookScope): Promise<StoredFindings[]> {
  const rows = await selectNewest<Omit<StoredFindings, 'month'> & { month: number }>(
    `SELECT month, damage, sum(n) AS count, count(*) AS jobs FROM (
       SELECT extract(YEAR_MONTH FROM j.created_at) AS month, f.damage, count(*) AS n
       FROM jobs j JOIN findings f ON f.job_id = j.id WHERE ${inScope(scope)} GROUP BY f.damage, f.job_id) AS found
     GROUP BY month, damage`,
    { ...scope },
  )
  return rows.map((row) => ({ ...withMonth(row), count: Number(row.count), jobs: Number(row.jobs) }))
}

/** The first `limit` rows; all for null. */
const atMost = (limit: number | null): string => (limit === null ? '' : 'LIMIT :limit')

/** Jobs of one machine, and of all. */
export interface MachineJobs {
  machineId: number | null
  machine: string | null
  jobs: number
  cameBack: number
  /** machines in all, jobs of no machine as one */
  machines: number
  allJobs: number
  allCameBack: number
}

/** Jobs of each machine, those that came back among them, the most first; names only for those that are told. */
export const countByMachine = (scope: LogbookScope, limit: number | null): Promise<MachineJobs[]> =>
  select(
    `SELECT n.*, m.name AS machine FROM (
       SELECT j.machine_id AS machineId, count(*) AS jobs, count(j.comeback_of) AS cameBack, count(*) OVER () AS machines,
         sum(count(*)) OVER () AS allJobs, sum(count(j.comeback_of)) OVER () AS allCameBack
       FROM jobs j WHERE ${inScope(scope)}
       GROUP BY j.machine_id ORDER BY jobs DESC, machineId ${atMost(limit)}) AS n
     LEFT JOIN machines m ON m.id = n.machineId ORDER BY jobs DESC, machineId`,
    { ...scope, limit },
  )

/** Parts that were fitted, counted by number and by how long they ran. */
export interface StoredLife {
  designation: string
  days: number
  /** 1 = replaced then */
  ended: number
  count: number
}

/**
 * Parts fitted since the scope began: of older ones only those that lasted would be counted.
 * @param today parts that are still in service have run until today, ISO date
 */
export const storedLives = (scope: LogbookScope, today: string): Promise<StoredLife[]> =>
  select(
    `SELECT f.designation, greatest(0, datediff(coalesce(f.replaced_on, :today), f.fitted_on)) AS days,
       f.replaced_on IS NOT NULL AS ended, count(*) AS count
     FROM fitted_parts f ${scope.machineId === undefined ? '' : 'JOIN positions p ON p.id = f.position_id AND p.machine_id = :machineId'}
     WHERE f.fitted_on BETWEEN :from AND :today
     GROUP BY f.designation, days, ended`,
    { ...scope, today },
  )

/** What the parts of closed jobs cost, by machine. */
export const costByMachine = (
  scope: LogbookScope,
  limit: number | null,
): Promise<
  {
    machineId: number | null
    machine: string | null
    jobs: number
    cost: number
    unpriced: number
    /** machines in all */
    machines: number
  }[]
> =>
  select(
    `SELECT j.machine_id AS machineId, max(m.name) AS machine, count(DISTINCT j.id) AS jobs, count(*) OVER () AS machines,
       coalesce(sum(l.price * l.quantity), 0) AS cost, coalesce(sum(l.price IS NULL), 0) AS unpriced
     FROM jobs j LEFT JOIN machines m ON m.id = j.machine_id JOIN kits k ON k.job_id = j.id
     JOIN kit_lines l ON l.kit_id = k.id AND l.unit = 'pcs' AND l.stays = 0 AND l.quantity > 0 AND l.state = 'filled'
     WHERE j.closed_at IS NOT NULL AND ${inScope(scope)}
     GROUP BY j.machine_id ORDER BY cost DESC, machineId ${atMost(limit)}`,
    { ...scope, limit },
  )

/** Parts that were decided on by identification, counted by month, by how sure it said to be, and by what became of them. */
export interface StoredAnswer {
  /** YYYY-MM the job was opened */
  month: string
  probability: number
  /** right = still decided when the job was closed; wrong = another part was decided on after it */
  state: 'right' | 'wrong' | 'open'
  count: number
}

/**
 * What became of decisions by identification. A decision that was taken back within its job counts only where another part took
 * its place, once for each part, as sure as it ever was; entries of before the bearing was written with them are told apart in jobs of one bearing.
 */
export async function identifiedParts(scope: LogbookScope): Promise<StoredAnswer[]> {
  type Row = Omit<StoredAnswer, 'month'> & { month: number }
  const [standing, replaced] = await Promise.all([
    selectNewest<Row>(
      `SELECT extract(YEAR_MONTH FROM j.created_at) AS month, round(b.decided_probability, 3) AS probability,
         if(j.closed_at IS NULL, 'open', 'right') AS state, count(*) AS count
       FROM jobs j JOIN bearings b ON b.job_id = j.id
       WHERE ${inScope(scope)} AND b.decided_probability > 0
       GROUP BY month, probability, state`,
      { ...scope },
    ),
    selectNewest<Row>(
      `SELECT month, probability, 'wrong' AS state, count(*) AS count FROM (
         SELECT max(extract(YEAR_MONTH FROM j.created_at)) AS month, max(round(e.decided_probability, 3)) AS probability
         FROM jobs j JOIN job_events e ON e.job_id = j.id AND e.kind = 'decision' AND e.undone_at IS NULL
           AND e.decided_probability > 0
         JOIN bearings b ON b.job_id = j.id AND (b.id = e.decided_bearing
           OR (e.decided_bearing IS NULL
             AND NOT EXISTS (SELECT 1 FROM bearings o WHERE o.job_id = j.id AND o.id <> b.id)))
         WHERE ${inScope(scope)} AND b.decided_base <> e.decided_base
         GROUP BY b.id, e.decided_base) AS taken_back
       GROUP BY month, probability`,
      { ...scope },
    ),
  ])
  return [...standing, ...replaced].map((row) => ({
    ...withMonth(row),
    probability: Number(row.probability),
    count: Number(row.count),
  }))
}

/** How often each part was what a job that is closed had decided on. */
export const timesDecided = (): Promise<{ base: string; times: number }[]> =>
  select(
    `SELECT b.decided_base AS base, count(*) AS times FROM jobs j JOIN bearings b ON b.job_id = j.id
     WHERE j.deleted_at IS NULL AND j.closed_at IS NOT NULL AND b.decided_base IS NOT NULL GROUP BY base`,
    {},
  )

/** A seat as one job measured it. */
export interface StoredSeat {
  positionId: number
  position: string
  machine: string
  seat: string
  jobId: number
  /** ISO date */
  on: string
  /** mean of the readings, mm */
  mm: number
  readings: number
}

/** Seats of positions of the register that were measured, the latest positions first. */
export const measuredSeats = (scope: LogbookScope, limit: number): Promise<StoredSeat[]> =>
  select(
    `SELECT j.position_id AS positionId, max(p.name) AS position, max(m.name) AS machine, s.seat, s.job_id AS jobId,
       date_format(max(j.created_at), '%Y-%m-%d') AS \`on\`, avg(s.value_mm) AS mm, count(*) AS readings
     FROM seat_readings s JOIN jobs j ON j.id = s.job_id JOIN positions p ON p.id = j.position_id
     JOIN machines m ON m.id = p.machine_id
     WHERE s.value_mm IS NOT NULL AND ${inScope(scope)}
     GROUP BY j.position_id, s.seat, s.job_id ORDER BY j.position_id DESC, s.seat, \`on\` LIMIT :limit`,
    { ...scope, limit },
  )
