import 'server-only'
import { ping } from '@/db'
import { version } from '../../package.json'
import { ServiceError } from './errors'
import { getCatalogue } from './catalogueRuntime'

/** @throws ServiceError `unavailable` while the database is away */
export async function health() {
  try {
    await ping()
  } catch {
    throw new ServiceError('unavailable', 'The database is away.')
  }
  const { context } = await getCatalogue()
  return {
    status: 'ok' as const,
    version,
    database: 'ok' as const,
    catalogue: { parts: context.catalogue.parts.length, families: context.catalogue.families },
  }
}
