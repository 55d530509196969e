import { writeInchFixed } from '../../quantity'
import { HUB_ATTACHMENT_LABELS, HUB_BARE } from '../attachments'
import type { Driven, DrawnUp, MinMax, NoHeat, Pressed, RingPressed } from '../driven'
import { inBoth } from '../facts'

const sleeve = ({ sleeve: of, ring }: Pressed): string =>
  of === null
    ? 'By hand'
    : `Sleeve on the ${ring} ring, ${inBoth(of.insideMm)} inside, ${inBoth(of.outsideMm)} outside`

function pressed(press: Pressed): string {
  const { overAxle, forceKn, rod, hub } = press
  const over = overAxle ? ', over the axle that is in: open through, deeper than the axle stands out' : ''
  const force = forceKn > 0 ? `, up to about ${forceKn.toFixed(1)} kN` : ''
  const drawn = rod
    ? ` (or ${rod.thread} rod through this sleeve, its far washer on the ${hub}, wider than ${inBoth(rod.overMm)})`
    : ''
  return `${sleeve(press)}${over}${force}${drawn}`
}

const noHeat = (why: NoHeat): string =>
  'on' in why
    ? `on or in the hub: ${why.on.map((a) => HUB_ATTACHMENT_LABELS[a]).join(', ')}`
    : `a bearing is in this ${why.bearingIn} already`

/** What a ring is driven in with. */
export function drivenTool(driven: Driven): string {
  switch (driven.how) {
    case 'unknown':
      return ''
    case 'slides':
      return 'By hand: a slide fit, a film of oil'
    case 'pressed':
      return pressed(driven.press)
    case 'no heat':
      return `No heat, ${noHeat(driven.why)}. ${pressed(driven.press)}`
    case 'in the same heat':
      return `In the same heat as the one before it. Else: ${pressed(driven.press)}`
    case 'heated':
      return `${driven.advice}${driven.sayBare ? ` ${HUB_BARE}` : ''} Else: ${pressed(driven.press)}`
  }
}

/** What follows a ring that went in by the heat of its hub. */
export function untilCold(driven: Driven): string {
  const cools = 'cools' in driven ? driven.cools : null
  return cools === null
    ? ''
    : ` After heat hold it seated until the ${cools} is cool, then measure the depth.`
}

/** Which ring the force goes through. */
export const RING_PRESSED: Record<RingPressed, string> = {
  unknown: 'Press only on the ring that is tight, never on the seal.',
  both: 'Both rings are tight: press on both together with a flat plate.',
  inner: 'Press only on the inner ring.',
  outer: 'Press only on the outer ring, never on the seal.',
  slides: 'Slides on by hand; if it does not, find out why.',
}

const range = ({ min, max }: MinMax, digits: number): string =>
  `${min.toFixed(digits)} to ${max.toFixed(digits)} mm (${writeInchFixed(min)} to ${writeInchFixed(max)} in)`

/** How far a bearing is drawn up on its sleeve. */
export function drawnUpText(drawnUp: DrawnUp): string {
  switch (drawnUp.by) {
    case 'swivelling':
      return 'drawn up until the outer ring still swivels freely and turns without catching; the maker gives the way.'
    case 'clearance':
      return `drawn up, measuring under an unloaded roller, until the radial clearance has dropped by ${range(drawnUp.reduction, 3)}, about ${range(drawnUp.axial, 2)} along the shaft; a guide, the maker's table rules.`
    case 'table':
      return "drawn up, measuring, until the clearance has dropped as the maker's table says."
  }
}
