import 'server-only'
import { buildCatalogue } from '@/core/catalogue'
import { readClean, type Language } from '@/core/designation'
import {
  buildIdentifier,
  FEATURES,
  identify,
  readMeasurements,
  type Experience,
  type Identifier,
} from '@/core/identify'
import { openShelf, packShelf, type PackedShelf, type ShelfColumns } from '@/core/shelf'
import { allLists, allParts, knownHere, loadedFingerprint, ownParts, timesDecided } from '@/db'
import { readShippedTokens } from './catalogue/dataFolder'
import { isDatabaseAway, ServiceError } from './errors'
import { log } from './log'

/** The catalogue and the shop's own knowledge, ready for questions. */
export interface Ready {
  language: Language
  identifier: Identifier
}

const store = globalThis as typeof globalThis & { amberReady?: Promise<Ready> }

/** Rounds of a usual question at start-up, so that the first one at the counter is as quick as the hundredth. */
const WARM_UP_ROUNDS = 150

/** Asks usual questions of every kind: indexes made when first asked for stand, and the code is compiled. */
function warmUp(identifier: Identifier): void {
  const read = readMeasurements(FEATURES.map((feature) => ({ feature, readings: ['25'] })))
  if (!read.ok) return
  for (const closures of [undefined, ['seal'], ['open']] as const)
    identify(identifier, { measurements: read.value, stamps: [], looks: { closures } }, 10)
  const sizes = read.value.slice(0, 3)
  for (let i = 0; i < WARM_UP_ROUNDS; i++)
    identify(
      identifier,
      {
        measurements: i % 3 === 2 ? [] : sizes,
        stamps: i % 3 === 0 ? [] : [{ text: i % 2 ? '62?5-2RS' : 'LM119?0' }],
        looks: {},
      },
      10,
    )
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
  const places = new Map(stored.map(({ id }, place) => [id, place]))
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
    listOf: Uint16Array.from(parts, (p) => places.get(p.listId) ?? 0),
    lists,
  })
}

/** Bases in own lists or fitted somewhere: the machine register holds numbers as they were written. */
async function loadKnown(language: Language): Promise<ReadonlySet<string>> {
  const { bases, fitted } = await knownHere()
  const read = fitted
    .flatMap((text) => text.split(/[,;+]/))
    .flatMap((text) => readClean(text.trim().split(/\s/)[0] ?? '', language)?.part ?? [])
  const pieces = new Set([...bases, ...read.map((part) => part.base)])
  const sets = read.flatMap((part) => language.catalogue.setsOf.get(part.base) ?? [])
  return new Set([...pieces, ...sets.map((set) => set.base)])
}

/** What turned up in this shop until now. */
export async function readExperience(language: Language): Promise<Experience> {
  const [known, decided] = await Promise.all([loadKnown(language), timesDecided()])
  return { known, decided: new Map(decided.map(({ base, times }) => [base, Number(times)])) }
}

/** Reads what the shop adds; seconds of work when it has a million parts. */
export async function readShop(language: Language): Promise<ShopKnowledge> {
  const [shelf, experience] = await Promise.all([loadShelf(), readExperience(language)])
  return { shelf, experience }
}

export const identifierWith = (language: Language, { shelf, experience }: ShopKnowledge): Identifier =>
  buildIdentifier(language, { shelf: shelf && openShelf(shelf), experience })

async function load(): Promise<Ready> {
  if ((await loadedFingerprint()) === null)
    throw new ServiceError('unavailable', 'The catalogue is not loaded yet. Start the server again.')
  const { parts, unreadable } = await allParts()
  if (unreadable.length > 0)
    log.error(
      { rows: unreadable.slice(0, 20) },
      `${unreadable.length} rows of the catalogue cannot be read and are left out`,
    )
  const language = { catalogue: buildCatalogue(parts), tokens: readShippedTokens() }
  const identifier = identifierWith(language, await readShop(language))
  // A script asks once and ends.
  if (process.env.NEXT_RUNTIME) warmUp(identifier)
  return { language, identifier }
}

/** The catalogue with its indexes, read from the database once a process; a failed read is tried again. */
export async function ready(): Promise<Ready> {
  store.amberReady ??= load()
  try {
    return await store.amberReady
  } catch (error) {
    delete store.amberReady
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

/** From now on questions are answered with this. */
export function answerWith(now: Ready): void {
  store.amberReady = Promise.resolve(now)
}
