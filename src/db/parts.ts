import { isFamily, PIECES, SOURCE_KINDS, type Part } from '@/core/catalogue'
import { oneChange } from './connection'
import { models, type PartRow } from './models'

const oneOf = <T extends string>(known: readonly T[], value: string, what: string): T => {
  const found = known.find((k) => k === value)
  if (found === undefined) throw new Error(`parts: ${what} ${value} is unknown`)
  return found
}

function fromRow(row: PartRow): Part {
  if (!isFamily(row.family)) throw new Error(`parts: family ${row.family} is unknown`)
  return {
    base: row.base,
    family: row.family,
    piece: oneOf(PIECES, row.piece, 'piece'),
    series: row.series,
    dimensions: JSON.parse(row.dimensions) as Part['dimensions'],
    commonness: row.commonness,
    provenance: {
      kind: oneOf(SOURCE_KINDS, row.source_kind, 'source'),
      text: row.source,
      verified: row.verified,
    },
    ...(JSON.parse(row.details) as Pick<Part, 'set' | 'seal' | 'hardware' | 'synonyms'>),
  }
}

const toRow = (part: Part) => ({
  base: part.base,
  family: part.family,
  piece: part.piece,
  series: part.series,
  bore: part.dimensions.bore ?? null,
  outside: part.dimensions.outside ?? null,
  width: part.dimensions.width ?? part.dimensions.totalWidth ?? null,
  dimensions: JSON.stringify(part.dimensions),
  details: JSON.stringify({
    set: part.set,
    seal: part.seal,
    hardware: part.hardware,
    synonyms: part.synonyms,
  }),
  commonness: part.commonness,
  source_kind: part.provenance.kind,
  source: part.provenance.text,
  verified: part.provenance.verified,
  origin: 'standard',
})

/** Every part; a row that cannot be read is left out and named, the others stay. */
export async function allParts(): Promise<{ parts: Part[]; unreadable: string[] }> {
  const unreadable: string[] = []
  const parts = (await models().PartRow.findAll({ order: ['id'] })).flatMap((row) => {
    try {
      return [fromRow(row)]
    } catch (error) {
      unreadable.push(`${row.base}: ${error instanceof Error ? error.message : ''}`)
      return []
    }
  })
  return { parts, unreadable }
}

/** The catalogue's fingerprint as last loaded, or null. */
export async function loadedFingerprint(): Promise<string | null> {
  const fact = await models().FactRow.findByPk('catalogue')
  return fact?.value ?? null
}

/** Replaces the standard parts by these in one transaction; own and supplier parts stay. */
export async function replaceStandardParts(parts: readonly Part[], fingerprint: string): Promise<void> {
  const { PartRow: Parts, FactRow: Facts } = models()
  await oneChange(async (transaction) => {
    await Parts.destroy({ where: { origin: 'standard' }, transaction })
    const rows = parts.map(toRow)
    for (let at = 0; at < rows.length; at += 500)
      await Parts.bulkCreate(rows.slice(at, at + 500), { transaction })
    await Facts.upsert({ name: 'catalogue', value: fingerprint }, { transaction })
  })
}

export const countParts = (): Promise<number> => models().PartRow.count()
