import type { Metadata } from 'next'
import { isFamily } from '@/core/catalogue'
import { CatalogueScreen } from '@/features/catalogue'
import { familyCounts, partsOfFamily } from '@/services/browse'
import * as common from '@/texts/common'

export const metadata: Metadata = { title: common.catalogue }

export default async function Page({
  searchParams,
}: {
  searchParams: Promise<{ family?: string | string[] }>
}) {
  const { family } = await searchParams
  const chosen = typeof family === 'string' && isFamily(family) ? family : 'deep-groove'
  const [families, parts] = await Promise.all([familyCounts(), partsOfFamily(chosen)])
  return <CatalogueScreen families={families} family={chosen} parts={parts} />
}
