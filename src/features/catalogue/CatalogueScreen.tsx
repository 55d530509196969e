'use client'

import type { Route } from 'next'
import * as texts from '@/texts/catalogue'
import * as common from '@/texts/common'
import { partPath } from '@/ui/partPath'
import { Link } from '@/ui/Link'
import { useMemo, useRef, useState } from 'react'
import { capital } from '@/core/capital'
import { writeInch, writeMm } from '@/core/quantity'
import { Frame, usePreferences } from '@/features/shell'
import type { FamilyCount, ListedPart } from '@/contract/catalogue'
import { ChipChoice } from '@/ui/ChipChoice'
import type { Column } from '@/ui/table/column'
import { DataTable } from '@/ui/table/DataTable'
import { useRoving } from '@/ui/useRoving'
import { SizeMap } from './SizeMap'

interface Props {
  families: readonly FamilyCount[]
  family: string
  parts: readonly ListedPart[]
}

/** More series than this are no choice but noise: inch tapered parts have one for every few numbers. */
const MAX_CHIPS = 24

const linksIn = (frame: HTMLElement): HTMLElement[] => [...frame.querySelectorAll<HTMLElement>('a')]

const NUMBER: Column<ListedPart> = {
  id: 'number',
  head: common.number,
  by: ({ base }) => base,
  cell: ({ base, verified }) => (
    <>
      <Link href={partPath(base)} className="number inline-flex min-h-9 items-center font-medium">
        {base}
      </Link>
      {!verified && <span className="tag ml-2">{texts.unverified}</span>}
    </>
  ),
}

const sizesIn = (unit: 'mm' | 'in'): Column<ListedPart>[] => {
  const write = (mm: number | null) => (mm === null ? '–' : unit === 'mm' ? writeMm(mm) : writeInch(mm))
  return (
    [
      ['bore', common.bore],
      ['outside', common.outside],
      ['width', common.width],
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

/** Columns beside the number that a phone has room for. */
const MAX_ON_A_PHONE = 2

/** One column for each thing the hardware of a family is known by. */
function factsOf(parts: readonly ListedPart[], unit: 'mm' | 'in'): Column<ListedPart>[] {
  const factIn = (part: ListedPart, label: string) => part.facts.find((fact) => fact.label === label)
  return [...new Set(parts.flatMap(({ facts }) => facts.map(({ label }) => label)))].map((label, i) => ({
    id: label,
    head: capital(label),
    by: (part) => factIn(part, label)?.mm ?? factIn(part, label)?.text,
    figures: parts.every((part) => factIn(part, label)?.text === undefined),
    className: 'text-ink2',
    wide: i >= MAX_ON_A_PHONE,
    cell: (part) => {
      const fact = factIn(part, label)
      if (fact?.mm === undefined) return fact?.text ?? '–'
      return unit === 'mm' ? writeMm(fact.mm) : writeInch(fact.mm)
    },
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
  const columns = useMemo(
    () => [NUMBER, ...(sized ? sizesIn(unit) : factsOf(shown, unit))],
    [sized, shown, unit],
  )
  const label = families.find((f) => f.family === family)?.label ?? family
  const table = (
    <DataTable
      key={family}
      label={texts.partsOfTheFamily}
      scrolls
      onSheet
      rows={shown}
      columns={columns}
      keyOf={({ base }) => base}
      rowHeight={37}
    />
  )
  return (
    <Frame
      about={<b className="font-semibold text-ink">{common.catalogue}</b>}
      state={texts.parts(families.reduce((sum, f) => sum + f.parts, 0))}
    >
      <div
        className={`panes ${sized ? '[--panes:272px_minmax(0,1fr)_372px]' : '[--panes:272px_minmax(0,1fr)]'}`}
      >
        <nav
          ref={names}
          aria-label={texts.families}
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
              {f.label} <span className="number font-normal text-ink3">{f.parts}</span>
            </Link>
          ))}
        </nav>
        <section
          aria-label={sized ? texts.sizeMap : common.parts}
          className="flex min-h-0 flex-col px-4 py-3"
        >
          <h1 className="text-[1.1875rem] font-bold first-letter:uppercase">{label}</h1>
          {allSeries.length > 1 && allSeries.length <= MAX_CHIPS && (
            <div className="mt-2">
              <ChipChoice
                label={texts.series}
                className="number px-3"
                value={series}
                options={allSeries.map((name) => [name, name] as const)}
                onPick={setSeries}
                onClear={() => setSeries(null)}
              />
            </div>
          )}
          <div className="mt-2 min-h-0 flex-1">
            {sized ? <SizeMap parts={parts} series={series} unit={unit} /> : table}
          </div>
        </section>
        {sized && (
          <section aria-label={common.parts} className="min-h-0 border-l border-line bg-sheet px-4 py-2">
            {table}
          </section>
        )}
      </div>
    </Frame>
  )
}
