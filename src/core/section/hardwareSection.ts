import type { HardwareDetails } from '../catalogue'
import { outline, type Section } from './shape'

const tube = (
  length: number,
  inner: number,
  outer: number,
  hatch: 'forward' | 'backward' = 'forward',
): Section => ({
  length,
  radius: outer,
  shapes: [
    outline(
      [
        [0, inner],
        [length, inner],
        [length, outer],
        [0, outer],
      ],
      hatch,
    ),
  ],
})

export const tubeSection = tube

/** Radius of an E-ring as a share of its groove (DIN 6799, about). */
const E_RING_OUTSIDE = 1.05

/** A housing over its seat: how long it is along the shaft, how far it reaches out, how deep its round seat is (drawing only). */
const HOUSING = { lengthShare: 0.5, outsideShare: 1.35, seatShare: 0.93 }
const SEAT_POINTS = 12

/** Half-section of a housing: a ring with a round seat, in which the insert swivels. */
export function housingSection(seatMm: number): Section {
  const [length, seat] = [seatMm * HOUSING.lengthShare, seatMm / 2]
  const outer = seat * HOUSING.outsideShare
  const round = Array.from({ length: SEAT_POINTS + 1 }, (_, i): [number, number] => {
    const along = i / SEAT_POINTS
    return [length * along, seat * (HOUSING.seatShare + (1 - HOUSING.seatShare) * Math.sin(Math.PI * along))]
  })
  return {
    length,
    radius: outer,
    shapes: [outline([...round, [length, outer], [0, outer]], 'backward')],
  }
}

/** Rotary shaft seal: metal case, flexible lip toward the axis, garter spring on the side of what it keeps in. */
export function sealSection(shaft: number, housing: number, width: number): Section {
  const [r, o] = [shaft / 2, housing / 2]
  const wall = Math.min(1.2, width * 0.16)
  const h = o - r
  return {
    length: width,
    radius: o,
    shapes: [
      outline(
        [
          [0, o],
          [width, o],
          [width, o - wall],
          [wall * 1.6, o - wall],
          [wall * 1.6, r + h * 0.36],
          [width * 0.82, r + h * 0.05],
          [width * 0.66, r],
          [wall * 0.4, r + h * 0.3],
          [0, r + h * 0.36],
        ],
        'backward',
      ),
      { kind: 'circle', at: [width * 0.72, r + h * 0.2], radius: Math.min(h * 0.1, width * 0.1) },
    ],
  }
}

/** Usual washer proportions where the catalogue gives none, mm (common practice). */
const WASHER = { wallShare: 0.4, thicknessMm: 3 }
/** Height of a slotted nut over its thread, and of its crown, where the catalogue gives none. */
const NUT = { heightShare: 0.85, crownShare: 0.3 }
/** Sheet of a tab washer, mm; drawn only (common practice). */
const LOCK_WASHER_MM = 1.25
/** Length of an adapter sleeve over the bore of its bearing, drawn only (common practice). */
const SLEEVE_LENGTH_SHARE = 0.9
const CAP = { depthShare: 0.42, wallMm: 1.4, rimMm: 8 }

/** A pin through the nut, eye above, legs bent apart below. */
export function cotterPinSection(pin: number, length: number): Section {
  const [half, mid, bend] = [length / 2, pin * 1.5, pin * 1.2]
  const eye = Array.from({ length: 13 }, (_, i): [number, number] => {
    const angle = -Math.PI / 2 + (2 * Math.PI * i) / 12
    return [mid + pin * 0.9 * Math.cos(angle), half + pin * 0.9 + pin * 0.9 * Math.sin(angle)]
  })
  return {
    length: pin * 3,
    radius: half + pin * 1.8,
    shapes: [
      { kind: 'across', points: eye, thick: pin * 0.5 },
      {
        kind: 'across',
        points: [
          [mid, half],
          [mid, -half + bend],
          [mid - bend, -half],
        ],
        thick: pin * 0.5,
      },
      {
        kind: 'across',
        points: [
          [mid, -half + bend],
          [mid + bend, -half],
        ],
        thick: pin * 0.5,
      },
    ],
  }
}

/** A slotted nut, its crown to the left: outward at the left end of an axis. */
export function castleNutSection({
  threadMm,
  acrossFlatsMm,
  heightMm,
}: Pick<
  Extract<HardwareDetails, { what: 'castleNut' }>,
  'threadMm' | 'acrossFlatsMm' | 'heightMm'
>): Section {
  const length = heightMm ?? threadMm * NUT.heightShare
  const [inner, flats] = [threadMm / 2, acrossFlatsMm / 2]
  const crown = length * NUT.crownShare
  const neck = inner + (flats - inner) * 0.62
  return {
    length,
    radius: flats,
    shapes: [
      outline(
        [
          [length, inner],
          [0, inner],
          [0, neck],
          [crown, neck],
          [crown, flats],
          [length, flats],
        ],
        'forward',
      ),
    ],
  }
}

/** A pressed cap, closed to the left: outward at the left end of an axis. */
export function capSection(hubBoreMm: number): Section {
  const r = hubBoreMm / 2
  const depth = hubBoreMm * CAP.depthShare
  const [w, length] = [CAP.wallMm, depth + CAP.rimMm]
  return {
    length,
    radius: r + w * 1.5,
    shapes: [
      outline(
        [
          [length, r],
          [depth, r],
          [depth, r + w * 1.5],
          [depth - w, r + w * 1.5],
          [0, r * 0.72],
          [0, 0],
          [w, 0],
          [w, r * 0.7],
          [depth, r - w],
          [length, r - w],
        ],
        'backward',
      ),
    ],
  }
}

/** Hardware to scale along the axis. */
export function hardwareSection(h: HardwareDetails): Section {
  switch (h.what) {
    case 'washer':
      return tube(
        h.thicknessMm ?? WASHER.thicknessMm,
        h.boreMm / 2,
        (h.outsideMm ?? h.boreMm * (1 + 2 * WASHER.wallShare)) / 2,
      )
    case 'castleNut':
      return castleNutSection(h)
    case 'lockNut':
      return tube(h.heightMm, h.threadMm / 2, h.outsideMm / 2)
    case 'lockWasher':
      return tube(LOCK_WASHER_MM, h.boreMm / 2, h.outsideMm / 2, 'backward')
    case 'cotterPin':
      return cotterPinSection(h.pinMm, h.lengthMm)
    case 'cap':
      return capSection(h.hubBoreMm)
    case 'housing':
      return housingSection(h.seatMm)
    case 'adapterSleeve':
      return tube(h.bearingBoreMm * SLEEVE_LENGTH_SHARE, h.shaftMm / 2, h.bearingBoreMm / 2)
    case 'snapRing': {
      const half = h.grooveMm / 2
      const nominal = h.nominalMm / 2
      return h.kind === 'bore snap ring'
        ? tube(h.thicknessMm, nominal - 3, half)
        : tube(h.thicknessMm, half, nominal + 3)
    }
    case 'eRing':
      return tube(h.thicknessMm, h.grooveMm / 2, h.grooveMm * E_RING_OUTSIDE)
  }
}
