import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { PartScreen } from '@/features/part'
import { ServiceError } from '@/services/errors'
import { partSheet } from '@/services/partSheet'

interface Props {
  params: Promise<{ designation: string }>
}

const named = async ({ params }: Props): Promise<string> => decodeURIComponent((await params).designation)

export async function generateMetadata(props: Props): Promise<Metadata> {
  return { title: await named(props) }
}

export default async function Page(props: Props) {
  const designation = await named(props)
  try {
    return <PartScreen data={await partSheet(designation)} />
  } catch (error) {
    if (error instanceof ServiceError && (error.code === 'notFound' || error.code === 'unreadable'))
      notFound()
    throw error
  }
}
