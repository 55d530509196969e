import type { Metadata } from 'next'
import { QuickLookUp } from '@/features/identify'
import { EvidenceSheet } from '@/contract/evidence'
import * as texts from '@/texts/pages'

export const metadata: Metadata = { title: texts.quickLookUp }

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
