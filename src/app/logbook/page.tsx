import type { Metadata } from 'next'
import { connection } from 'next/server'
import { LogbookScreen } from '@/features/logbook'
import { listRechecks } from '@/services/logbook'
import { listMachines } from '@/services/machines'

export const metadata: Metadata = { title: 'Logbook' }

/** Machines offered as a filter. */
const MACHINES = 200

export default async function Page() {
  await connection()
  const [rechecks, machines] = await Promise.all([listRechecks({}), listMachines({ limit: MACHINES })])
  return <LogbookScreen rechecks={rechecks} machines={machines.items.map(({ id, name }) => ({ id, name }))} />
}
