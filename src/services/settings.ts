import 'server-only'
import { saveFact, storedFact, writeAudit } from '@/db'
import { parse } from './parse'
import { Settings } from '@/contract/supply'
import { Toolbox } from '@/contract/plan'

/** The settings of the shop; defaults where nothing was saved. */
export async function settings(): Promise<Settings> {
  const read = Settings.safeParse((await storedFact('settings')) ?? {})
  return read.success ? read.data : Settings.parse({})
}

/** The shop's time zone for screens; that of this machine while the database is away. */
export const shopZone = async (): Promise<string> => {
  try {
    return (await settings()).timeZone
  } catch {
    return Settings.parse({}).timeZone
  }
}

/** @throws ServiceError `unreadable` */
export async function changeSettings(input: unknown, by: string): Promise<Settings> {
  const value = parse(Settings, input)
  await saveFact('settings', value)
  await writeAudit({ accountId: null, who: by, what: 'Settings changed' })
  return value
}

/** The shop's own tools. */
export async function toolbox(): Promise<Toolbox> {
  const read = Toolbox.safeParse((await storedFact('toolbox')) ?? {})
  return read.success ? read.data : Toolbox.parse({})
}

/** @throws ServiceError `unreadable` */
export async function changeToolbox(input: unknown): Promise<Toolbox> {
  const value = parse(Toolbox, input)
  await saveFact('toolbox', value)
  return value
}
