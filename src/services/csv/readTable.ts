import 'server-only'
import Papa from 'papaparse'
import { ServiceError } from '../errors'
import { decodeBytes, encodingOf } from '@/core/lists'

/** A CSV file with a heading line, as text cells. */
export interface Table {
  header: string[]
  rows: Record<string, string>[]
  encoding: string
  delimiter: string
}

const MAX_COLUMNS = 60
const LONGEST_HEADING = 80
/** Bytes that no text file has: a picture, a spreadsheet or an archive renamed to .csv. */
const BINARY = /[\u0000-\u0008\u000e-\u001a]/

const DELIMITERS: Record<string, string> = { ',': 'comma', ';': 'semicolon', '\t': 'tab', '|': 'bar' }

/**
 * Reads a CSV file: encoding and delimiter are recognised, headings are trimmed and made distinct.
 * @param mostRows more rows are refused
 * @throws ServiceError `unreadable` when it is no table, `tooLarge` beyond the row limit
 */
export function readTable(bytes: Uint8Array, mostRows: number): Table {
  const text = decodeBytes(bytes)
  if (BINARY.test(text.slice(0, 4096)))
    throw new ServiceError('unreadable', 'This is no text file. Save the sheet as CSV and choose that file.')
  const seen = new Map<string, number>()
  const parsed = Papa.parse<Record<string, string>>(text, {
    header: true,
    skipEmptyLines: 'greedy',
    delimitersToGuess: Object.keys(DELIMITERS),
    transformHeader: (heading, at) => {
      const name = heading.trim().slice(0, LONGEST_HEADING) || `column ${at + 1}`
      const before = seen.get(name) ?? 0
      seen.set(name, before + 1)
      return before === 0 ? name : `${name} ${before + 1}`
    },
  })
  const header = parsed.meta.fields ?? []
  if (parsed.data.length === 0)
    throw new ServiceError(
      'unreadable',
      'The file has no rows below its first line, which names the columns.',
    )
  if (header.length > MAX_COLUMNS)
    throw new ServiceError('unreadable', `The file has ${header.length} columns; at most ${MAX_COLUMNS}.`)
  if (parsed.data.length > mostRows)
    throw new ServiceError('tooLarge', `At most ${mostRows} rows in one file. Split it.`)
  return {
    header,
    rows: parsed.data,
    encoding: encodingOf(bytes),
    delimiter: DELIMITERS[parsed.meta.delimiter] ?? parsed.meta.delimiter,
  }
}
