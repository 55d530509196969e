import { toBin } from './bin'
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
  return rows.map(({ id, about, name, width, height, created_at: at }) => ({
    id,
    about,
    name,
    width,
    height,
    at,
  }))
}

export async function photoPicture(jobId: number, id: number): Promise<Buffer | null> {
  const row = await models().PhotoRow.findOne({ where: { id, job_id: jobId }, attributes: ['picture'] })
  return row?.picture ?? null
}

/** Into the bin. @returns whether there was one */
export const removePhoto = (jobId: number, id: number): Promise<boolean> =>
  toBin('photo', { id, job_id: jobId })
