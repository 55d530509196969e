import 'server-only'
import { buildCatalogue } from '@/core/catalogue'
import type { Language } from '@/core/designation'
import { buildIdentifier, identify, readMeasurements, type Identifier } from '@/core/identify'
import { allParts, loadedFingerprint } from '@/db'
import { readShippedTokens } from './catalogue/dataFolder'
import { ServiceError } from './errors'

interface Ready {
  language: Language
  identifier: Identifier
}

const store = globalThis as typeof globalThis & { amberReady?: Promise<Ready> }

/** Rounds of a usual question at start-up, so that the first one at the counter is as quick as the hundredth. */
const WARM_UP_ROUNDS = 30

function warmUp(identifier: Identifier): void {
  const read = readMeasurements([
    { feature: 'bore', readings: ['25'] },
    { feature: 'outside', readings: ['52'] },
    { feature: 'width', readings: ['15'] },
  ])
  if (!read.ok) return
  const question = { measurements: read.value, stamps: [{ text: '62?5-2RS' }], looks: {} }
  for (let i = 0; i < WARM_UP_ROUNDS; i++) identify(identifier, question, 10)
}

async function load(): Promise<Ready> {
  if ((await loadedFingerprint()) === null)
    throw new ServiceError('unavailable', 'The catalogue is not loaded yet. Use ./start, which loads it.')
  const language = { catalogue: buildCatalogue(await allParts()), tokens: readShippedTokens() }
  const identifier = buildIdentifier(language)
  warmUp(identifier)
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
    throw new ServiceError(
      'unavailable',
      'The database is away. What you typed is kept; try again in a moment.',
    )
  }
}
