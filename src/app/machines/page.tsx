import type { Metadata } from 'next'
import { connection } from 'next/server'
import { MachineList } from '@/features/machines'
import { listMachines } from '@/services/machines'

export const metadata: Metadata = { title: 'Machines' }

export default async function Page() {
  await connection()
  return <MachineList initial={await listMachines({})} />
}
