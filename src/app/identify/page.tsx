import type { Metadata } from 'next'
import { QuickLookUp } from '@/features/identify'
import { EvidenceSheet } from '@/contract/evidence'

export const metadata: Metadata = { title: 'Quick look-up' }

/** A link that cannot be read opens an empty sheet. */
function sheetFrom(text: string | string[] | undefined): EvidenceSheet {
  try {
    return EvidenceSheet.parse(typeof text === 'string' ? JSON.parse(text) : {})
  } catch {
    return EvidenceSheet.parse({})
  }
}

export default async function Page({
  searchParams,
}: {
  searchParams: Promise<Record<string, string | string[] | undefined>>
}) {
  const { e } = await searchParams
  return <QuickLookUp initial={sheetFrom(e)} />
}
