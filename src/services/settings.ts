import 'server-only'
import { isDeepStrictEqual } from 'node:util'
import { changesOf } from '@/core/history'
import { oneChange, saveFact, storedFact, writeAudit } from '@/db'
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

const SETTING_WORDS = {
  shop: 'name of the shop',
  currency: 'currency',
  timeZone: 'time zone',
  validDays: 'days a quote holds',
  marginPercent: 'margin, per cent',
} as const

/** @throws ServiceError `unreadable` */
export async function changeSettings(input: unknown, by: string): Promise<Settings> {
  const value = parse(Settings, input)
  await oneChange(async () => {
    const before = await settings()
    if (isDeepStrictEqual(before, value)) return
    const changes = changesOf(before, value, SETTING_WORDS)
    await saveFact('settings', value)
    // Longer ones, such as taxes, are not told figure by figure.
    const told = changes.length > 0 ? changes : ['other settings']
    await writeAudit(
      ...told.map((change) => ({ accountId: null, who: by, what: `Settings changed, ${change}` })),
    )
  })
  return value
}

/** The shop's own tools. */
export async function toolbox(): Promise<Toolbox> {
  const read = Toolbox.safeParse((await storedFact('toolbox')) ?? {})
  return read.success ? read.data : Toolbox.parse({})
}

/** @throws ServiceError `unreadable` */
export async function changeToolbox(input: unknown, by: string): Promise<Toolbox> {
  const value = parse(Toolbox, input)
  await oneChange(async () => {
    if (isDeepStrictEqual(await toolbox(), value)) return
    await saveFact('toolbox', value)
    await writeAudit({ accountId: null, who: by, what: 'Toolbox changed' })
  })
  return value
}
