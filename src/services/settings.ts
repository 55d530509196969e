import 'server-only'
import type { z } from 'zod'
import { isDeepStrictEqual } from 'node:util'
import { changesOf } from '@/core/history'
import { changeSetting, saveSetting, getSetting, writeAudit } from '@/db'
import { mergedOver } from './mergedOver'
import type { SettingsChange } from '@/contract/supply'
import { Settings } from '@/contract/supply'
import type { ToolboxChange } from '@/contract/plan'
import { Toolbox } from '@/contract/plan'

/** Settings as they were saved; defaults where nothing was, or nothing that can be read. */
function savedSettings(stored: unknown): Settings {
  const read = Settings.safeParse(stored ?? {})
  return read.success ? read.data : Settings.parse({})
}

/** The settings of the shop; defaults where nothing was saved. */
export const settings = async (): Promise<Settings> => savedSettings(await getSetting('settings'))

/** The shop's time zone for screens; that of this machine while the database is away. */
export const shopZone = async (): Promise<string> => {
  try {
    return (await settings()).timeZone
  } catch {
    return Settings.parse({}).timeZone
  }
}

const SETTING_LABELS = {
  shop: 'name of the shop',
  currency: 'currency',
  timeZone: 'time zone',
  validDays: 'days a quote holds',
  marginPercent: 'margin, per cent',
} as const

/** @throws ServiceError `unreadable`; `conflict` where somebody else changed the same since `over` */
export async function changeSettings(
  { over, ...mine }: z.output<typeof SettingsChange>,
  by: string,
): Promise<Settings> {
  return changeSetting('settings', async (stored) => {
    const before = savedSettings(stored)
    const value = mergedOver(Settings, over, mine, before)
    if (isDeepStrictEqual(before, value)) return value
    const changes = changesOf(before, value, SETTING_LABELS)
    await saveSetting('settings', value)
    // Longer ones, such as taxes, are not told figure by figure.
    const summary = changes.length > 0 ? changes : ['other settings']
    await writeAudit(
      ...summary.map((what) => ({ accountId: null, who: by, what: `Settings changed, ${what}` })),
    )
    return value
  })
}

function savedTools(stored: unknown): Toolbox {
  const read = Toolbox.safeParse(stored ?? {})
  return read.success ? read.data : Toolbox.parse({})
}

/** The shop's own tools. */
export const toolbox = async (): Promise<Toolbox> => savedTools(await getSetting('toolbox'))

/** @throws ServiceError `unreadable`; `conflict` where somebody else changed it since `over` */
export async function changeToolbox(
  { over, ...mine }: z.output<typeof ToolboxChange>,
  by: string,
): Promise<Toolbox> {
  return changeSetting('toolbox', async (stored) => {
    const before = savedTools(stored)
    const value = mergedOver(Toolbox, over, mine, before)
    if (isDeepStrictEqual(before, value)) return value
    await saveSetting('toolbox', value)
    await writeAudit({ accountId: null, who: by, what: 'Toolbox changed' })
    return value
  })
}
