import { writeInch, writeMm } from '../quantity'
import type { PartValue } from './partValue'

/**
 * A part as it stands on a list or an order; read back by `resolvePart`.
 * @example writePart({ kind: 'made', boreMm: 20, lengthMm: 61.5 }) // '20 bore × 61.5 long'
 */
export function writePart(value: PartValue): string {
  switch (value.kind) {
    case 'listed':
    case 'own':
    case 'byRule':
    case 'bySizes':
      return value.designation
    case 'made':
      return [
        `${writeMm(value.boreMm)} bore`,
        ...(value.outsideMm === undefined ? [] : [`${writeMm(value.outsideMm)} outside`]),
        `${writeMm(value.lengthMm)} long`,
      ].join(' × ')
    case 'sleeve':
      return `thin wear sleeve for ${writeMm(value.journalMm)} mm`
    case 'balls':
      return `ball ${writeMm(value.diameterMm)} mm (${writeInch(value.diameterMm)} in)`
    case 'text':
      return value.text
  }
}
