import { howMany } from '../catalogue'
import type { SlotRole } from './roles'

/** Places that take several of a kind; in front of the sizes of a tube or of loose balls a figure is no count. */
const COUNTED: ReadonlySet<SlotRole> = new Set([
  'washer',
  'plainWasher',
  'castleNut',
  'clampNut',
  'clampScrew',
  'ringNut',
  'lockingRingNut',
  'jamNut',
  'axleNut',
  'tabWasher',
  'nutLock',
  'wheelNuts',
  'studs',
  'bolts',
  'lockNut',
  'lockWasher',
  'setScrews',
  'cotterPin',
  'cap',
  'snapRing',
  'retainer',
  'shims',
  'plain',
])

/**
 * What was typed for a place of hardware, without how many are asked for.
 * @returns no pieces where the text says none, and for bearings and seals, of which a place takes one
 * @example countedText('bolts', '4 x M12x45') // { text: 'M12x45', pieces: 4 }
 */
export function countedText(role: SlotRole, text: string): { text: string; pieces?: number } {
  const said = COUNTED.has(role) ? howMany(text) : null
  return said ? { text: said.rest, pieces: said.count } : { text }
}
