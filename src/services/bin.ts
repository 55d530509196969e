import 'server-only'
import { ArrangementFile } from '@/core/kit'
import { BinRestore, type BinItem, type BinResponse } from '@/contract/bin'
import * as db from '@/db'
import { checkArrangement } from './arrangements'
import { KEPT_DAYS } from './emptyBin'
import { ServiceError } from './errors'
import { noteOfShop } from './history'
import { parse } from './parse'
import { catchUp } from './catalogueRuntime'

export const bin = async (): Promise<BinResponse> => ({
  items: (await db.binned()).map((item) => ({ ...item, deletedAt: item.deletedAt.toISOString() })),
  keptDays: KEPT_DAYS,
})

/** What has to be there before something is put back. @throws ServiceError `inUse` with what to do first */
async function checkRestore({ kind, id }: Pick<BinItem, 'kind' | 'id'>): Promise<void> {
  if (kind === 'photo') {
    const job = await db.jobOfBinnedPhoto(Number(id))
    if (job !== null && !(await db.findJob(job)))
      throw new ServiceError('inUse', `The photograph belongs to job ${job}. Put that job back first.`)
  }
  if (kind === 'arrangement') {
    const content = ArrangementFile.safeParse(await db.binnedArrangement(id))
    if (content.success) await checkArrangement(content.data)
  }
}

/** Puts back what was removed. @throws ServiceError `unreadable`, `notFound`, `inUse` while something it needs is missing */
export async function restoreFromBin(input: unknown, by: string): Promise<BinResponse> {
  const item = parse(BinRestore, input)
  if ((item.kind === 'job' || item.kind === 'photo' || item.kind === 'list') && !/^\d{1,9}$/.test(item.id))
    throw new ServiceError('unreadable', 'The number of what is put back is not one.')
  await checkRestore(item)
  const { label } = (await db.binned()).find(({ kind, id }) => kind === item.kind && id === item.id) ?? {
    label: item.id,
  }
  const done = await db.oneChange(async (transaction) => {
    const back = await db.fromBin(item.kind, item.id)
    if (back && item.kind === 'job')
      await db.writeEvents(
        Number(item.id),
        [{ kind: 'bin', summary: 'Job put back from the bin', content: {} }],
        transaction,
      )
    // A job tells it in its own history.
    else if (back) await noteOfShop(by, `Put back from the bin: ${label}`)
    if (back && item.kind === 'list') await db.knowledgeChanged('parts')
    return back
  })
  if (!done) throw new ServiceError('notFound', 'This is not in the bin any more. Load the page again.')
  if (item.kind === 'list') await catchUp()
  return bin()
}
