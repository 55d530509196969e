import type { Part } from '../../catalogue'
import { writeMm } from '../../quantity'
import { findSeals } from '../../seals'
import type { Slot } from '../arrangement'
import type { Filled } from '../kit'
import { sealSizesOf } from '../seats'
import { chosen, gap, isBearing, made, partIn, type Bench } from './bench'
import { shelfWords, stockedFirst } from './shelf'

export function fillSeal(slot: Slot, bench: Bench): Filled {
  const { shaft: sealShaft, housing: sealHousing, width } = sealSizesOf(slot, bench.request.sizes)
  if (sealShaft === undefined || sealHousing === undefined)
    return gap(slot, 'Measure the journal the lip runs on and the counterbore the seal sits in.')
  const found = findSeals(bench.language.catalogue, { shaft: sealShaft, housing: sealHousing, width })
  const [first, ...rest] = stockedFirst(found.fits, ({ part }) => part.base, bench)
  if (first)
    return chosen(slot, first.part, first.words + shelfWords(first.part.base, bench), {
      alternatives: rest.map(({ part }) => part.base),
    })
  const near = found.near.slice(0, 3)
  const why = near[0] ? ` Nearest ${near[0].part.base}: ${near[0].words}` : ''
  return gap(
    slot,
    `No listed seal fits ${writeMm(sealShaft)} × ${writeMm(sealHousing)} mm; the next size is not close enough.${why}`,
    near.map((n) => n.part.base),
  )
}

/** A thin sleeve: the seal of the old journal still fits it. */
export function fillSleeve(slot: Slot, { request }: Bench): Filled {
  const journal = sealSizesOf(slot, request.sizes).shaft
  if (journal === undefined) return gap(slot, 'Measure the journal beside the groove: it decides the sleeve.')
  return {
    ...made(
      slot,
      `thin wear sleeve for ${writeMm(journal)} mm`,
      'A thin one: the seal of the old journal still fits. Is the groove too deep for it, turn a thicker sleeve and take the seal for that.',
    ),
    assumed: true,
  }
}

const anyBearing = ({ arrangement, filled }: Bench): Part | undefined =>
  arrangement.slots.flatMap(({ id, role }) => (isBearing(role) ? (filled.get(id)?.part ?? []) : []))[0]

export function fillSpacer(slot: Slot, bench: Bench): Filled {
  const name = slot.length ?? (slot.role === 'spacerTube' ? 'spacerLength' : 'wheelSpacerLength')
  const length = bench.request.sizes[name]
  const bore = (partIn(bench, slot.at) ?? anyBearing(bench))?.dimensions.bore
  if (length === undefined || bore === undefined)
    return gap(
      slot,
      slot.role === 'spacerTube'
        ? 'Measure from inner ring to inner ring, shoulder to shoulder in the hub.'
        : 'Measure the old spacer, or keep it where it is not grooved.',
    )
  return made(
    slot,
    `${writeMm(bore)} bore × ${writeMm(length)} long`,
    'Made to length; ends square and without burr.',
  )
}
