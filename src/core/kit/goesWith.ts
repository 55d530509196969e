import { familyFacts, sitsIn, type Catalogue, type HardwareDetails, type Part } from '../catalogue'
import { isSameSize } from '../interchange'
import { listedHardware, type Hardware } from './fill/listedHardware'
import { mayHold } from './findBySeat'
import { CAP_OFF_MM, isPinFor, isWithin, PIN_LEGS_MM, WASHER_OFF_MM } from './tolerances'

/** A part that is used together with another. */
export interface Companion {
  designation: string
  /** what it is to the other */
  label: string
}

const MAX = 8

/** Whether a cotter pin is for a bolt of this nut and long enough to bend over behind it (ISO 1234). */
const pinSuits = (pin: Hardware<'cotterPin'>, nut: Hardware<'castleNut'>): boolean =>
  isPinFor(pin, nut.threadMm) && pin.lengthMm >= nut.acrossFlatsMm + PIN_LEGS_MM

const washerSuits = (washer: Hardware<'washer'>, nut: Hardware<'castleNut'>): boolean =>
  isWithin(washer.threadMm, nut.threadMm, WASHER_OFF_MM)

const named = (label: string, parts: readonly { part: Part }[]): Companion[] =>
  parts.map(({ part }) => ({ designation: part.base, label }))

/** Bearings that sit where a ring does, the commonest first. */
function bearingsAt({ kind, nominalMm }: Hardware<'snapRing'>, { parts }: Catalogue): Companion[] {
  const side = kind === 'bore snap ring' ? 'outside' : 'bore'
  const bearings = parts.filter(
    (part) => mayHold('bearing', part) && isSameSize(part.dimensions[side] ?? 0, nominalMm),
  )
  return named(
    'bearing it holds',
    bearings.sort((a, b) => b.commonness - a.commonness).map((part) => ({ part })),
  )
}

/** Series of self-aligning bearings that stand on a sleeve in a split housing (ISO 113). */
const ON_SLEEVE = /^(?:12|22|222|232)(\d\d)$/

/** Bore of the bearing in a split housing: five times the figures behind its series, mm. */
const boreMmOf = (housing: string): number => Number(housing.slice(-2)) * 5

/** Bearings with a tapered bore that a split housing holds by its size, and the sleeves they stand on. */
function onSleeveIn({ base, hardware }: Part, catalogue: Catalogue): Companion[] {
  const seatMm = hardware?.what === 'housing' ? hardware.seatMm : 0
  const bearings = catalogue.parts.filter(
    (part) =>
      ON_SLEEVE.exec(part.base)?.[1] === base.slice(-2) &&
      (familyFacts(part.family).traits?.includes('selfAligning') ?? false) &&
      isSameSize(part.dimensions.outside ?? 0, seatMm),
  )
  const sleeves = listedHardware(catalogue, 'adapterSleeve').filter(
    ({ details }) => details.bearingBoreMm === boreMmOf(base),
  )
  return [
    ...bearings.map((part) => ({ designation: `${part.base}K`, label: 'bearing on a sleeve in it' })),
    ...named('adapter sleeve', sleeves),
  ]
}

/**
 * Parts that are used together with a piece of hardware: the pin and washer of a nut, the nut of a washer, nut and washer
 * of a sleeve, the bearings a ring holds.
 * @returns at most eight; none for parts that are no hardware
 */
export function goesWith(part: Part, catalogue: Catalogue): Companion[] {
  const { base, hardware: details } = part
  const of = <W extends HardwareDetails['what']>(
    what: W,
    suits: (other: Hardware<W>, base: string) => boolean,
  ) => listedHardware(catalogue, what).filter((other) => suits(other.details, other.part.base))
  const companions = ((): Companion[] => {
    switch (details?.what) {
      case 'castleNut':
        return [
          ...named('cotter pin', of('cotterPin', (pin) => pinSuits(pin, details)).slice(0, MAX / 2)),
          ...named(
            'washer',
            of('washer', (washer) => washerSuits(washer, details)),
          ),
        ]
      case 'cotterPin':
        return named(
          'castle nut',
          of('castleNut', (nut) => pinSuits(details, nut)),
        )
      case 'washer':
        return named(
          'castle nut',
          of('castleNut', (nut) => washerSuits(details, nut)),
        )
      case 'lockNut':
        return [
          ...named(
            'tab washer',
            of('lockWasher', ({ boreMm }) => boreMm === details.threadMm),
          ),
          ...named(
            'adapter sleeve',
            of('adapterSleeve', ({ nut }) => nut === base),
          ),
        ]
      case 'lockWasher':
        return [
          ...named(
            'lock nut',
            of('lockNut', ({ threadMm }) => threadMm === details.boreMm),
          ),
          ...named(
            'adapter sleeve',
            of('adapterSleeve', ({ washer }) => washer === base),
          ),
        ]
      case 'adapterSleeve':
        return [
          ...named(
            'lock nut',
            of('lockNut', (_, nut) => nut === details.nut),
          ),
          ...named(
            'tab washer',
            of('lockWasher', (_, washer) => washer === details.washer),
          ),
          ...named(
            'split housing',
            of(
              'housing',
              ({ kind }, base) => kind === 'plummer block' && boreMmOf(base) === details.bearingBoreMm,
            ),
          ),
        ]
      case 'cap':
        return named(
          'cup in the same hub',
          catalogue.parts
            .filter(
              ({ piece, dimensions: d }) =>
                piece === 'cup' && isWithin(d.outside ?? 0, details.hubBoreMm, CAP_OFF_MM),
            )
            .map((part) => ({ part })),
        )
      case 'housing':
        if (details.kind === 'plummer block') return onSleeveIn(part, catalogue)
        return named(
          'insert that sits in it',
          catalogue.parts
            .filter((other) => sitsIn(other, part))
            .sort((a, b) => b.commonness - a.commonness)
            .map((other) => ({ part: other })),
        )
      case 'snapRing':
        return bearingsAt(details, catalogue)
      default:
        return []
    }
  })()
  return companions.slice(0, MAX)
}
