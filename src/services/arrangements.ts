import 'server-only'
import type { z } from 'zod'
import { isDeepStrictEqual } from 'node:util'
import {
  ArrangementFile,
  arrangementProblemText,
  ARRANGEMENTS,
  resolveArrangement,
  SHIPPED_FILES,
  suitsArrangement,
  type Arrangement,
} from '@/core/kit'
import { knownPart, resolvePart, type KnownPart } from '@/core/part'
import { oneChange, ownArrangements, removeArrangement, saveArrangement } from '@/db'
import { ServiceError } from './errors'
import type { ArrangementChange } from '@/contract/kit'
import { ArrangementsQuery, type ArrangementsResponse } from '@/contract/kit'
import { noteOfShop } from './history'
import { getCatalogue } from './catalogueRuntime'
import { mergedOver } from './mergedOver'
import { parse } from './parse'

const own = async (): Promise<ArrangementFile[]> =>
  (await ownArrangements()).flatMap((file) => {
    const read = ArrangementFile.safeParse(file)
    return read.success ? [read.data] : []
  })

const shipped = (code: string): ArrangementFile | undefined => SHIPPED_FILES.find((f) => f.code === code)

function resolved(file: ArrangementFile, others: readonly ArrangementFile[]): Arrangement {
  const find = (code: string) =>
    code === file.code ? file : (shipped(code) ?? others.find((f) => f.code === code))
  const result = resolveArrangement(file, find)
  if (result.ok) return result.value
  throw new ServiceError('impossible', arrangementProblemText(result.problem))
}

/** An arrangement by its code, shipped or own. @throws ServiceError `unreadable` with the codes there are */
export async function arrangementFor(code: string): Promise<Arrangement> {
  const ships = ARRANGEMENTS.get(code)
  if (ships) return ships
  const files = await own()
  const file = files.find((f) => f.code === code)
  if (file) return resolved(file, files)
  const codes = [...ARRANGEMENTS.keys(), ...files.map((f) => f.code)].join(', ')
  const message = `There is no arrangement “${code}”. There are: ${codes}.`
  throw new ServiceError('unreadable', message, [{ path: ['arrangement'], message }])
}

/** The parts that are known of these numbers. */
async function partsNamed(numbers: readonly string[]): Promise<KnownPart[]> {
  const { context, identifier } = await getCatalogue()
  return numbers.flatMap((text) => knownPart(resolvePart(text, { context, shelf: identifier.shelf })) ?? [])
}

/**
 * All arrangements: those that ship, then the shop's own. One whose base is gone is told with its trouble.
 * @param input the parts they are asked for; what is not known is passed over
 * @throws ServiceError `unreadable`
 */
export async function arrangements(input: unknown = { part: [] }): Promise<ArrangementsResponse> {
  const { part: designation } = parse(ArrangementsQuery, input)
  const files = await own()
  const parts = designation.length === 0 ? [] : await partsNamed(designation)
  const summary = (file: ArrangementFile, isOwn: boolean) => {
    const base = { code: file.code, title: file.title, position: file.position, own: isOwn, file }
    try {
      const { slots } = isOwn ? resolved(file, files) : (ARRANGEMENTS.get(file.code) ?? { slots: [] })
      return {
        ...base,
        places: slots.filter((s) => !s.onRequest).map((s) => s.label),
        suits: parts.length === 0 ? null : parts.every((part) => suitsArrangement({ slots }, part)),
        slots: slots.map(({ id, label }) => ({ id, label })),
        error: '',
      }
    } catch (error) {
      return {
        ...base,
        places: [],
        suits: null,
        slots: [],
        error: error instanceof Error ? error.message : '',
      }
    }
  }
  return {
    arrangements: [...SHIPPED_FILES.map((f) => summary(f, false)), ...files.map((f) => summary(f, true))],
  }
}

/** Whether an arrangement can stand among the others. @throws ServiceError `impossible` when what it is based on is missing */
export async function checkArrangement(file: ArrangementFile): Promise<void> {
  resolved(file, await own())
}

/**
 * Saves an arrangement of the shop's own.
 * @throws ServiceError `unreadable`; `impossible` (circle, unknown names); `taken` for a shipped code, or a new one that is in
 *   use; `conflict` where somebody else changed the same since `over`
 */
export async function putArrangement(
  { over, ...typed }: z.output<typeof ArrangementChange>,
  by: string,
): Promise<ArrangementFile> {
  if (shipped(typed.code))
    throw new ServiceError(
      'taken',
      `${typed.code} ships with the application. Choose another code, and base it on ${typed.code}.`,
    )
  const all = await own()
  const before = all.find((f) => f.code === typed.code)
  if (over === null && before)
    throw new ServiceError('taken', `There is an arrangement ${typed.code} already. Choose another code.`)
  const file = before ? mergedOver(ArrangementFile, over ?? undefined, typed, before) : typed
  const others = all.filter((f) => f.code !== file.code)
  resolved(file, others)
  for (const other of others) if (other.basedOn === file.code) resolved(other, [file, ...others])
  if (isDeepStrictEqual(before, file)) return file
  await oneChange(async () => {
    await saveArrangement(file.code, file)
    await noteOfShop(by, `Arrangement ${file.code} ${before ? 'changed' : 'made'}`)
  })
  return file
}

/** @throws ServiceError `notFound`; `inUse` while another is based on it */
export async function dropArrangement(code: string, by: string): Promise<{ code: string }> {
  const leaning = (await own()).find((f) => f.basedOn === code)
  if (leaning)
    throw new ServiceError('inUse', `${leaning.code} is based on ${code}. Change or remove that one first.`)
  await oneChange(async () => {
    if (!(await removeArrangement(code)))
      throw new ServiceError('notFound', `There is no own arrangement ${code}.`)
    await noteOfShop(by, `Arrangement ${code} removed`)
  })
  return { code }
}
