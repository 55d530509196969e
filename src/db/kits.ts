import { QueryTypes, type Transaction } from 'sequelize'
import { database, oneChange } from './connection'
import { readJson, writeJson, type StoredJson } from './json'
import { models, type KitLineRow } from './models'

/** A line of a kit as it is kept. */
export interface StoredKitLine {
  slot: string
  role: string
  label: string
  designation: string
  /** key of the part in stock and orders; null where nothing is bought */
  partKey: string | null
  value: unknown
  quantityPerPosition: number
  quantity: number
  unit: string
  singleUse: boolean
  state: string
  stays: boolean
  assumed: boolean
  reason: string
  note: string
  alternatives: string[]
  price: number | null
}

/** A kit as it was agreed. */
export interface StoredKit {
  arrangement: string
  positions: number
  complete: boolean
  /** checks, absent places, tools, next step, error */
  content: unknown
  lines: StoredKitLine[]
}

export type ReadKitLine = Omit<StoredKitLine, 'value'> & { value: StoredJson }
export type ReadKit = Omit<StoredKit, 'content' | 'lines'> & { content: StoredJson; lines: ReadKitLine[] }

function lineFromRow(row: KitLineRow): ReadKitLine {
  const alternatives = readJson(row.alternatives)
  return {
    slot: row.slot,
    role: row.role,
    label: row.label,
    designation: row.designation,
    partKey: row.part_key,
    value: readJson(row.value),
    quantityPerPosition: row.each_position,
    quantity: row.quantity,
    unit: row.unit,
    singleUse: row.single_use,
    state: row.state,
    stays: row.stays,
    assumed: row.assumed,
    reason: row.reason,
    note: row.note,
    alternatives:
      alternatives.ok && Array.isArray(alternatives.value)
        ? alternatives.value.filter((a) => typeof a === 'string')
        : [],
    price: row.price === null ? null : Number(row.price),
  }
}

/** Writes the kit of a job in place of the one before it; null removes it. */
export async function saveKit(jobId: number, kit: StoredKit | null, transaction: Transaction): Promise<void> {
  const { KitRow: Kits, KitLineRow: Lines } = models()
  const there = await Kits.findOne({ where: { job_id: jobId }, transaction })
  if (!kit) return there?.destroy({ transaction })
  const head = {
    arrangement: kit.arrangement,
    positions: kit.positions,
    complete: kit.complete,
    content: JSON.stringify(kit.content),
  }
  const row = there
    ? await there.update(head, { transaction })
    : await Kits.create({ job_id: jobId, ...head }, { transaction })
  await Lines.destroy({ where: { kit_id: row.id }, transaction })
  await Lines.bulkCreate(
    kit.lines.map((line, ordinal) => ({
      kit_id: row.id,
      ordinal,
      slot: line.slot,
      role: line.role,
      label: line.label.slice(0, 80),
      designation: line.designation.slice(0, 120),
      part_key: line.partKey?.slice(0, 190) ?? null,
      value: writeJson(line.value),
      each_position: line.quantityPerPosition,
      quantity: line.quantity,
      unit: line.unit,
      single_use: line.singleUse,
      state: line.state,
      stays: line.stays,
      assumed: line.assumed,
      reason: line.reason,
      note: line.note,
      alternatives: JSON.stringify(line.alternatives),
      price: line.price,
    })),
    { transaction },
  )
}

/** The kit of a job; null when there is none yet. */
export async function kitOfJob(jobId: number): Promise<ReadKit | null> {
  const { KitRow: Kits, KitLineRow: Lines } = models()
  const row = await Kits.findOne({ where: { job_id: jobId } })
  if (!row) return null
  const lines = await Lines.findAll({ where: { kit_id: row.id }, order: ['ordinal'] })
  return {
    arrangement: row.arrangement,
    positions: row.positions,
    complete: Boolean(row.complete),
    content: readJson(row.content),
    lines: lines.map(lineFromRow),
  }
}

/** Keeps a kit that was worked out from a draft of before kits were kept. */
export const keepKit = (jobId: number, kit: StoredKit): Promise<void> =>
  oneChange((transaction) => saveKit(jobId, kit, transaction))

/** Where a part is fitted or wanted. */
export interface PartUse {
  machine: string | null
  position: string | null
  jobId: number | null
  designation: string
  quantity: number
  since: string | null
}

/** Machines and positions that carry a part now. */
export const fittedWith = (partKey: string, limit: number): Promise<PartUse[]> =>
  database().query<PartUse>(
    `select m.name machine, p.name position, f.job_id jobId, f.designation, f.quantity, f.fitted_on since
     from fitted_parts f join positions p on p.id = f.position_id join machines m on m.id = p.machine_id
     where f.part_key = ? and f.replaced_on is null order by m.name, p.name limit ?`,
    { replacements: [partKey, limit], type: QueryTypes.SELECT },
  )
