import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { PartScreen } from '@/features/part'
import { ServiceError } from '@/services/errors'
import type { PartSheet } from '@/contract/lookUp'
import { partSheet } from '@/services/partSheet'

interface Props {
  params: Promise<{ designation: string }>
}

const named = async ({ params }: Props): Promise<string> => decodeURIComponent((await params).designation)

export async function generateMetadata(props: Props): Promise<Metadata> {
  return { title: await named(props) }
}

async function load(designation: string): Promise<PartSheet> {
  try {
    return await partSheet(designation)
  } catch (error) {
    if (error instanceof ServiceError && (error.code === 'notFound' || error.code === 'unreadable'))
      notFound()
    throw error
  }
}

export default async function Page(props: Props) {
  return <PartScreen data={await load(await named(props))} />
}
