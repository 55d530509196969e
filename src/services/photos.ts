import 'server-only'
import type { z } from 'zod'
import sharp from 'sharp'
import * as db from '@/db'
import { ServiceError } from './errors'
import { getJob } from './jobs'
import type { PhotoChange } from '@/contract/judgement'
import { PhotoAnswer } from '@/contract/judgement'

/** What is taken in: as it comes from a telephone; kept smaller. */
export const MAX_PHOTO_BYTES = 8 * 1024 * 1024
const MAX_PIXELS = 60_000_000
const KEPT_PX = 1600
const QUALITY = 82
const MAX_PHOTOS = 40
/** By content, whatever the name or the content type says. */
const READ = new Set(['jpeg', 'png', 'webp', 'gif', 'tiff', 'heif'])

const NO_PICTURE = 'This is no picture that can be read. Send a JPEG, PNG or WebP.'

/** Reads, turns upright, makes smaller, and writes anew without anything but the picture: place and camera are gone. */
async function cleaned(bytes: Uint8Array): Promise<{ picture: Buffer; width: number; height: number }> {
  try {
    const image = sharp(bytes, { limitInputPixels: MAX_PIXELS, failOn: 'error' })
    const { format } = await image.metadata()
    if (!READ.has(format)) throw new ServiceError('unreadable', NO_PICTURE)
    const { data, info } = await image
      .rotate()
      .resize({ width: KEPT_PX, height: KEPT_PX, fit: 'inside', withoutEnlargement: true })
      .flatten({ background: '#ffffff' })
      .jpeg({ quality: QUALITY })
      .toBuffer({ resolveWithObject: true })
    return { picture: data, width: info.width, height: info.height }
  } catch (error) {
    if (error instanceof ServiceError) throw error
    throw new ServiceError('unreadable', NO_PICTURE)
  }
}

/** Marks that cannot be read are left out rather than the photograph. */
function toResponse({ at, marks, ...photo }: db.StoredPhoto): PhotoAnswer {
  const read = PhotoAnswer.shape.marks.safeParse((marks.ok && marks.value) || [])
  return { ...photo, marks: read.success ? read.data : [], at: at.toISOString() }
}

export async function photos(jobId: number): Promise<PhotoAnswer[]> {
  await getJob(jobId)
  return (await db.photosOf(jobId)).map(toResponse)
}

/**
 * Keeps a photograph with a job.
 * @param about the part it shows
 * @throws ServiceError `notFound`, `unreadable` when it is no picture, `impossible` when there are too many
 */
export async function addPhoto(
  jobId: number,
  bytes: Uint8Array,
  about: string,
  name: string,
): Promise<PhotoAnswer> {
  await getJob(jobId)
  const present = await db.photosOf(jobId)
  if (present.length >= MAX_PHOTOS)
    throw new ServiceError('impossible', `A job keeps at most ${MAX_PHOTOS} photographs. Remove one first.`)
  const picture = await cleaned(bytes)
  const id = await db.addPhoto({
    jobId,
    about: about.slice(0, 40),
    name: name.replace(/[^\p{L}\p{N} ._-]/gu, '').slice(0, 120),
    ...picture,
  })
  return photoAnswer(jobId, id)
}

const noPhoto = (jobId: number, id: number) =>
  new ServiceError('notFound', `Job ${jobId} has no photograph ${id}.`)

async function photoAnswer(jobId: number, id: number): Promise<PhotoAnswer> {
  const stored = (await db.photosOf(jobId)).find((photo) => photo.id === id)
  if (!stored) throw noPhoto(jobId, id)
  return toResponse(stored)
}

/**
 * Puts other marks on a photograph.
 * @throws ServiceError `notFound`; `conflict` with the photograph as it is now when it was marked by somebody else
 *   meanwhile
 */
export async function markPhoto(
  jobId: number,
  id: number,
  { was, marks }: z.output<typeof PhotoChange>,
): Promise<PhotoAnswer> {
  const done = await db.markPhoto(jobId, id, was, marks)
  if (done === null) throw noPhoto(jobId, id)
  const now = await photoAnswer(jobId, id)
  if (done) return now
  throw new ServiceError('conflict', 'Somebody else marked this photograph meanwhile.', [], now)
}

/** Width of a picture on paper, pixels: 240 points at 240 a inch. */
const PAPER_PX = 800

/** The photographs of a job for paper, the first ones, with their pictures made smaller. */
export async function photosForPaper(
  jobId: number,
  max: number,
): Promise<{ shown: (PhotoAnswer & { picture: Buffer })[]; more: number }> {
  const all = (await db.photosOf(jobId)).map(toResponse)
  const shown = await Promise.all(
    all.slice(0, max).map(async (answer) => {
      const picture = await photo(jobId, answer.id)
      const small = await sharp(picture)
        .resize({ width: PAPER_PX, height: PAPER_PX, fit: 'inside', withoutEnlargement: true })
        .jpeg({ quality: QUALITY })
        .toBuffer()
      return { ...answer, picture: small }
    }),
  )
  return { shown, more: all.length - shown.length }
}

/** @throws ServiceError `notFound` */
export async function photo(jobId: number, id: number): Promise<Buffer> {
  const picture = await db.photoPicture(jobId, id)
  if (!picture) throw noPhoto(jobId, id)
  return picture
}

/** @throws ServiceError `notFound` */
export async function removePhoto(jobId: number, id: number): Promise<{ removed: true }> {
  if (!(await db.removePhoto(jobId, id))) throw noPhoto(jobId, id)
  return { removed: true }
}
