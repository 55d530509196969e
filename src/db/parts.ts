import { isFamily, PIECES, SOURCE_KINDS, type Part } from '@/core/catalogue'
import { oneChange } from './connection'
import { models, type PartRow } from './models'

const oneOf = <T extends string>(known: readonly T[], value: string, what: string): T => {
  const found = known.find((k) => k === value)
  if (found === undefined) throw new Error(`parts: ${what} ${value} is unknown`)
  return found
}

/** What a part has beside the columns of its own. */
type Details = Omit<Part, 'base' | 'family' | 'piece' | 'series' | 'dimensions' | 'commonness' | 'provenance'>

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
    ...(JSON.parse(row.details) as Details),
  }
}

/** What a part has beside the columns of its own is kept as it is. */
const toRow = ({ base, family, piece, series, dimensions, commonness, provenance, ...details }: Part) => ({
  base,
  family,
  piece,
  series,
  bore: dimensions.bore ?? null,
  outside: dimensions.outside ?? null,
  width: dimensions.width ?? dimensions.totalWidth ?? null,
  dimensions: JSON.stringify(dimensions),
  details: JSON.stringify(details),
  commonness,
  source_kind: provenance.kind,
  source: provenance.text,
  verified: provenance.verified,
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
  const setting = await models().SettingRow.findByPk('catalogue')
  return setting?.value ?? null
}

/** Replaces the standard parts by these in one transaction; own and supplier parts stay. */
export async function replaceStandardParts(parts: readonly Part[], fingerprint: string): Promise<void> {
  const { PartRow: Parts, SettingRow: Settings } = models()
  await oneChange(async (transaction) => {
    await Parts.destroy({ where: { origin: 'standard' }, transaction })
    const rows = parts.map(toRow)
    for (let at = 0; at < rows.length; at += 500)
      await Parts.bulkCreate(rows.slice(at, at + 500), { transaction })
    await Settings.upsert({ name: 'catalogue', value: fingerprint }, { transaction })
  })
}

/** Asks for one part. @throws Error while the database is away or has none of its tables */
export async function ping(): Promise<void> {
  await models().PartRow.findOne({ attributes: ['id'], raw: true })
}
