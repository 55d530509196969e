import type { Metadata } from 'next'
import { headers } from 'next/headers'
import { connection } from 'next/server'
import { LogbookScreen, USUAL_MONTHS, viewQuery } from '@/features/logbook'
import { accountIn, CALENDAR_PATH, calendarKey } from '@/services/accounts'
import {
  closures,
  cost,
  failures,
  identification,
  listRechecks,
  seatTrends,
  service,
} from '@/services/logbook'
import * as common from '@/texts/common'
import { asked, WithInitial } from '../_initial/WithInitial'

export const metadata: Metadata = { title: common.logbook }

interface Props {
  searchParams: Promise<Record<string, string | string[] | undefined>>
}

/** What the view an address names asks for first; the rechecks are there anyway. */
async function questionsOf(searchParams: Props['searchParams']) {
  const { tab, months, machine } = await searchParams
  const text = (value: unknown): string => (typeof value === 'string' ? value : '')
  const query = new URLSearchParams(viewQuery(text(months) || USUAL_MONTHS, text(machine)))
  const sent = Object.fromEntries(query)
  switch (tab) {
    case 'failures':
      return [asked('GET /api/logbook/failures', { query }, () => failures(sent))]
    case 'service':
      return [
        asked('GET /api/logbook/service', { query }, () => service(sent)),
        asked('GET /api/logbook/closures', { query }, () => closures(sent)),
      ]
    case 'cost':
      return [asked('GET /api/logbook/cost', { query }, () => cost(sent))]
    case 'seats':
      return [asked('GET /api/logbook/seats', { query }, () => seatTrends(sent))]
    case 'identification':
      return [asked('GET /api/logbook/identification', { query }, () => identification(sent))]
    default:
      return []
  }
}

export default async function Page({ searchParams }: Props) {
  await connection()
  const account = accountIn(await headers())
  const calendar = account
    ? `${CALENDAR_PATH}?key=${encodeURIComponent(await calendarKey(account))}`
    : CALENDAR_PATH
  return (
    <WithInitial questions={() => questionsOf(searchParams)}>
      <LogbookScreen rechecks={await listRechecks({})} calendar={calendar} />
    </WithInitial>
  )
}
