import 'server-only'
import {
  afterChange,
  allLists,
  countRunningLists,
  failUnfinishedLists,
  itemsOf,
  knowledgeChanged,
  listById,
  oneChange,
  removeList,
  stopList,
  type StoredList,
} from '@/db'
import { inBackground } from '../background'
import { writeCsv } from '../csv/writeCsv'
import { ServiceError } from '../errors'
import { catchUp } from '../catalogueRuntime'
import { noteOfShop } from '../history'
import { log } from '../log'
import {
  ImportQuery,
  LIST_KINDS,
  PreviewQuery,
  type ListDetail,
  type ListDropped,
  type ListSummary,
  type PreviewResponse,
} from '@/contract/list'
import { parse } from '../parse'

/** Largest list file. */
export const MAX_LIST_BYTES = 40 * 1024 * 1024
const ITEMS_SHOWN = 200
/** Imports at work at a time: they share two processors with the counter. */
const MAX_RUNNING = 2

/** @throws ServiceError as `previewTable` */
export const previewList = (bytes: Uint8Array, query: unknown): Promise<PreviewResponse> =>
  inBackground('previewList', bytes, parse(PreviewQuery, query))

const kindOf = (kind: string): ListSummary['kind'] => LIST_KINDS.find((k) => k === kind) ?? 'own'

function summary(list: StoredList): ListSummary {
  const { id, name, state, createdAt, read, all, listed, own, duplicates, problems } = list
  return {
    id,
    name,
    kind: kindOf(list.kind),
    state,
    createdAt: createdAt.toISOString(),
    ...{ read, all, listed, own, duplicates, problems },
  }
}

/**
 * Begins to read a file into a list. The answer comes at once; the list tells how far it is.
 * @throws ServiceError `unreadable`, `tooLarge`, `unavailable` when two imports are at work
 */
export async function startImport(bytes: Uint8Array, query: unknown, by: string): Promise<ListSummary> {
  const importQuery = parse(ImportQuery, query)
  // What a process that died left unfinished is not at work.
  await failUnfinishedLists()
  if ((await countRunningLists()) >= MAX_RUNNING)
    throw new ServiceError('unavailable', 'Two lists are being read. Wait for one of them, or stop it.')
  const list = await inBackground('beginImport', bytes, importQuery)
  await noteOfShop(by, `List “${list.name}” read in`)
  void afterChange(() => void searchWhenRead(list.id))
  return summary(list)
}

/** Takes the parts of a list into the search when it is read to its end. */
async function searchWhenRead(id: number): Promise<void> {
  try {
    if (await inBackground('importEnded', id)) await catchUp()
  } catch (error) {
    log.error({ list: id, err: error }, 'list not yet searched')
  }
}

export async function lists(): Promise<{ lists: ListSummary[] }> {
  await failUnfinishedLists()
  return { lists: (await allLists()).map(summary) }
}

async function stored(id: number): Promise<StoredList> {
  const list = await listById(id)
  if (!list) throw new ServiceError('notFound', `There is no list ${id}.`)
  return list
}

/** @throws ServiceError `notFound` */
export async function listDetail(id: number): Promise<ListDetail> {
  const list = await stored(id)
  // What a stopped import was still writing belongs to nothing.
  const items = list.state === 'cancelled' || list.state === 'failed' ? [] : await itemsOf(id, ITEMS_SHOWN)
  return { ...summary(list), remarks: list.remarks, items }
}

/** Stops an import that is at work, or takes a list away. @throws ServiceError `notFound` */
export async function dropList(id: number, by: string): Promise<ListDropped> {
  const list = await stored(id)
  const isStopped = await oneChange(async () => {
    const stopped = await stopList(id)
    if (stopped) await noteOfShop(by, `Import of list “${list.name}” stopped`)
    return stopped
  })
  if (isStopped) return { id, state: 'cancelled' }
  await oneChange(async () => {
    if (!(await removeList(list.id))) return
    await knowledgeChanged('parts')
    await noteOfShop(by, `List “${list.name}” removed`)
  })
  await catchUp()
  return { id, state: 'removed' }
}

/** Rows that were not kept, with the reason, as CSV. @throws ServiceError `notFound` */
export async function remarksCsv(id: number): Promise<string> {
  const { remarks } = await stored(id)
  return writeCsv(
    ['row', 'number', 'remark'],
    remarks.map(({ row, text, message }) => ({ row, number: text, remark: message })),
  )
}
