import { buildCatalogue } from '@/core/catalogue'
import { cellsOf, guessColumns, sortRow } from '@/core/lists'
import * as db from '@/db'
import { readShippedParts, readShippedTokens } from '@/services/catalogue/dataFolder'

/** What lies in the bins of the pier's store, as the shop wrote it down. */
const HEADER = ['Article', 'd', 'D', 'B', 'Stock', 'Bin'] as const
const ROWS = [
  ['6205-2RS', '25', '52', '15', '26', 'A1'],
  ['6203ZZ', '17', '40', '12', '8', 'A2'],
  ['6305/C3', '25', '62', '17', '2', 'A2'],
  ['6902-2RS', '15', '28', '7', '20', 'A3'],
  ['6004-2RS', '20', '42', '12', '6', 'A3'],
  ['6001ZZ', '12', '28', '8', '14', 'A4'],
  ['608ZZ', '8', '22', '7', '30', 'A4'],
  ['L44643', '1 in', '', '', '4', 'B1'],
  ['L44610', '', '1.98 in', '', '6', 'B1'],
  ['L68149', '', '', '', '4', 'B2'],
  ['L68110', '', '', '', '4', 'B2'],
  ['LM12749', '', '', '', '2', 'B3'],
  ['LM12710', '', '', '', '2', 'B3'],
  ['UC205-16', '1 in', '52', '', '3', 'C1'],
  ['30205', '25', '52', '', '2', 'C2'],
  ['Winch drum bush 1', '38.4', '57.9', '24.2', '2', 'D1'],
  ['Winch drum bush 2', '38.4', '61.3', '24.2', '1', 'D1'],
  ['Carousel crown roller', '17.2', '58.8', '21.5', '5', 'D2'],
  ['Organ reed pivot', '4.6', '11.3', '3.4', '12', 'D3'],
] as const

/** Writes the store's list into the demo world. @returns how many rows were kept */
export async function loadDemoStore(): Promise<number> {
  const language = { catalogue: buildCatalogue(readShippedParts()), tokens: readShippedTokens() }
  const columns = guessColumns(HEADER)
  const items = ROWS.flatMap((row, i) => {
    const sorted = sortRow(
      cellsOf(Object.fromEntries(HEADER.map((name, at) => [name, row[at] ?? ''])), columns),
      'mm',
      language,
    )
    return sorted.ok ? [{ row: i + 2, ...sorted.item }] : []
  })
  const list = await db.createList('Pier store', 'own', ROWS.length)
  await db.addItems(list.id, items)
  const own = items.filter((item) => item.base === null).length
  const counts = {
    read: ROWS.length,
    all: ROWS.length,
    listed: items.length - own,
    own,
    duplicates: 0,
    problems: ROWS.length - items.length,
  }
  await db.saveList(list.id, counts, 'done', [])
  return items.length
}
