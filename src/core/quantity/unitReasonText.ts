import type { UnitAnswer } from './guessUnits'

/** Why a size was taken as inches or millimetres, short enough to stand under the reading. */
export function unitReasonText({ unit, reason }: UnitAnswer): string {
  const name = unit === 'in' ? 'inches' : 'millimetres'
  switch (reason) {
    case 'chosen':
      return `${name}, as set`
    case 'stated':
      return `${name}, as typed`
    case 'fraction':
      return `${name}: typed as a fraction`
    case 'fitsTheOthers':
      return `${name}: fits the other sizes`
    case 'usualSize':
      return `${name}: the usual size of such a part`
  }
}
