import type { Catalogue, HardwareDetails, Part } from '../../catalogue'
import { CAP_OFF_MM, isWithin } from '../tolerances'

/** Details of one kind of hardware. */
export type Hardware<W extends HardwareDetails['what']> = Extract<HardwareDetails, { what: W }>

/** Hardware of a catalogue by what it is, sorted out once: every place of a kit asks for some. */
const sorted = new WeakMap<Catalogue, Map<string, Part[]>>()

export function listedHardware<W extends HardwareDetails['what']>(
  catalogue: Catalogue,
  what: W,
): { part: Part; details: Hardware<W> }[] {
  let byKind = sorted.get(catalogue)
  if (!byKind) {
    byKind = new Map<string, Part[]>()
    for (const part of catalogue.parts) {
      if (!part.hardware) continue
      const kind = byKind.get(part.hardware.what)
      if (kind) kind.push(part)
      else byKind.set(part.hardware.what, [part])
    }
    sorted.set(catalogue, byKind)
  }
  return (byKind.get(what) ?? []).map((part) => ({ part, details: part.hardware as Hardware<W> }))
}

/** Caps that are pressed into a hub of this bore, mm. */
export const capsFor = (catalogue: Catalogue, hubMouthMm: number): ReturnType<typeof listedHardware<'cap'>> =>
  listedHardware(catalogue, 'cap').filter(({ details }) =>
    isWithin(details.hubBoreMm, hubMouthMm, CAP_OFF_MM),
  )
