import 'server-only'
import { countParts } from '@/db'
import { version } from '../../package.json'
import { ServiceError } from './errors'
import { ready } from './language'

/** @throws ServiceError `unavailable` while the database is away */
export async function health() {
  try {
    await countParts()
  } catch {
    throw new ServiceError('unavailable', 'The database is away.')
  }
  const { language } = await ready()
  return {
    status: 'ok' as const,
    version,
    database: 'ok' as const,
    catalogue: { parts: language.catalogue.parts.length, families: language.catalogue.families },
  }
}
