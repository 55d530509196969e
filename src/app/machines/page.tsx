import type { Metadata } from 'next'
import { MachineList } from '@/features/machines'
import { machines } from '@/services/jobs'

export const metadata: Metadata = { title: 'Machines' }

export default async function Page() {
  return <MachineList machines={await machines()} />
}
