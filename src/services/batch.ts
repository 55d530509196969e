import 'server-only'
import { setImmediate } from 'node:timers/promises'
import { identify, readMeasurements, unlistedText, type Feature, type Identifier } from '@/core/identify'
import { readTable } from './csv/readTable'
import { writeCsv } from './csv/writeCsv'
import { ServiceError } from './errors'
import { EvidenceSheet } from '@/contract/evidence'

/** Most rows of one tray; more come as a second file. */
const MAX_ROWS = 50_000
/** Rows worked between two looks at what else is asked of this thread. */
const ROWS_A_TURN = 20

const SIZES = [
  'bore',
  'outside',
  'width',
  'coneWidth',
  'cupWidth',
  'totalWidth',
  'boltSpacing',
  'centreHeight',
  'railSpacing',
] as const satisfies readonly Feature[]
const KNOWN = [
  'ref',
  'stamp',
  ...SIZES,
  'unit',
  'instrument',
  'condition',
  'element',
  'closures',
  'piece',
  'housingKind',
]
const COLUMNS = [
  'ref',
  'base',
  'designation',
  'probability',
  'unlisted',
  'second',
  'secondProbability',
  'next',
  'problem',
] as const

type Cells = Record<string, string>

function rowsOf(bytes: Uint8Array): Cells[] {
  const { header, rows } = readTable(bytes, MAX_ROWS)
  if (!header.some((name) => name === 'stamp' || SIZES.some((size) => size === name)))
    throw new ServiceError(
      'unreadable',
      `The first line must name the columns: ${KNOWN.join(', ')}. At least a stamp or one size.`,
    )
  return rows
}

const words = (cell: string | undefined): string[] => (cell ?? '').split(/[\s;|/+]+/).filter(Boolean)
const given = <K extends string>(key: K, value: string | undefined): Partial<Record<K, string>> =>
  value?.trim() ? ({ [key]: value.trim() } as Record<K, string>) : {}

/** A row as evidence. @throws Error with words when a cell holds what no such cell may hold */
function evidenceOf(row: Cells) {
  const sheet = EvidenceSheet.safeParse({
    measurements: SIZES.filter((size) => row[size]?.trim()).map((feature) => ({
      feature,
      readings: (row[feature] ?? '').split(';'),
      ...given('unit', row['unit']),
      ...given('instrument', row['instrument']),
      ...given('condition', row['condition']),
    })),
    stamps: row['stamp']?.trim() ? [{ text: row['stamp'].trim() }] : [],
    observed: {
      ...given('element', row['element']),
      ...given('piece', row['piece']),
      ...given('housingKind', row['housingKind']),
      ...(words(row['closures']).length > 0 && { closures: words(row['closures']) }),
    },
  })
  if (!sheet.success) {
    const issue = sheet.error.issues[0]
    throw new Error(
      `${issue?.path.at(-1) !== undefined ? `${String(issue.path.at(-1))}: ` : ''}${issue?.message ?? 'cannot be read'}`,
    )
  }
  const read = readMeasurements(sheet.data.measurements)
  if (!read.ok) throw new Error(read.problem.issues[0]?.message ?? 'The sizes cannot be read.')
  if (read.value.length === 0 && sheet.data.stamps.length === 0)
    throw new Error('Nothing to go by: give a stamp or a size.')
  return { measurements: read.value, stamps: sheet.data.stamps, observed: sheet.data.observed }
}

const share = (p: number): number => Math.round(p * 1e4) / 1e4

/**
 * Identifies every row of a CSV tray, in the same order. A bad row gets its problem in words; the others go on.
 * @param bytes UTF-8, UTF-16 or Windows-1252
 * @throws ServiceError `unreadable` without a usable header, `tooLarge` beyond the row limit
 */
export async function identifyRows(bytes: Uint8Array, identifier: Identifier): Promise<string> {
  const rows = rowsOf(bytes)
  const out: Record<string, string | number>[] = []
  for (const [i, row] of rows.entries()) {
    if (i % ROWS_A_TURN === ROWS_A_TURN - 1) await setImmediate()
    const ref = row['ref'] ?? ''
    try {
      const found = identify(identifier, evidenceOf(row), 2)
      if (found.hardware) throw new Error(unlistedText(found))
      const [first, second] = found.candidates
      out.push({
        ref,
        base: first?.part.base ?? '',
        designation: first?.designation ?? '',
        probability: share(first?.probability ?? 0),
        unlisted: share(found.unlisted),
        second: second?.part.base ?? '',
        secondProbability: share(second?.probability ?? 0),
        next: found.next?.feature ?? '',
        problem: '',
      })
    } catch (error) {
      out.push({ ref, problem: error instanceof Error ? error.message : 'This row cannot be read.' })
    }
  }
  return writeCsv(COLUMNS, out)
}
