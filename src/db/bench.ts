import { QueryTypes } from 'sequelize'
import { database } from './connection'

/** What keeps a job from going on, as far as rows tell it. */
export interface JobWaiting {
  jobId: number
  bearings: number
  /** bearings nobody has decided; the name of the first of them */
  undecided: number
  undecidedName: string | null
  /** whether an arrangement was chosen */
  chosen: number
  /** null = its kit was not worked out yet */
  kitComplete: number | null
  /** lines of its kit that are missing or do not fit; what the first of them is */
  openLines: number
  openLine: string | null
  /** steps of its card that are ticked; null = none or unreadable */
  done: number | null
  signed: number | null
}

const rows = <T extends object>(sql: string, replacements: Record<string, unknown>): Promise<T[]> =>
  database().query<T>(sql, { replacements, type: QueryTypes.SELECT })

/** How far some jobs are. */
export const waitingOf = (jobIds: readonly number[]): Promise<JobWaiting[]> =>
  jobIds.length === 0
    ? Promise.resolve([])
    : rows(
        `SELECT j.id AS jobId,
           (SELECT count(*) FROM bearings b WHERE b.job_id = j.id) AS bearings,
           (SELECT count(*) FROM bearings b WHERE b.job_id = j.id AND b.designation IS NULL) AS undecided,
           (SELECT b.name FROM bearings b WHERE b.job_id = j.id AND b.designation IS NULL ORDER BY b.ordinal LIMIT 1) AS undecidedName,
           j.kit IS NOT NULL AS chosen, k.complete AS kitComplete,
           (SELECT count(*) FROM kit_lines l WHERE l.kit_id = k.id AND l.state <> 'filled') AS openLines,
           (SELECT l.label FROM kit_lines l WHERE l.kit_id = k.id AND l.state <> 'filled' ORDER BY l.ordinal LIMIT 1) AS openLine,
           json_length(j.fitting, '$.done') AS done,
           json_type(json_extract(j.fitting, '$.signed')) = 'OBJECT' AS signed
         FROM jobs j LEFT JOIN kits k ON k.job_id = j.id WHERE j.id IN (:jobIds)`,
        { jobIds },
      )

/** A part of a job's kit of which fewer lie in the bins than it needs. */
export interface ShortLine {
  jobId: number
  designation: string
  missing: number
  /** the order that brings it, and the day it was sent and how long it takes; null = not ordered */
  orderId: number | null
  orderedAt: Date | null
  leadTimeDays: number | null
}

/** Parts of complete kits that are short: needed, less what is free and what the job has reserved. */
export const shortLinesOf = (jobIds: readonly number[]): Promise<ShortLine[]> =>
  jobIds.length === 0
    ? Promise.resolve([])
    : rows(
        `WITH coming AS (
           SELECT ol.designation, max(o.id) AS id FROM orders o JOIN order_lines ol ON ol.order_id = o.id
           WHERE o.state IN ('sent', 'partiallyReceived') AND ol.received < ol.quantity GROUP BY ol.designation)
         SELECT s.*, o.id AS orderId, o.created_at AS orderedAt, o.lead_time_days AS leadTimeDays FROM (
           SELECT k.job_id AS jobId, l.designation, sum(l.quantity)
             - coalesce((SELECT sum(i.quantity - i.reserved) FROM stock_items i WHERE i.part_key = l.part_key), 0)
             - coalesce((SELECT sum(r.pieces) FROM reservations r JOIN stock_items i ON i.id = r.item_id
                 WHERE r.job_id = k.job_id AND i.part_key = l.part_key), 0) AS missing
           FROM kits k JOIN kit_lines l ON l.kit_id = k.id
           WHERE k.job_id IN (:jobIds) AND l.state = 'filled' AND l.part_key IS NOT NULL AND coalesce(json_value(l.value, '$.kind'), '') <> 'made' AND l.unit = 'pcs' AND l.stays = 0
             AND l.quantity > 0
           GROUP BY k.job_id, l.part_key, l.designation HAVING missing > 0) s
         LEFT JOIN coming c ON c.designation = s.designation LEFT JOIN orders o ON o.id = c.id
         ORDER BY s.jobId, s.designation`,
        { jobIds },
      )

/** A position of the register and what was fitted there last. */
export interface LastFitted {
  machineId: number
  machine: string
  position: string
  fitted: string
  on: string
}

/** Fitted parts that are looked through for the positions they are in. */
const LOOKED_THROUGH = 300

/** Positions that something was fitted in, the latest first. */
export const lastFitted = (limit: number): Promise<LastFitted[]> =>
  rows(
    `SELECT m.id AS machineId, m.name AS machine, p.name AS position, p.fitted, max(f.fitted_on) AS \`on\`
     FROM (SELECT position_id, fitted_on FROM fitted_parts ORDER BY id DESC LIMIT ${LOOKED_THROUGH}) f
     JOIN positions p ON p.id = f.position_id JOIN machines m ON m.id = p.machine_id
     GROUP BY p.id ORDER BY \`on\` DESC, p.id DESC LIMIT :limit`,
    { limit },
  )

export async function countOpenJobs(): Promise<number> {
  const [row] = await rows<{ n: number }>(
    'SELECT count(*) n FROM jobs WHERE closed_at IS NULL AND deleted_at IS NULL',
    {},
  )
  return Number(row?.n ?? 0)
}
