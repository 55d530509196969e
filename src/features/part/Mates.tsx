'use client'

import * as common from '@/texts/common'
import * as texts from '@/texts/part'
import { writeInchFixed, writeMmFixed } from '@/core/quantity'
import { usePreferences } from '@/features/shell'
import type { PartSheet } from '@/contract/lookUp'
import { partPath } from '@/ui/partPath'
import { Link } from '@/ui/Link'
import type { Column } from '@/ui/table/column'
import { DataTable } from '@/ui/table/DataTable'

type Ring = PartSheet['mates'][number]

const matesColumns = (ring: Ring, write: (mm: number) => string): Column<Ring['mates'][number]>[] => [
  {
    id: 'number',
    head: common.number,
    by: ({ designation }) => designation,
    cell: (mate) => (
      <Link
        href={partPath(mate.set)}
        className="number inline-flex min-h-10 items-center font-medium underline decoration-line underline-offset-4"
      >
        {mate.designation}
      </Link>
    ),
  },
  {
    id: 'diameter',
    head: ring.piece === 'cone' ? common.outside : common.bore,
    figures: true,
    className: 'text-ink2',
    by: ({ outside, bore }) => outside ?? bore,
    cell: ({ outside, bore }) => `⌀${write(outside ?? bore ?? 0)}`,
  },
  {
    id: 'width',
    head: texts.totalWidth,
    figures: true,
    className: 'text-ink2',
    by: ({ totalWidth }) => totalWidth,
    cell: ({ totalWidth }) => (totalWidth === null ? '–' : write(totalWidth)),
  },
]

/** What a cone or a cup runs with, ring by ring. */
export function Mates({ mates }: Pick<PartSheet, 'mates'>) {
  const { unit } = usePreferences()
  const write = unit === 'mm' ? writeMmFixed : writeInchFixed
  return mates.map((ring) => (
    <section key={ring.designation} className="mt-4">
      <h3 className="caption mb-1">
        {texts.thatRunWith(ring.piece === 'cone' ? 'cone' : 'cup')}{' '}
        <span className="number">{ring.designation}</span>
        {texts.series(ring.series)}
      </h3>
      <DataTable
        label={texts.runsWith(ring.designation)}
        rows={ring.mates}
        columns={matesColumns(ring, write)}
        keyOf={({ designation }) => designation}
      />
    </section>
  ))
}
