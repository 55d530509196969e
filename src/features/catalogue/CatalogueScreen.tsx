'use client'

import type { Route } from 'next'
import Link from 'next/link'
import { useState } from 'react'
import { writeInch, writeMm } from '@/core/quantity'
import { Frame, usePreferences } from '@/features/shell'
import type { FamilyHeld, ListedPart } from '@/contract/catalogue'
import { SizeMap } from './SizeMap'

interface Props {
  families: readonly FamilyHeld[]
  family: string
  parts: readonly ListedPart[]
}

/** More series than this are no choice but noise: inch tapered parts have one for every few numbers. */
const MOST_CHIPS = 24

/** The catalogue by family: sizes as a map, series as curves, every part to open. */
export function CatalogueScreen({ families, family, parts }: Props) {
  const { unit } = usePreferences()
  const [series, setSeries] = useState<string | null>(null)
  const write = (mm: number | null) => (mm === null ? '–' : unit === 'mm' ? writeMm(mm) : writeInch(mm))
  const allSeries = [...new Set(parts.map((p) => p.series))]
  const shown = parts.filter((p) => series === null || p.series === series)
  const sized = parts.some((p) => p.bore !== null && p.outside !== null)
  const words = families.find((f) => f.family === family)?.words ?? family
  return (
    <Frame
      about={<b className="font-semibold text-ink">Catalogue</b>}
      state={`${families.reduce((sum, f) => sum + f.parts, 0)} parts`}
    >
      <div className="panes [--panes:272px_minmax(0,1fr)_372px]">
        <nav aria-label="Families" className="overflow-auto border-r border-line py-2">
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
            <div className="mt-2 flex flex-wrap gap-1.5">
              {allSeries.map((name) => (
                <button
                  key={name}
                  type="button"
                  className="chip number px-3"
                  aria-pressed={series === name}
                  onClick={() => setSeries(series === name ? null : name)}
                >
                  {name}
                </button>
              ))}
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
        <section
          aria-label="Parts"
          tabIndex={0}
          className="overflow-auto border-l border-line bg-sheet px-4 py-2"
        >
          <table className="w-full text-[0.90625rem]">
            <thead className="caption sticky top-0 bg-sheet text-left">
              <tr>
                <th className="py-1.5 font-semibold">Number</th>
                {sized && (
                  <>
                    <th className="text-right font-semibold">Bore</th>
                    <th className="text-right font-semibold">Outside</th>
                    <th className="text-right font-semibold">Width</th>
                  </>
                )}
              </tr>
            </thead>
            <tbody>
              {shown.map((p) => (
                <tr key={p.base} className="border-t border-line2">
                  <td>
                    <Link
                      href={`/parts/${encodeURIComponent(p.base)}` as Route}
                      className="number inline-flex min-h-9 items-center font-medium"
                    >
                      {p.base}
                    </Link>
                    {!p.verified && <span className="tag ml-2">unverified</span>}
                  </td>
                  {sized &&
                    [p.bore, p.outside, p.width].map((mm, i) => (
                      <td key={i} className="number text-right text-ink2">
                        {write(mm)}
                      </td>
                    ))}
                </tr>
              ))}
            </tbody>
          </table>
        </section>
      </div>
    </Frame>
  )
}
