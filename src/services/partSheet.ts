import 'server-only'
import type { PartSheet } from '@/contract/lookUp'
import { decodeText, interchangeOf, partOf, taperedMates } from './lookUp'

/** Everything a part sheet shows. @throws ServiceError `notFound` */
export async function partSheet(designation: string, place: unknown = {}): Promise<PartSheet> {
  const part = await partOf(designation)
  const rings = part.set
    ? [part.set.cone, part.set.cup]
    : part.piece === 'cone' || part.piece === 'cup'
      ? [part.base]
      : []
  const exchanges = part.piece !== 'seal' && part.piece !== 'hardware'
  const own = part.family === 'own'
  const [decoded, interchange, mates] = await Promise.all([
    decodeText(designation),
    exchanges ? interchangeOf(designation, place) : null,
    Promise.all(rings.map(taperedMates)),
  ])
  return {
    designation: interchange?.designation ?? part.base,
    part,
    reading: exchanges && !own ? (decoded.readings[0] ?? null) : null,
    /** other meanings that the same marks have in other conventions */
    otherReadings: own ? [] : decoded.readings.slice(1).filter((r) => r.base === decoded.readings[0]?.base),
    interchange,
    mates,
  }
}
