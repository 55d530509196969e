'use client'

import type { ReactNode } from 'react'
import type { Held } from '@/ui/useAnswer'

interface Props<T> {
  held: Held<T>
  isEmpty: (answer: T) => boolean
  /** what fills an empty view */
  empty: string
  children: (answer: T) => ReactNode
}

/** A view of the history: while it is asked for, refused, empty, or there. */
export function ViewFrame<T>({ held: { answer, words }, isEmpty, empty, children }: Props<T>) {
  return (
    <div role="region" aria-label="View" tabIndex={0} className="h-full overflow-auto">
      <div className="mx-auto max-w-[1180px] px-3 py-4 sm:px-6">
        {words && (
          <p role="alert" className="mb-2 text-contra">
            {words}
          </p>
        )}
        {!answer && !words && <p className="text-ink2">Loading …</p>}
        {answer && (isEmpty(answer) ? <p className="py-6 text-ink2">{empty}</p> : children(answer))}
      </div>
    </div>
  )
}

interface TableProps {
  caption: string
  /** the first names the rows, the others are figures */
  columns: readonly string[]
  rows: readonly (readonly (string | number)[])[]
}

/** The figures of a chart. */
export function FigureTable({ caption, columns, rows }: TableProps) {
  return (
    <table className="w-full text-[0.90625rem]">
      <caption className="caption pb-1 text-left">{caption}</caption>
      <thead>
        <tr>
          {columns.map((column, i) => (
            <th
              key={column}
              scope="col"
              className={`py-1 font-semibold text-ink2 ${i === 0 ? 'text-left' : 'pl-3 text-right'}`}
            >
              {column}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map(([name, ...figures], row) => (
          <tr key={row} className="border-t border-line2">
            <th scope="row" className="py-1 text-left font-normal">
              {name}
            </th>
            {figures.map((figure, i) => (
              <td key={i} className="number py-1 pl-3 text-right whitespace-nowrap">
                {figure}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  )
}
