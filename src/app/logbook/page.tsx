import type { Metadata } from 'next'
import { headers } from 'next/headers'
import { connection } from 'next/server'
import { LogbookScreen } from '@/features/logbook'
import { accountIn, CALENDAR_PATH, calendarKey } from '@/services/accounts'
import { listRechecks } from '@/services/logbook'

export const metadata: Metadata = { title: 'Logbook' }

export default async function Page() {
  await connection()
  const account = accountIn(await headers())
  const calendar = account
    ? `${CALENDAR_PATH}?key=${encodeURIComponent(await calendarKey(account))}`
    : CALENDAR_PATH
  return <LogbookScreen rechecks={await listRechecks({})} calendar={calendar} />
}
