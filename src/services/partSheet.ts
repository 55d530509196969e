import 'server-only'
import { findPart } from '@/core/catalogue'
import { goesWith } from '@/core/kit'
import type { PartSheet } from '@/contract/lookUp'
import { getCatalogue } from './catalogueRuntime'
import { decodeText, interchangeOf, partOf, taperedMates } from './lookUp'

/** Everything a part sheet shows. @throws ServiceError `notFound` */
export async function partSheet(designation: string, application: unknown = {}): Promise<PartSheet> {
  const part = await partOf(designation)
  const rings = part.set
    ? [part.set.cone, part.set.cup]
    : part.piece === 'cone' || part.piece === 'cup'
      ? [part.base]
      : []
  const own = part.family === 'own'
  const [decoded, interchange, mates, { context }] = await Promise.all([
    decodeText(designation),
    interchangeOf(designation, application),
    Promise.all(rings.map(taperedMates)),
    getCatalogue(),
  ])
  const isRead = !own && part.piece !== 'hardware'
  const listed = part.hardware && findPart(context.catalogue, part.base, 'hardware')
  return {
    designation: interchange.designation,
    part,
    reading: isRead ? (decoded.readings[0] ?? null) : null,
    /** other meanings that the same marks have in other conventions */
    otherReadings: !isRead
      ? []
      : decoded.readings.slice(1).filter((r) => r.base === decoded.readings[0]?.base),
    interchange,
    mates,
    goesWith: listed ? goesWith(listed, context.catalogue) : [],
  }
}
