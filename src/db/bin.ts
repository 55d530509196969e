import { Op, type Model, type ModelStatic, type WhereOptions } from 'sequelize'
import { actorOr } from './actor'
import { models } from './models'

/** What goes to the bin when it is removed. */
export type BinKind = 'job' | 'photo' | 'list' | 'arrangement' | 'partName'

export interface StoredBinItem {
  kind: BinKind
  /** number or code among those of its kind */
  id: string
  label: string
  deletedAt: Date
  deletedBy: string
}

/** What all rows that can lie in the bin have. */
interface Binned {
  deleted_at: Date | null
  deleted_by: string
}
type BinnedModel = ModelStatic<Model & Binned>

/** Rows of one kind shown at most; the bin is emptied by age. */
const SHOWN = 100

/** Every kind with its table, its key and what it is called. */
export function kinds() {
  const { JobRow, PhotoRow, ListRow, ArrangementRow, PartNameRow } = models()
  return {
    job: {
      table: JobRow as unknown as BinnedModel,
      key: 'id',
      labelled: ['id', 'title'],
      label: (row: Record<string, unknown>) => `Job ${row['id']}: ${row['title']}`,
    },
    photo: {
      table: PhotoRow as unknown as BinnedModel,
      key: 'id',
      labelled: ['id', 'job_id', 'about', 'name'],
      label: (row: Record<string, unknown>) =>
        `Photograph of job ${row['job_id']}: ${row['about'] || row['name'] || row['id']}`,
    },
    list: {
      table: ListRow as unknown as BinnedModel,
      key: 'id',
      labelled: ['id', 'name'],
      label: (row: Record<string, unknown>) => `List ${row['name']}`,
    },
    arrangement: {
      table: ArrangementRow as unknown as BinnedModel,
      key: 'code',
      labelled: ['code'],
      label: (row: Record<string, unknown>) => `Arrangement ${row['code']}`,
    },
    partName: {
      table: PartNameRow as unknown as BinnedModel,
      key: 'name_key',
      labelled: ['name_key', 'name', 'designation'],
      label: (row: Record<string, unknown>) => `“${row['name']}” for ${row['designation']}`,
    },
  } as const
}

/** Puts rows into the bin. @returns whether there was one */
export async function toBin(kind: BinKind, where: WhereOptions): Promise<boolean> {
  const [rows] = await kinds()[kind].table.update(
    { deleted_at: new Date(), deleted_by: actorOr('') },
    { where, silent: true },
  )
  return rows > 0
}

/** What lies in the bin, the latest first. */
export async function binned(): Promise<StoredBinItem[]> {
  const found = await Promise.all(
    Object.entries(kinds()).map(async ([kind, { table, key, labelled, label }]) => {
      const rows = await table.findAll({
        attributes: [...labelled, 'deleted_at', 'deleted_by'],
        where: { deleted_at: { [Op.ne]: null } },
        order: [['deleted_at', 'DESC']],
        limit: SHOWN,
        paranoid: false,
      })
      return rows.map((row) => {
        const values = row.get({ plain: true }) as Record<string, unknown> & Binned
        return {
          kind: kind as BinKind,
          id: String(values[key]),
          label: label(values).slice(0, 200),
          deletedAt: values.deleted_at ?? new Date(0),
          deletedBy: values.deleted_by,
        }
      })
    }),
  )
  return found.flat().sort((a, b) => b.deletedAt.getTime() - a.deletedAt.getTime())
}

/** Puts a row back. @returns whether it lay in the bin */
export async function fromBin(kind: BinKind, id: string): Promise<boolean> {
  const { table, key } = kinds()[kind]
  const [rows] = await table.update(
    { deleted_at: null, deleted_by: '' },
    { where: { [key]: id, deleted_at: { [Op.ne]: null } }, silent: true, paranoid: false },
  )
  return rows > 0
}

/** The job of a photograph in the bin; null = it lies not there. */
export async function jobOfBinnedPhoto(id: number): Promise<number | null> {
  const row = await models().PhotoRow.findOne({ attributes: ['job_id'], where: { id }, paranoid: false })
  return row?.job_id ?? null
}

/** An arrangement in the bin as it was written; null = it lies not there. */
export async function binnedArrangement(code: string): Promise<unknown> {
  const row = await models().ArrangementRow.findOne({
    where: { code, deleted_at: { [Op.ne]: null } },
    paranoid: false,
  })
  return row ? (JSON.parse(row.content) as unknown) : null
}
