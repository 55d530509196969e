import 'server-only'
import { isMainThread } from 'node:worker_threads'
import { buildCatalogue } from '@/core/catalogue'
import { readClean, type DesignationContext } from '@/core/designation'
import {
  buildIdentifier,
  FEATURES,
  identify,
  readMeasurements,
  type Experience,
  type Identifier,
  withShop,
} from '@/core/identify'
import { openShelf, packShelf, type PackedShelf, type ShelfColumns } from '@/core/shelf'
import {
  afterChange,
  allLists,
  allParts,
  countOwn,
  isWithinChange,
  knowledgeVersions,
  knownHere,
  loadedFingerprint,
  ownParts,
  timesDecided,
  type KnowledgeVersions,
} from '@/db'
import { inBackground } from './background'
import { readShippedTokens } from './catalogue/dataFolder'
import { isDatabaseAway, ServiceError } from './errors'
import { log } from './log'

/** The catalogue and the shop's own knowledge, ready for questions. */
export interface CatalogueRuntime {
  context: DesignationContext
  identifier: Identifier
}

/** What this process answers from, and the versions of the shop's knowledge it was read at or before. */
interface CachedRuntime {
  runtime: CatalogueRuntime
  at: KnowledgeVersions
}

const store = globalThis as typeof globalThis & {
  amberHeld?: Promise<CachedRuntime>
  /** the reading of newer knowledge that is under way, and the one that follows it */
  amberReading?: Promise<CachedRuntime>
  amberNextReading?: Promise<CachedRuntime>
}

/** More own parts and fitted positions together than this are read in the background thread, and no question waits for them. */
const MUCH = 2000
/** No question waits longer to hear whether what is held is old. */
const MAX_VERSION_WAIT_MS = 300

/** Rounds of a usual question at start-up, so that the first one at the counter is as quick as the hundredth. */
const WARM_UP_ROUNDS = 150

/** Asks usual questions of every kind: indexes made when first asked for stand, and the code is compiled. */
function warmUp(identifier: Identifier): void {
  const read = readMeasurements(FEATURES.map((feature) => ({ feature, readings: ['25'] })))
  if (!read.ok) return
  for (const closures of [undefined, ['seal'], ['open']] as const)
    identify(identifier, { measurements: read.value, stamps: [], observed: { closures } }, 10)
  const sizes = read.value.slice(0, 3)
  for (let i = 0; i < WARM_UP_ROUNDS; i++)
    identify(
      identifier,
      {
        measurements: i % 3 === 2 ? [] : sizes,
        stamps: i % 3 === 0 ? [] : [{ text: i % 2 ? '62?5-2RS' : 'LM119?0' }],
        observed: {},
      },
      10,
    )
  identify(identifier, { measurements: [], stamps: [{ text: 'UC2?6' }], observed: { piece: 'unit' } }, 10)
}

/** What the shop adds to the catalogue. */
export interface ShopKnowledge {
  /** parts of the shop's own lists; null when there are none */
  shelf: PackedShelf | null
  experience: Experience
}

async function loadShelf(): Promise<PackedShelf | null> {
  const [parts, stored] = await Promise.all([ownParts(), allLists()])
  if (parts.length === 0) return null
  const indexOfList = new Map(stored.map(({ id }, index) => [id, index]))
  const lists: ShelfColumns['lists'] = stored.map(({ name, kind }) => ({
    kind: kind === 'supplier' ? 'supplier' : 'own',
    text: name,
    verified: true,
  }))
  return packShelf({
    designations: parts.map((p) => p.designation),
    sizes: {
      bore: Float64Array.from(parts, (p) => p.bore ?? NaN),
      outside: Float64Array.from(parts, (p) => p.outside ?? NaN),
      width: Float64Array.from(parts, (p) => p.width ?? NaN),
    },
    listOf: Uint16Array.from(parts, (p) => indexOfList.get(p.listId) ?? 0),
    lists,
  })
}

/** Bases in own lists or fitted somewhere: the machine register holds numbers as they were written. */
async function loadKnown(context: DesignationContext): Promise<ReadonlySet<string>> {
  const { bases, fitted } = await knownHere()
  const read = fitted
    .flatMap((text) => text.split(/[,;+]/))
    .flatMap((text) => readClean(text.trim().split(/\s/)[0] ?? '', context)?.part ?? [])
  const pieces = new Set([...bases, ...read.map((part) => part.base)])
  const sets = read.flatMap((part) => context.catalogue.setsOf.get(part.base) ?? [])
  return new Set([...pieces, ...sets.map((set) => set.base)])
}

/** What turned up in this shop until now. */
export async function readExperience(context: DesignationContext): Promise<Experience> {
  const [known, decided] = await Promise.all([loadKnown(context), timesDecided()])
  return { known, decided: new Map(decided.map(({ base, times }) => [base, Number(times)])) }
}

/** Reads what the shop adds; seconds of work when it has a million parts. */
async function readShop(context: DesignationContext): Promise<ShopKnowledge> {
  const [shelf, experience] = await Promise.all([loadShelf(), readExperience(context)])
  return { shelf, experience }
}

const opened = ({ shelf, experience }: ShopKnowledge) => ({ shelf: shelf && openShelf(shelf), experience })

async function load(): Promise<CachedRuntime> {
  if ((await loadedFingerprint()) === null)
    throw new ServiceError('unavailable', 'The catalogue is not loaded yet. Start the server again.')
  const at = await knowledgeVersions()
  const { parts, unreadable } = await allParts()
  if (unreadable.length > 0)
    log.error(
      { rows: unreadable.slice(0, 20) },
      `${unreadable.length} rows of the catalogue cannot be read and are left out`,
    )
  const context = { catalogue: buildCatalogue(parts), tokens: readShippedTokens() }
  const identifier = buildIdentifier(context, opened(await readShop(context)))
  // A script asks once and ends.
  if (process.env.NEXT_RUNTIME) warmUp(identifier)
  return { runtime: { context, identifier }, at }
}

/** What is held, read from the database once a process; a failed read is tried again. */
async function cachedRuntime(): Promise<CachedRuntime> {
  store.amberHeld ??= load()
  try {
    return await store.amberHeld
  } catch (error) {
    delete store.amberHeld
    if (error instanceof ServiceError) throw error
    // Only a lost database is called one; anything else is told as what it is, with its cause in the log.
    if (!isDatabaseAway(error)) throw error
    log.warn({ err: error }, 'catalogue not read: the database is away')
    throw new ServiceError(
      'unavailable',
      'The database is away. What you typed is kept; try again in a moment.',
    )
  }
}

/** While nobody can say, nothing waits. */
const isMuch = (): Promise<boolean> =>
  countOwn().then(
    (count) => count > MUCH,
    () => true,
  )

/** Reads anew what changed since, and answers from it from now on. */
async function readNewer(): Promise<CachedRuntime> {
  const before = await cachedRuntime()
  const at = await knowledgeVersions()
  if (at.parts === before.at.parts && at.experience === before.at.experience) return before
  const { context } = before.runtime
  const shop =
    at.parts === before.at.parts
      ? { experience: await readExperience(context) }
      : opened(isMainThread && (await isMuch()) ? await inBackground('rereadShop') : await readShop(context))
  return hold({ context, identifier: withShop(before.runtime.identifier, shop) }, at)
}

function hold(now: CatalogueRuntime, at: KnowledgeVersions): CachedRuntime {
  const newer = { runtime: now, at }
  store.amberHeld = Promise.resolve(newer)
  return newer
}

/** One reading at a time: who asks while one is under way, which may have begun too early, waits for the next with all others. */
function newer(): Promise<CachedRuntime> {
  if (!store.amberReading) {
    store.amberReading = readNewer().finally(() => delete store.amberReading)
    return store.amberReading
  }
  store.amberNextReading ??= store.amberReading
    .catch(() => undefined)
    .then(() => {
      delete store.amberNextReading
      return newer()
    })
  return store.amberNextReading
}

/** The versions in the database; null when they cannot be had at once: what is held answers then. */
async function versionsNow(): Promise<KnowledgeVersions | null> {
  let timer: NodeJS.Timeout | undefined
  try {
    return await Promise.race([
      knowledgeVersions(),
      new Promise<null>((resolve) => (timer = setTimeout(resolve, MAX_VERSION_WAIT_MS, null))),
    ])
  } catch {
    return null
  } finally {
    clearTimeout(timer)
  }
}

/**
 * The catalogue with its indexes and what the shop adds, as far as any process has stored it. Only of a shop with very many own
 * parts, and of what turns up here, the old answers until the new stands.
 */
export async function getCatalogue(): Promise<CatalogueRuntime> {
  const now = await cachedRuntime()
  const stored = isWithinChange() ? null : await versionsNow()
  if (!stored || (stored.parts === now.at.parts && stored.experience === now.at.experience))
    return now.runtime
  const fresh = newerOr(now)
  const waits = stored.parts !== now.at.parts && !(isMainThread && (await isMuch()))
  return waits ? (await fresh).runtime : now.runtime
}

const newerOr = (now: CachedRuntime): Promise<CachedRuntime> =>
  newer().catch((error: unknown) => {
    log.warn({ err: error }, "the shop's parts not read anew")
    return now
  })

/** Takes in what this process has changed, once it is stored; answers when it stands. */
export const catchUp = (): Promise<void> =>
  afterChange(async () => void (await newerOr(await cachedRuntime())))

/** What the shop adds, read here and kept here too. */
export async function rereadShop(): Promise<ShopKnowledge> {
  const { runtime: before } = await cachedRuntime()
  const at = await knowledgeVersions()
  const shop = await readShop(before.context)
  hold({ ...before, identifier: withShop(before.identifier, opened(shop)) }, at)
  return shop
}

/** From now on questions are answered with this experience. */
export async function learn(experience: Experience): Promise<void> {
  const { runtime: before, at } = await cachedRuntime()
  hold({ ...before, identifier: withShop(before.identifier, { experience }) }, at)
}
