import 'server-only'
import { COLOURS, PAGE, pageBreak, printable, WIDTH, type Doc } from './page'

const SIZE = 9
const PADDING = { top: 3, bottom: 3, left: 0, right: 4 }
const RULE = { top: 0.4, right: 0, bottom: 0, left: 0 }
const NO_RULE = { top: 0, right: 0, bottom: 0, left: 0 }
const BOX = 10

interface Column {
  head: string
  /** points; the last column takes what is left when it has none */
  width?: number
  align?: 'right'
  mono?: true
}

/** One row: its cells in the order of the columns; `box` is a box to tick by hand. */
interface Row {
  cells: readonly (string | { box: boolean })[]
  colour?: string
  bold?: boolean
}

/** A table of text with its head on every page it reaches; a row stays on one page. */
export function table(doc: Doc, columns: readonly Column[], rows: readonly Row[]): void {
  const taken = columns.reduce((sum, { width }) => sum + (width ?? 0), 0)
  const widths = columns.map(({ width }) => width ?? WIDTH - taken)
  const fontOf = (i: number, bold = false): string => (bold ? 'bold' : columns[i]?.mono ? 'mono' : 'text')
  const textOf = (cell: Row['cells'][number]): string => (typeof cell === 'string' ? printable(cell) : '')

  const begin = () => {
    const begun = doc.table({
      position: { x: PAGE.left, y: doc.y },
      maxWidth: WIDTH,
      columnStyles: widths.map((width, i) => ({
        width,
        align: { x: columns[i]?.align ?? ('left' as const), y: 'top' as const },
      })),
      defaultStyle: { padding: PADDING, border: RULE, borderColor: COLOURS.line },
    })
    const font = { src: 'bold', size: SIZE - 0.5 }
    return begun.row(
      columns.map(({ head }) => ({
        text: head,
        font,
        textColor: COLOURS.soft,
        border: NO_RULE,
        type: 'TH' as const,
      })),
    )
  }
  const heightOf = ({ cells, bold }: Row): number =>
    PADDING.top +
    PADDING.bottom +
    Math.max(
      ...cells.map((cell, i) =>
        doc
          .font(fontOf(i, bold))
          .fontSize(SIZE)
          .heightOfString(textOf(cell), { width: (widths[i] ?? 0) - PADDING.left - PADDING.right }),
      ),
    )

  // Never the head at the foot with its first row on the next page.
  pageBreak(doc, 20 + (rows[0] ? heightOf(rows[0]) : 0))
  let current = begin()
  for (const row of rows) {
    if (doc.y + heightOf(row) > PAGE.bottom) {
      current.end()
      doc.addPage()
      current = begin()
    }
    const { y } = doc
    current.row(
      row.cells.map((cell, i) => ({
        text: textOf(cell),
        font: { src: fontOf(i, row.bold), size: SIZE },
        textColor: row.colour ?? COLOURS.ink,
      })),
    )
    row.cells.forEach((cell, i) => {
      if (typeof cell === 'string' || !cell.box) return
      const x = PAGE.left + widths.slice(0, i).reduce((sum, width) => sum + width, 0)
      doc
        .lineWidth(0.8)
        .rect(x + 6, y + PADDING.top, BOX, BOX)
        .stroke(COLOURS.soft)
    })
  }
  current.end()
}
