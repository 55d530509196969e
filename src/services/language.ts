import 'server-only'
import { buildCatalogue } from '@/core/catalogue'
import type { Language } from '@/core/designation'
import { buildIdentifier, type Identifier } from '@/core/identify'
import { allParts, loadedFingerprint } from '@/db'
import { readShippedTokens } from './catalogue/dataFolder'
import { ServiceError } from './errors'

interface Ready {
  language: Language
  identifier: Identifier
}

const store = globalThis as typeof globalThis & { amberReady?: Promise<Ready> }

async function load(): Promise<Ready> {
  if ((await loadedFingerprint()) === null)
    throw new ServiceError('unavailable', 'The catalogue is not loaded yet. Use ./start, which loads it.')
  const language = { catalogue: buildCatalogue(await allParts()), tokens: readShippedTokens() }
  return { language, identifier: buildIdentifier(language) }
}

/** The catalogue with its indexes, read from the database once a process; a failed read is tried again. */
export async function ready(): Promise<Ready> {
  store.amberReady ??= load()
  try {
    return await store.amberReady
  } catch (error) {
    delete store.amberReady
    if (error instanceof ServiceError) throw error
    throw new ServiceError(
      'unavailable',
      'The database is away. What you typed is kept; try again in a moment.',
    )
  }
}
