import { Op, QueryTypes, UniqueConstraintError, type Transaction } from 'sequelize'
import { database, oneChange } from './connection'
import { likeText } from './likeText'
import { models, type MachineRow, type PositionRow } from './models'

export interface StoredPosition {
  id: number
  name: string
  side: string
  arrangement: string | null
  fitted: string
  quantity: number
}
export interface StoredMachine {
  id: number
  name: string
  place: string
  note: string
  positions: StoredPosition[]
}

/** A part in a position, now or before. */
export interface FittedPart {
  slot: string
  label: string
  designation: string
  partKey: string | null
  quantity: number
  fittedOn: string
  replacedOn: string | null
  jobId: number | null
}

const positionFromRow = (p: PositionRow): StoredPosition => ({
  id: p.id,
  name: p.name,
  side: p.side,
  arrangement: p.arrangement,
  fitted: p.fitted,
  quantity: p.quantity,
})

async function withPositions(machines: readonly MachineRow[]): Promise<StoredMachine[]> {
  const positions = await models().PositionRow.findAll({
    where: { machine_id: machines.map(({ id }) => id) },
    order: ['id'],
  })
  const byMachine = new Map<number, StoredPosition[]>()
  for (const row of positions)
    byMachine.set(row.machine_id, [...(byMachine.get(row.machine_id) ?? []), positionFromRow(row)])
  return machines.map(({ id, name, place, note }) => ({
    id,
    name,
    place,
    note,
    positions: byMachine.get(id) ?? [],
  }))
}

export interface MachineQuery {
  limit: number
  /** continue after the machine of this name */
  after?: string | undefined
  /** in name or place */
  text?: string | undefined
}

/** Machines by name. Found in the index of names and places, so that only the rows of the page are read. */
export async function listMachines({ limit, after, text = '' }: MachineQuery): Promise<StoredMachine[]> {
  const { MachineRow: Machines } = models()
  const found = await Machines.findAll({
    attributes: ['id'],
    where: {
      [Op.and]: [
        ...(after === undefined ? [] : [{ name: { [Op.gt]: after } }]),
        ...(text === ''
          ? []
          : [
              {
                [Op.or]: [{ name: { [Op.like]: likeText(text) } }, { place: { [Op.like]: likeText(text) } }],
              },
            ]),
      ],
    },
    order: ['name'],
    limit,
    raw: true,
  })
  if (found.length === 0) return []
  return withPositions(await Machines.findAll({ where: { id: found.map(({ id }) => id) }, order: ['name'] }))
}

export async function findMachine(id: number): Promise<StoredMachine | null> {
  const row = await models().MachineRow.findByPk(id)
  return row ? ((await withPositions([row]))[0] ?? null) : null
}

export interface NewMachine {
  name: string
  place: string
  note: string
  positions: (Omit<StoredPosition, 'id' | 'side'> & { side?: string })[]
}

/** What may change on a machine; positions with an id are changed, those without are added. */
export interface MachineChange {
  name?: string | undefined
  place?: string | undefined
  note?: string | undefined
  positions?: readonly (Partial<Omit<StoredPosition, 'id'>> & { id?: number | undefined })[] | undefined
}

const taken = (error: unknown): boolean => error instanceof UniqueConstraintError

/** @returns null when a machine of this name, or two positions of one name, are there */
export async function createMachine({ positions, ...own }: NewMachine): Promise<StoredMachine | null> {
  const { MachineRow: Machines, PositionRow: Positions } = models()
  try {
    const id = await oneChange(async (transaction) => {
      const row = await Machines.create(own, { transaction })
      for (const position of positions)
        await Positions.create({ side: '', ...position, machine_id: row.id }, { transaction })
      return row.id
    })
    return await findMachine(id)
  } catch (error) {
    if (taken(error)) return null
    throw error
  }
}

/** @returns `taken` when the name is another machine's or position's; null when there is no such machine or position */
export async function changeMachine(
  id: number,
  { positions = [], ...own }: MachineChange,
): Promise<StoredMachine | 'taken' | null> {
  const { MachineRow: Machines, PositionRow: Positions } = models()
  const defined = <T extends object>(change: T) =>
    Object.fromEntries(Object.entries(change).filter(([, value]) => value !== undefined)) as Partial<T>
  try {
    const found = await oneChange(async (transaction) => {
      const row = await Machines.findByPk(id, { transaction, lock: transaction.LOCK.UPDATE })
      if (!row) return false
      await row.update(defined(own), { transaction })
      for (const { id: position, ...change } of positions) {
        if (position === undefined) {
          await Positions.create(
            {
              machine_id: id,
              name: change.name ?? '',
              side: change.side ?? '',
              arrangement: change.arrangement ?? null,
              fitted: change.fitted ?? '',
              quantity: change.quantity ?? 1,
            },
            { transaction },
          )
          continue
        }
        const there = await Positions.findOne({ where: { id: position, machine_id: id }, transaction })
        if (!there) return false
        await there.update(defined(change), { transaction })
      }
      return true
    })
    return found ? await findMachine(id) : null
  } catch (error) {
    if (taken(error)) return 'taken'
    throw error
  }
}

/**
 * Joins one machine to another: its positions and jobs move over, positions of one name get a number behind.
 * @returns null when one of them is not there
 */
export async function mergeMachines(from: number, into: number): Promise<StoredMachine | null> {
  const { MachineRow: Machines, PositionRow: Positions, JobRow: Jobs } = models()
  const done = await oneChange(async (transaction) => {
    const both = await Machines.findAll({
      where: { id: [from, into] },
      order: ['id'],
      transaction,
      lock: transaction.LOCK.UPDATE,
    })
    if (both.length !== 2) return false
    const names = new Set(
      (await Positions.findAll({ where: { machine_id: into }, transaction })).map(({ name }) =>
        name.toLowerCase(),
      ),
    )
    for (const position of await Positions.findAll({
      where: { machine_id: from },
      order: ['id'],
      transaction,
    })) {
      let { name } = position
      for (let n = 2; names.has(name.toLowerCase()); n++) name = `${position.name.slice(0, 112)} (${n})`
      names.add(name.toLowerCase())
      await position.update({ machine_id: into, name }, { transaction })
    }
    // Those in the bin too: they may be put back.
    await Jobs.update({ machine_id: into }, { where: { machine_id: from }, paranoid: false, transaction })
    await Machines.destroy({ where: { id: from }, transaction })
    return true
  })
  return done ? findMachine(into) : null
}

/** What a position carries and carried, the latest first. */
export async function fittedIn(positionId: number, limit: number): Promise<FittedPart[]> {
  const rows = await models().FittedPartRow.findAll({
    where: { position_id: positionId },
    order: [
      ['fitted_on', 'DESC'],
      ['id', 'ASC'],
    ],
    limit,
  })
  return rows.map((row) => ({
    slot: row.slot,
    label: row.label,
    designation: row.designation,
    partKey: row.part_key,
    quantity: row.quantity,
    fittedOn: row.fitted_on,
    replacedOn: row.replaced_on,
    jobId: row.job_id,
  }))
}

/** A machine that carries some of the same parts now. */
export interface SimilarMachine {
  id: number
  name: string
  place: string
  shared: string[]
}

/** Numbers told for each. */
const MAX_SHARED = 6

/** Machines that carry the same parts as this one now, those with most of them first. */
export async function similarTo(machineId: number, limit: number): Promise<SimilarMachine[]> {
  const rows = await database().query<Omit<SimilarMachine, 'shared'> & { shared: string }>(
    `SELECT m.id, m.name, m.place, group_concat(DISTINCT f.designation ORDER BY f.designation SEPARATOR '\\n') AS shared
     FROM positions pm JOIN fitted_parts mine ON mine.position_id = pm.id AND mine.replaced_on IS NULL AND mine.part_key <> ''
     JOIN fitted_parts f ON f.part_key = mine.part_key AND f.replaced_on IS NULL
     JOIN positions p ON p.id = f.position_id AND p.machine_id <> pm.machine_id JOIN machines m ON m.id = p.machine_id
     WHERE pm.machine_id = ? GROUP BY m.id ORDER BY count(DISTINCT f.part_key) DESC, m.name LIMIT ?`,
    { replacements: [machineId, limit], type: QueryTypes.SELECT },
  )
  return rows.map(({ shared, ...machine }) => ({
    ...machine,
    shared: shared.split('\n').slice(0, MAX_SHARED),
  }))
}

/** What a closed job leaves in a position. */
export interface NewFitting {
  positionId: number
  jobId: number
  on: string
  arrangement: string
  /** how the position is told in one line */
  fitted: string
  quantity: number
  parts: readonly Omit<FittedPart, 'fittedOn' | 'replacedOn' | 'jobId'>[]
  /** slots whose old part stayed: it is not replaced */
  stayed: readonly string[]
}

/** Writes what was fitted: parts of the same places are replaced, those that stayed stay. A job writes once. */
export async function writeFitting(fitting: NewFitting, transaction: Transaction): Promise<void> {
  const { FittedPartRow: Fitted, PositionRow: Positions } = models()
  const { positionId, jobId, on, parts, stayed } = fitting
  await Fitted.destroy({ where: { position_id: positionId, job_id: jobId }, transaction })
  await Fitted.update(
    { replaced_on: on },
    {
      where: { position_id: positionId, replaced_on: null, slot: { [Op.notIn]: [...stayed, ''] } },
      transaction,
    },
  )
  await Fitted.bulkCreate(
    parts.map(({ slot, label, designation, partKey, quantity }) => ({
      position_id: positionId,
      job_id: jobId,
      slot,
      label: label.slice(0, 80),
      designation: designation.slice(0, 120),
      part_key: partKey?.slice(0, 190) ?? null,
      quantity,
      fitted_on: on,
      replaced_on: null,
    })),
    { transaction },
  )
  await Positions.update(
    { fitted: fitting.fitted.slice(0, 200), arrangement: fitting.arrangement, quantity: fitting.quantity },
    { where: { id: positionId }, transaction },
  )
}
