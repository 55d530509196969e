import 'server-only'
import { isListed, numberKey } from '@/core/catalogue'
import { readClean } from '@/core/designation'
import { findOnShelf } from '@/core/shelf'
import * as db from '@/db'
import type { z } from 'zod'
import { ServiceError } from './errors'
import { noteOfShop } from './history'
import { getCatalogue } from './catalogueRuntime'
import type { PartName } from '@/contract/partName'
import { type PartNames } from '@/contract/partName'

/** Texts with the shop's own names for parts replaced by the parts they stand for; others stay as they are. */
export async function resolveNames(texts: readonly string[]): Promise<string[]> {
  const keys = texts.map(numberKey)
  const named = await db.partsNamed(keys.filter((key) => key.length > 1))
  return texts.map((text, i) => named.get(keys[i] ?? '') ?? text)
}

/** Names taught. */
export async function listNames(): Promise<z.output<typeof PartNames>> {
  const names = await db.partNames()
  return { names: names.map(({ name, designation }) => ({ name, designation })) }
}

/**
 * Teaches an own name for a part: from now on it stands for the part in a kit and in a look-up.
 * @throws ServiceError `unreadable`; `taken` when the name is the number of a listed part or of one in the own lists
 */
export async function teachName(
  { name, designation }: z.output<typeof PartName>,
  by: string,
): Promise<z.output<typeof PartName>> {
  const { context, identifier } = await getCatalogue()
  const listed = readClean(name, context)
  if (identifier.shelf && findOnShelf(identifier.shelf, name))
    throw new ServiceError(
      'taken',
      `“${name}” is the number of a part in your own lists. Take another name, or take that part out of its list.`,
    )
  if (listed && isListed(listed.part))
    throw new ServiceError('taken', `“${name}” is the number of a listed part and always means that one.`)
  const key = numberKey(name)
  if (key.length < 2)
    throw new ServiceError('unreadable', 'A name needs at least two letters or figures.', [
      { path: ['name'], message: 'At least two letters or figures.' },
    ])
  await db.oneChange(async () => {
    const [[, before] = []] = await db.partsNamed([key])
    await db.savePartName(name, key, designation)
    if (before !== designation) await noteOfShop(by, `Own name “${name}” now means ${designation}`)
  })
  return { name, designation }
}

/** @throws ServiceError `notFound` */
export async function forgetName(name: string, by: string): Promise<{ name: string }> {
  await db.oneChange(async () => {
    if (!(await db.removePartName(numberKey(name))))
      throw new ServiceError('notFound', `No part is called “${name.slice(0, 80)}” here.`)
    await noteOfShop(by, `Own name “${name}” forgotten`)
  })
  return { name }
}
