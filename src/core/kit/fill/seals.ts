import type { Part } from '../../catalogue'
import { writeMm } from '../../quantity'
import { findSeals } from '../../seals'
import type { Slot } from '../arrangement'
import type { Filled } from '../kit'
import { sealSizesOf } from '../seats'
import { wholeBearings } from './bearings'
import { chosen, filledWith, gap, partIn, type FillContext } from './fillContext'
import { stockedFirst } from './shelf'

export function fillSeal(slot: Slot, fillContext: FillContext): Filled {
  const { shaft: sealShaft, housing: sealHousing, width } = sealSizesOf(slot, fillContext.request.sizes)
  if (sealShaft === undefined || sealHousing === undefined)
    return gap(slot, 'Measure the journal the lip runs on and the counterbore the seal sits in.')
  const found = findSeals(fillContext.context.catalogue, { shaft: sealShaft, housing: sealHousing, width })
  const [first, ...rest] = stockedFirst(slot, found.fits, ({ part }) => part.base, fillContext)
  if (first)
    return chosen(slot, first.part, fillContext, first.reason, {
      alternatives: rest.map(({ part }) => part.base),
    })
  const near = found.near.slice(0, 3)
  const why = near[0] ? ` Nearest ${near[0].part.base}: ${near[0].reason}` : ''
  return gap(
    slot,
    `No listed seal fits ${writeMm(sealShaft)} × ${writeMm(sealHousing)} mm; the next size is not close enough.${why}`,
    near.map((n) => n.part.base),
  )
}

/** A thin sleeve: the seal of the old journal still fits it. */
export function fillSleeve(slot: Slot, { request }: FillContext): Filled {
  const journal = sealSizesOf(slot, request.sizes).shaft
  if (journal === undefined) return gap(slot, 'Measure the journal beside the groove: it decides the sleeve.')
  return filledWith(
    slot,
    { kind: 'sleeve', journalMm: journal },
    'A thin one: the seal of the old journal still fits. Is the groove too deep for it, turn a thicker sleeve and take the seal for that.',
    { assumed: true },
  )
}

const anyBearing = (fillContext: FillContext): Part | undefined =>
  wholeBearings(fillContext)[0]?.filled.part ?? undefined

/** A tube, collar or wheel spacer: made over the shaft to the measured length. */
export function fillSpacer(slot: Slot, fillContext: FillContext): Filled {
  const name = slot.length ?? (slot.role === 'wheelSpacer' ? 'wheelSpacerLength' : 'spacerLength')
  const length = fillContext.request.sizes[name]
  const bore = (partIn(fillContext, slot.at) ?? anyBearing(fillContext))?.dimensions.bore
  if (length === undefined || bore === undefined)
    return gap(
      slot,
      slot.role === 'wheelSpacer'
        ? 'Measure the old spacer, or keep it where it is not grooved.'
        : slot.role === 'collar'
          ? 'Measure the old collar with its shims: it decides the play.'
          : 'Measure from inner ring to inner ring, shoulder to shoulder in the hub.',
    )
  // A wheel spacer is the journal its seal runs on.
  const seal = fillContext.arrangement.slots.find((s) => s.role === 'seal' && s.side === slot.side)
  const journal =
    slot.role === 'wheelSpacer' && seal ? sealSizesOf(seal, fillContext.request.sizes).shaft : undefined
  return filledWith(
    slot,
    {
      kind: 'made',
      boreMm: bore,
      lengthMm: length,
      ...(journal !== undefined && journal > bore && { outsideMm: journal }),
    },
    `Made to length; ends square and without burr.${journal === undefined ? '' : ' Its outside is the journal of the seal: smooth, no groove.'}`,
  )
}
