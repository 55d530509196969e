import 'server-only'
import { z } from 'zod'
import { capsFor } from '@/core/kit'
import { checkSealWork, findSeals, lipSpeed, materialsFor, MEDIA, wearSleeves } from '@/core/seals'
import { readLength, writeInch } from '@/core/quantity'
import { ServiceError } from './errors'
import { getCatalogue } from './catalogueRuntime'
import type { SealsResponse } from '@/contract/lookUp'
import { readFields } from '@/contract/length'
import { parse } from './parse'

const SEAL_ROLES = { shaft: 'bore', housing: 'outside', width: 'width' } as const

const SealQuery = z
  .object({
    shaft: z.string().trim().min(1, 'Give the shaft size.').max(40),
    housing: z.string().trim().min(1, 'Give the housing size.').max(40),
    width: z
      .string()
      .trim()
      .max(40)
      .transform((text) => (text === '' ? undefined : text))
      .optional(),
    unit: z.enum(['mm', 'in', 'auto']).default('auto'),
    rpm: z.coerce
      .number('Turns a minute are a figure.')
      .positive('Turns a minute are more than zero.')
      .max(100_000)
      .optional(),
    temperatureC: z.coerce.number('The temperature is a figure.').min(-100).max(400).optional(),
    medium: z.enum(MEDIA, `A medium is one of: ${MEDIA.join(', ')}.`).optional(),
    lip: z.enum(['single', 'double']).optional(),
  })
  .transform((query, context) => {
    const inUnit = (text: string): string => {
      const read = readLength(text)
      return query.unit === 'auto' || !read.ok || read.value.stated ? text : `${text} ${query.unit}`
    }
    const { shaft, housing, width } = query
    const sizes = { shaft: inUnit(shaft), housing: inUnit(housing), width: width && inUnit(width) }
    return readFields({ ...query, ...sizes }, SEAL_ROLES, context)
  })

/** Seals for a journal and a counterbore. @throws ServiceError `impossible` when the shaft is not smaller than the housing */
export async function sealsFor(input: unknown): Promise<SealsResponse> {
  const query = parse(SealQuery, input)
  const { shaft, housing, width } = query
  if (shaft >= housing)
    throw new ServiceError('impossible', 'The shaft is not smaller than the housing. Check both sizes.')
  const { context } = await getCatalogue()
  const { catalogue } = context
  const { rpm, temperatureC, medium, lip } = query
  const work = { rpm, temperatureC, medium, lip }
  const { fits, near } = findSeals(catalogue, { shaft, housing, width })
  const out = ({ part, reason }: (typeof fits)[number]) => ({
    designation: part.base,
    dimensions: { ...part.dimensions },
    in: { shaft: writeInch(part.dimensions.bore ?? 0), housing: writeInch(part.dimensions.outside ?? 0) },
    lip: part.seal?.lip,
    material: part.seal?.material,
    detail: reason,
    checks: part.seal ? checkSealWork(part.seal, shaft, work) : [],
  })
  return {
    shaft,
    housing,
    width: width ?? null,
    lipSpeed: rpm === undefined ? null : lipSpeed(shaft, rpm),
    materials: materialsFor(shaft, work),
    seals: fits.map(out),
    near: near.slice(0, 8).map(out),
    sleeves: wearSleeves(catalogue, { shaft, housing, width }).map(({ seals, ...sleeve }) => ({
      ...sleeve,
      seals: seals.map(({ part }) => part.base),
    })),
    caps: capsFor(catalogue, housing).map(({ part }) => part.base),
  }
}
