import type { Metadata } from 'next'
import { FitsScreen } from '@/features/fits'

export const metadata: Metadata = { title: 'Fits and adjustment' }

export default async function Page({
  searchParams,
}: {
  searchParams: Promise<{ designation?: string | string[] }>
}) {
  const { designation } = await searchParams
  return <FitsScreen designation={typeof designation === 'string' ? designation.slice(0, 80) : ''} />
}
