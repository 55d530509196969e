import 'server-only'
import { createHash } from 'node:crypto'
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import Papa from 'papaparse'
import { CATALOGUE_FILES, namesOf, readCatalogueRows, type CsvRow, type Part } from '@/core/catalogue'
import { readTokenRow, type SuffixToken } from '@/core/designation'

const TOKENS_FILE = 'suffix-tokens'

const DATA_FOLDER = join(process.cwd(), 'data')

const path = (name: string): string => join(DATA_FOLDER, `${name}.csv`)

function readRows(name: string): CsvRow[] {
  const parsed = Papa.parse<CsvRow>(readFileSync(path(name), 'utf8'), { header: true, skipEmptyLines: true })
  const [problem] = parsed.errors
  if (problem) throw new Error(`data/${name}.csv row ${(problem.row ?? 0) + 2}: ${problem.message}`)
  return parsed.data
}

/** All standard parts as they ship. @throws when a file is missing or a row is not whole */
export function readShippedParts(): Part[] {
  const rows = Object.fromEntries(CATALOGUE_FILES.map((file) => [file, readRows(file)])) as Parameters<
    typeof readCatalogueRows
  >[0]
  return readCatalogueRows(rows)
}

export const readShippedTokens = (): SuffixToken[] => readRows(TOKENS_FILE).map(readTokenRow)

/**
 * Changes whenever a part, one of its names or a token does, by its row or by how rows are read: tells whether the database
 * holds this catalogue.
 */
export function fingerprintOf(parts: readonly Part[], tokens: readonly SuffixToken[]): string {
  const named = parts.map((part) => [part, namesOf(part)])
  return createHash('sha256')
    .update(JSON.stringify([named, tokens]))
    .digest('hex')
}
