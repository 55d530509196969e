import { findPart } from '../catalogue'
import { writeMm } from '../quantity'
import { boreOf, outsideOf, type UnlistedKind } from './unlistedKind'

/** Hub units under a number of six figures: what the first three say. */
const HUB_UNITS: Record<string, string> = {
  '510': 'a double row ball bearing that is pressed into its knuckle',
  '512': 'a bolt-on hub unit, mostly of a rear axle',
  '513': 'a bolt-on hub unit, mostly of a front axle',
  '515': 'a bolt-on hub unit, mostly of a driven front axle of a light truck',
}

/** Cast housings by their letters: the shaft follows, in millimetres. */
const HOUSED: Record<string, string> = {
  SY: 'pillow block',
  SYJ: 'pillow block',
  PASE: 'pillow block',
  RASE: 'pillow block',
  FY: 'square flange',
  FYJ: 'square flange',
  PCJ: 'square flange',
  RCJ: 'square flange',
  FYT: 'oval flange',
  FYTB: 'oval flange',
  FYTJ: 'oval flange',
  PCJT: 'oval flange',
  RCJT: 'oval flange',
  TU: 'take-up housing',
  TUJ: 'take-up housing',
}

/** Linear ball bearings in something: what the letters say of it. */
const LINEAR: Record<string, string> = {
  LMK: 'with a square flange',
  LMH: 'with a flange cut flat on two sides',
  SC: 'in a block that is screwed on',
  SCS: 'in a block that is screwed on',
  SCE: 'in a block that is screwed on',
}

/** Numbers of units, seals, nuts and their like that are known by form. Common practice of numbering, from memory, where no standard is named. */
export const UNLISTED_UNITS: readonly UnlistedKind[] = [
  {
    form: /^(51[0235])\d{3}$/,
    says: ([, kind = '']) =>
      HUB_UNITS[kind] === undefined
        ? null
        : `It reads as a hub unit number of six figures: ${kind} is ${HUB_UNITS[kind]}. The rest counts on and tells no size: measure what it is held by, and compare bolts, lugs, pilot and sensor.`,
  },
  {
    form: /^(SYJ?|FY(?:TB|TJ|T|J)?|[PR]ASE|[PR]CJT?|TUJ?)(?:Y)?(\d{2})(?:[TWRF][FMR]|-?N)?$/,
    says: ([, letters = '', shaft]) =>
      HOUSED[letters] === undefined
        ? null
        : `It reads as an insert bearing in a ${HOUSED[letters]} for a shaft of ${shaft} mm. The insert carries its own number, on its ring or seal: identify that, and measure the spacing of the bolts.`,
  },
  {
    form: /^(?:F?SNL|SNH|SNG|SAF)5(\d\d)(?:-6\d\d)?[A-Z]*$/,
    says: ([, code = ''], catalogue) => {
      const outside = outsideOf(catalogue, `62${code}`)
      return outside === null
        ? null
        : `It reads as a split housing for an outside of ${outside} mm, such as 222${code}K or 12${code}K on a sleeve. Bearing, sleeve, seals and locating rings are ordered beside it: the shaft decides the sleeve.`
    },
  },
  {
    form: /^SNV(\d{3})[A-Z]*$/,
    says: ([, outside = '']) =>
      `It reads as a split housing for bearings of ${Number(outside)} mm outside. Bearing, sleeve and seals are ordered beside it: the shaft decides them.`,
  },
  {
    form: /^FRB(\d{1,2}(?:\.\d)?)\/(\d{2,3})[A-Z]?$/,
    says: ([, width, outside]) =>
      `It reads as a locating ring for a split housing: ${width} mm wide, beside an outer ring of ${outside} mm. It holds the locating bearing, one ring or two; the free one has none.`,
  },
  {
    form: /^(LM[KH]|SC[SE]?)(\d{1,2})(L?)UU$/,
    says: ([, letters = '', shaft = '', long], catalogue) => {
      const base = `LM${shaft}`
      const { outside, width } = findPart(catalogue, base, 'complete')?.dimensions ?? {}
      if (outside === undefined || width === undefined || LINEAR[letters] === undefined) return null
      const inside = long
        ? `its bearing is about twice as long as ${base}UU`
        : `its bearing is in the sizes of ${base}UU, ${shaft} × ${writeMm(outside)} × ${writeMm(width)} mm`
      return `It reads as a linear ball bearing ${LINEAR[letters]}: ${inside}. Measure the spacing of its screws.`
    },
  },
  {
    form: /^KB(\d\d)(\d\d)(?:PP|UU)?$/,
    says: ([, shaft = '', length = ''], catalogue) => {
      const base = `LME${shaft}`
      const { outside, width } = findPart(catalogue, base, 'complete')?.dimensions ?? {}
      return outside === undefined || width !== Number(length)
        ? null
        : `It reads as a linear ball bearing in the sizes of ${base}, ${shaft} × ${writeMm(outside)} × ${length} mm.`
    },
  },
  {
    form: /^(SI|GI|PHS|NHS|SA|GA|POS|NOS)[A-Z]*?(\d{1,2})(?:[A-Z]{1,3}|-2RS)?$/,
    says: ([, letters = '', pin]) =>
      Number(pin) < 3 || Number(pin) > 80
        ? null
        : `It reads as a rod end with ${['SI', 'GI', 'PHS', 'NHS'].includes(letters) ? 'inside' : 'outside'} thread for a pin of ${Number(pin)} mm. Measure width, thread and the length to the middle of its eye.`,
  },
  {
    form: /^V(?:-?(\d{1,3})[ASLE]|[ASLE]-?(\d{2,4}))$/,
    says: ([, before, behind]) => {
      const shaft = Number(before ?? behind)
      return shaft < 3
        ? null
        : `It reads as a V-ring: rubber that turns with a shaft of about ${shaft} mm and runs against a face. Measure the shaft, and the room from the face to what is behind it.`
    },
  },
  {
    form: /^KML(\d{2})$/,
    says: ([, size = ''], catalogue) => {
      const nut = findPart(catalogue, `KM${Number(size)}`)
      return nut?.hardware?.what === 'lockNut'
        ? `It reads as a lock nut of smaller outside; its thread is that of ${nut.base}, ${nut.hardware.thread}. Its washer is MBL${size}.`
        : null
    },
  },
  {
    form: /^HM(?:30|31)([4-9]\d)$/,
    says: ([, code = '']) =>
      `It reads as a large lock nut with trapezoidal thread of ${boreOf(code)} mm, held by a clip instead of a tab washer.`,
  },
  {
    form: /^(?:W|TW1)(\d\d)$/,
    says: ([, size = ''], catalogue) => {
      const nut = findPart(catalogue, `N${size}`)
      return nut?.hardware?.what === 'lockNut'
        ? `It reads as the tab washer of the inch lock nut ${nut.base}, thread ${nut.hardware.thread}.`
        : null
    },
  },
]
