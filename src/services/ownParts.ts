import 'server-only'
import type { z } from 'zod'
import { isListed } from '@/core/catalogue'
import { readClean } from '@/core/designation'
import { findOnShelf } from '@/core/shelf'
import { writeMm } from '@/core/quantity'
import { keepOwnPart as store, knowledgeChanged, oneChange } from '@/db'
import { ServiceError } from './errors'
import { noteOfShop } from './history'
import { catchUp, getCatalogue } from './catalogueRuntime'
import { resolveNames } from './partNames'
import type { OwnPartRequest } from '@/contract/ownPart'
import { type OwnPartResponse } from '@/contract/ownPart'

/** The own list that parts kept from an identification go into. */
const LIST = 'Kept at the bench'

/**
 * Keeps a part that no list holds as one of the shop's own: from now on it is found by its number and its sizes.
 * @throws ServiceError `impossible` without a size or with a bore larger than the outside; `taken` when the
 *   number is that of a listed part
 */
export async function keepOwnPart(
  input: z.output<typeof OwnPartRequest>,
  by: string,
): Promise<OwnPartResponse> {
  const { designation, bore = null, outside = null, width = null } = input
  if (bore === null && outside === null)
    throw new ServiceError(
      'impossible',
      'Give at least the bore or the outside: the part is found by its sizes later.',
    )
  if (bore !== null && outside !== null && bore >= outside)
    throw new ServiceError('impossible', 'The bore is not smaller than the outside. Check both sizes.')
  const { context, identifier } = await getCatalogue()
  const listed = readClean(designation, context)
  if (listed && isListed(listed.part))
    throw new ServiceError(
      'taken',
      `“${designation}” is the number of a listed part. Give the own part a name of its own, such as the machine and its place.`,
    )
  const [named] = await resolveNames([designation])
  if (named !== undefined && named !== designation)
    throw new ServiceError(
      'taken',
      `“${designation}” is your own name for ${named}. Give this part another name, or forget that one.`,
    )
  const existing = identifier.shelf && findOnShelf(identifier.shelf, designation)
  const sizes = Object.entries({ bore, outside, width }).flatMap(([name, mm]) =>
    mm === null ? [] : [`${name} ${writeMm(mm)} mm`],
  )
  const added = existing
    ? false
    : await oneChange(async () => {
        const stored = await store(LIST, { designation, bore, outside, width })
        if (!stored) return false
        await knowledgeChanged('parts')
        await noteOfShop(by, `Own part ${designation} kept: ${sizes.join(', ')}`)
        return true
      })
  if (added) await catchUp()
  return { designation, list: LIST, added }
}
