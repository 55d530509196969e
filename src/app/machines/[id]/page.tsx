import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { connection } from 'next/server'
import { MachineScreen } from '@/features/machines'
import { ServiceError } from '@/services/errors'
import { machine } from '@/services/machines'

export const metadata: Metadata = { title: 'Machine' }

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  await connection()
  const { id } = await params
  if (!/^\d{1,9}$/.test(id)) notFound()
  const found = await machine(Number(id)).catch((error: unknown) => {
    if (error instanceof ServiceError && error.code === 'notFound') notFound()
    throw error
  })
  return <MachineScreen initial={found} />
}
