import { capital } from '../capital'
import { type Catalogue, type HardwareDetails, type Part } from '../catalogue'
import { compareVariants } from './compareVariants'
import { isNearSize } from './sameSize'
import type { Trap } from './trap'
import { plainVariant } from './variant'

const MAX = 6

/** The size a piece is asked for by, mm. */
function sizeOf(details: HardwareDetails): number {
  switch (details.what) {
    case 'castleNut':
    case 'lockNut':
    case 'washer':
      return details.threadMm
    case 'lockWasher':
      return details.boreMm
    case 'adapterSleeve':
      return details.bearingBoreMm
    case 'cotterPin':
      return details.pinMm
    case 'cap':
      return details.hubBoreMm
    case 'snapRing':
      return details.nominalMm
    case 'eRing':
      return details.grooveMm
    case 'housing':
      return details.seatMm
  }
}

/** Hardware of one kind and nearly one size that does not go in its place: `M20x1.5` and `3/4-16`, ring of shaft and bore. */
export function hardwareTraps(part: Part, catalogue: Catalogue): Trap[] {
  const own = part.hardware
  if (!own) return []
  const size = sizeOf(own)
  const deviation = (details: HardwareDetails): number => Math.abs(sizeOf(details) - size)
  return catalogue.parts
    .flatMap((other) =>
      other.hardware?.what === own.what && other !== part ? [{ other, details: other.hardware }] : [],
    )
    .filter(({ details }) => isNearSize(size, sizeOf(details)))
    .sort((a, b) => deviation(a.details) - deviation(b.details))
    .flatMap(({ other }): Trap[] => {
      const { verdict, checks } = compareVariants(plainVariant(part), plainVariant(other))
      const failed = checks.find(({ result }) => result === 'fail')
      return verdict === 'not-interchangeable' && failed
        ? [{ designation: other.base, kind: 'size', why: capital(failed.detail) }]
        : []
    })
    .slice(0, MAX)
}
