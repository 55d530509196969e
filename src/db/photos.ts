import { isDeepStrictEqual } from 'node:util'
import { toBin } from './bin'
import { oneChange } from './connection'
import { readJson, type StoredJson } from './json'
import { models } from './models'

export interface NewPhoto {
  jobId: number
  about: string
  name: string
  width: number
  height: number
  picture: Buffer
}

/** A photograph without its picture. */
export interface StoredPhoto {
  id: number
  about: string
  name: string
  width: number
  height: number
  marks: StoredJson
  at: Date
}

export async function addPhoto({ jobId, ...photo }: NewPhoto): Promise<number> {
  const row = await models().PhotoRow.create({ job_id: jobId, ...photo })
  return row.id
}

export async function photosOf(jobId: number): Promise<StoredPhoto[]> {
  const rows = await models().PhotoRow.findAll({
    where: { job_id: jobId },
    attributes: { exclude: ['picture'] },
    order: [['id', 'ASC']],
  })
  return rows.map(({ id, about, name, width, height, marks, created_at: at }) => ({
    id,
    about,
    name,
    width,
    height,
    marks: readJson(marks),
    at,
  }))
}

export async function photoPicture(jobId: number, id: number): Promise<Buffer | null> {
  const row = await models().PhotoRow.findOne({ where: { id, job_id: jobId }, attributes: ['picture'] })
  return row?.picture ?? null
}

/**
 * Puts other marks on a photograph in place of those that were there.
 * @returns whether it did; false = there were others by then; null = there is no such photograph
 */
export const markPhoto = (
  jobId: number,
  id: number,
  was: readonly unknown[],
  marks: readonly unknown[],
): Promise<boolean | null> =>
  oneChange(async (transaction) => {
    const row = await models().PhotoRow.findOne({
      where: { id, job_id: jobId },
      attributes: ['id', 'marks'],
      transaction,
      lock: transaction.LOCK.UPDATE,
    })
    if (!row) return null
    const there = readJson(row.marks)
    // Marks that cannot be read are nobody's: they may be replaced.
    if (there.ok && !isDeepStrictEqual(there.value ?? [], was)) return false
    await row.update({ marks: JSON.stringify(marks) }, { transaction })
    return true
  })

/** Into the bin. @returns whether there was one */
export const removePhoto = (jobId: number, id: number): Promise<boolean> =>
  toBin('photo', { id, job_id: jobId })
