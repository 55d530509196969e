import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { connection } from 'next/server'
import { cache } from 'react'
import { MachineScreen } from '@/features/machines'
import { ServiceError } from '@/services/errors'
import { machine } from '@/services/machines'

interface Props {
  params: Promise<{ id: string }>
}

/** Read once for the page and its title. */
const load = cache(async (id: string) => {
  await connection()
  if (!/^\d{1,9}$/.test(id)) notFound()
  return machine(Number(id)).catch((error: unknown) => {
    if (error instanceof ServiceError && error.code === 'notFound') notFound()
    throw error
  })
})

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  return { title: (await load((await params).id)).name }
}

export default async function Page({ params }: Props) {
  return <MachineScreen initial={await load((await params).id)} />
}
