'use client'

import type { Route } from 'next'
import { Link } from '@/ui/Link'
import { useMemo, useRef, useState } from 'react'
import { writeInch, writeMm } from '@/core/quantity'
import { Frame, usePreferences } from '@/features/shell'
import type { FamilyHeld, ListedPart } from '@/contract/catalogue'
import { ChipChoice } from '@/ui/ChipChoice'
import type { Column } from '@/ui/table/column'
import { DataTable } from '@/ui/table/DataTable'
import { useRoving } from '@/ui/useRoving'
import { SizeMap } from './SizeMap'

interface Props {
  families: readonly FamilyHeld[]
  family: string
  parts: readonly ListedPart[]
}

/** More series than this are no choice but noise: inch tapered parts have one for every few numbers. */
const MOST_CHIPS = 24

const linksIn = (frame: HTMLElement): HTMLElement[] => [...frame.querySelectorAll<HTMLElement>('a')]

const NUMBER: Column<ListedPart> = {
  id: 'number',
  head: 'Number',
  by: ({ base }) => base,
  cell: ({ base, verified }) => (
    <>
      <Link
        href={`/parts/${encodeURIComponent(base)}` as Route}
        className="number inline-flex min-h-9 items-center font-medium"
      >
        {base}
      </Link>
      {!verified && <span className="tag ml-2">unverified</span>}
    </>
  ),
}

const sizesIn = (unit: 'mm' | 'in'): Column<ListedPart>[] => {
  const write = (mm: number | null) => (mm === null ? '–' : unit === 'mm' ? writeMm(mm) : writeInch(mm))
  return (
    [
      ['bore', 'Bore'],
      ['outside', 'Outside'],
      ['width', 'Width'],
    ] as const
  ).map(([id, head]) => ({
    id,
    head,
    by: (part) => part[id],
    figures: true,
    className: 'text-ink2',
    cell: (part) => write(part[id]),
  }))
}

/** The catalogue by family: sizes as a map, series as curves, every part to open. */
export function CatalogueScreen({ families, family, parts }: Props) {
  const { unit } = usePreferences()
  const [series, setSeries] = useState<string | null>(null)
  const names = useRef<HTMLElement>(null)
  const onNamesKey = useRoving(names, linksIn)
  const allSeries = [...new Set(parts.map((p) => p.series))]
  const shown = useMemo(() => parts.filter((p) => series === null || p.series === series), [parts, series])
  const sized = parts.some((p) => p.bore !== null && p.outside !== null)
  const columns = useMemo(() => (sized ? [NUMBER, ...sizesIn(unit)] : [NUMBER]), [sized, unit])
  const words = families.find((f) => f.family === family)?.words ?? family
  return (
    <Frame
      about={<b className="font-semibold text-ink">Catalogue</b>}
      state={`${families.reduce((sum, f) => sum + f.parts, 0)} parts`}
    >
      <div className="panes [--panes:272px_minmax(0,1fr)_372px]">
        <nav
          ref={names}
          aria-label="Families"
          className="overflow-auto border-r border-line py-2"
          onKeyDown={onNamesKey}
        >
          {families.map((f) => (
            <Link
              key={f.family}
              href={`/catalogue?family=${f.family}` as Route}
              aria-current={f.family === family ? 'page' : undefined}
              onClick={() => setSeries(null)}
              className={`flex min-h-10 items-center justify-between gap-2 px-4 text-[0.875rem] ${f.family === family ? 'bg-sheet font-bold text-ink' : 'text-ink2'}`}
            >
              {f.words} <span className="number font-normal text-ink3">{f.parts}</span>
            </Link>
          ))}
        </nav>
        <section aria-label="Size map" className="flex min-h-0 flex-col px-4 py-3">
          <h1 className="text-[1.1875rem] font-bold first-letter:uppercase">{words}</h1>
          {allSeries.length > 1 && allSeries.length <= MOST_CHIPS && (
            <div className="mt-2">
              <ChipChoice
                label="Series"
                className="number px-3"
                value={series}
                options={allSeries.map((name) => [name, name] as const)}
                onPick={setSeries}
                onClear={() => setSeries(null)}
              />
            </div>
          )}
          <div className="min-h-0 flex-1">
            {sized ? (
              <SizeMap parts={parts} series={series} unit={unit} />
            ) : (
              <p className="pt-10 text-ink2">Chosen by thread, pin or groove size: see the list.</p>
            )}
          </div>
        </section>
        <section aria-label="Parts" className="min-h-0 border-l border-line bg-sheet px-4 py-2">
          <DataTable
            key={family}
            label="Parts of the family"
            scrolls
            onSheet
            rows={shown}
            columns={columns}
            keyOf={({ base }) => base}
            rowHeight={37}
          />
        </section>
      </div>
    </Frame>
  )
}
