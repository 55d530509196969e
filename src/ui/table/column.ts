import type { ReactNode } from 'react'

/** One column of a table, as data. */
export interface Column<T> {
  id: string
  head: string
  /** the head is read out, not shown */
  headHidden?: true
  cell: (row: T, index: number) => ReactNode
  /** what rows are ordered by; a column without it does not order; nothing comes last either way */
  by?: (row: T) => string | number | null | undefined
  /** under the other cells of its row on a narrow screen; its table has a `narrowRow` */
  below?: true
  /** figures stand to the right */
  figures?: boolean
  /** of its cells */
  className?: string
  /** left out on a phone */
  wide?: boolean
  /** the reader may leave it out */
  optional?: boolean
}
