import 'server-only'
import { saveSettings, storedSettings } from '@/db'
import { parse } from './schemas/parse'
import { Settings } from './schemas/supply'

/** The settings of the shop; defaults where nothing was saved. */
export async function settings(): Promise<Settings> {
  const read = Settings.safeParse((await storedSettings()) ?? {})
  return read.success ? read.data : Settings.parse({})
}

/** @throws ServiceError `unreadable` */
export async function changeSettings(input: unknown): Promise<Settings> {
  const value = parse(Settings, input)
  await saveSettings(value)
  return value
}
