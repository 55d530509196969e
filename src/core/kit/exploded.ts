import { findPart, type Part } from '../catalogue'
import { decode, OPEN, type Closure, type Language } from '../designation'
import {
  coneSection,
  cupSection,
  partSection,
  sealSection,
  shifted,
  tubeSection,
  turned,
  type Section,
  type Shape,
} from '../section'
import { ARRANGEMENTS, type Slot } from './arrangement'
import type { Kit, KitLine, LineState } from './kit'

/** One part of the exploded view, in place along the axis. */
export interface PlacedPart {
  slot: string
  /** number of the balloon and of the line */
  balloon: number
  state: LineState
  /** along the axis, mm from the left end of the drawing */
  from: number
  length: number
  radius: number
  shapes: readonly Shape[]
  /** proportions are usual ones: the part is not known or not in the catalogue */
  guessed: boolean
}

export interface ExplodedView {
  parts: PlacedPart[]
  /** what is not ours, drawn plain */
  hub: { from: number; length: number; shapes: readonly Shape[] }
  length: number
  radius: number
}

/** Air between parts, and room beside the hub, mm. */
const AIR = 9
const BESIDE_HUB = 12
/** Sizes for the outline of parts nobody has named yet, mm. */
const UNKNOWN = { bore: 25, outside: 52, length: 12, wheelSpacer: 12, tube: 40 }

interface Sizes {
  bore: number
  outside: number
}

/** Diameters around a place: those of its bearing, else of any bearing of the kit. */
function sizesAt(slot: Slot, found: ReadonlyMap<string, Part>): Sizes {
  const side = slot.side ?? (slot.id === 'seal' || slot.id === 'wearSleeve' ? 'inner' : 'outer')
  const near =
    side === 'inner' || side === 'outer' ? [`${side}Cone`, `${side}Cup`] : ['bearingLeft', 'bearingRight']
  const pick = (name: 'bore' | 'outside') =>
    [...near, ...found.keys()].flatMap((id) => found.get(id)?.dimensions[name] ?? [])[0] ?? UNKNOWN[name]
  return { bore: pick('bore'), outside: pick('outside') }
}

function guessedSection(slot: Slot, { bore, outside }: Sizes): Section {
  switch (slot.role) {
    case 'cone':
      return coneSection(bore, (outside - bore) * 0.62, outside)
    case 'cup':
      return cupSection(outside, (outside - bore) * 0.45, bore)
    case 'seal':
      return sealSection(bore * 1.12, outside * 1.05, 8)
    case 'wearSleeve':
      return tubeSection(UNKNOWN.length, bore / 2, bore / 2 + 1)
    case 'castleNut':
      return tubeSection(bore * 0.7, bore * 0.44, bore * 0.7)
    case 'washer':
      return tubeSection(3, bore * 0.45, bore * 0.85)
    case 'cotterPin':
      return tubeSection(4, 0.2, bore * 0.8)
    case 'cap':
      return tubeSection(outside * 0.4, outside * 0.36, outside / 2)
    case 'snapRing':
      return tubeSection(2, outside / 2 - 3, outside / 2 + 1)
    case 'spacerTube':
      return tubeSection(UNKNOWN.tube, bore / 2, bore / 2 + (outside - bore) * 0.14)
    case 'wheelSpacer':
      return tubeSection(UNKNOWN.wheelSpacer, bore / 2, bore / 2 + (outside - bore) * 0.18)
    case 'ballBearing':
    case 'grease':
      return tubeSection(UNKNOWN.length, bore / 2, outside / 2)
  }
}

/** Spacers are made to length: their designation ends in it. */
function spacerLength(line: KitLine): number | null {
  const match = /×\s*([\d.]+)\s*long/.exec(line.designation)
  return match ? Number(match[1]) : null
}

function sectionOf(
  slot: Slot,
  line: KitLine,
  part: Part | undefined,
  closure: Closure,
  sizes: Sizes,
): { section: Section; guessed: boolean } {
  const drawn = part ? partSection(part, closure) : null
  const length = spacerLength(line)
  const guessed = guessedSection(slot, sizes)
  if (slot.role === 'spacerTube' && length)
    return {
      section: tubeSection(length, sizes.bore / 2, sizes.bore / 2 + (sizes.outside - sizes.bore) * 0.14),
      guessed: false,
    }
  const section = drawn ?? guessed
  return {
    section: slot.side === 'outer' || slot.side === 'right' ? turned(section) : section,
    guessed: drawn === null,
  }
}

/** Half-section of the hub between its bearings: seats at both ends, a plain bore between. */
function hubShapes(left: number, right: number): { length: number; shapes: Shape[]; radius: number } {
  const length = Math.max(40, (left + right) * 0.42)
  const step = length * 0.24
  const [a, b] = [left / 2, right / 2]
  const bore = Math.min(a, b) * 0.86
  const radius = Math.max(a, b) * 1.3
  return {
    length,
    radius,
    shapes: [
      {
        kind: 'outline',
        hatch: 'none',
        points: [
          [0, a],
          [step, a],
          [step, bore],
          [length - step, bore],
          [length - step, b],
          [length, b],
          [length, b * 1.18],
          [length * 0.62, b * 1.18],
          [length * 0.5, radius],
          [length * 0.34, radius],
          [length * 0.28, a * 1.18],
          [0, a * 1.18],
        ],
      },
    ],
  }
}

/**
 * Places the parts of a kit along the axis in fitting order, to scale, with the hub where it belongs. Gaps get an
 * outline of usual proportions. Grease has no outline.
 */
export function explodedView(kit: Kit, language: Language): ExplodedView {
  const { slots, hubAfter } = ARRANGEMENTS[kit.arrangement]
  const readings = new Map(kit.lines.map((line) => [line.slot, decode(line.designation, language)[0]]))
  const found = new Map(
    kit.lines.flatMap((line) => {
      const piece = /Cone$/.test(line.slot) ? 'cone' : /Cup$/.test(line.slot) ? 'cup' : undefined
      const part = findPart(language.catalogue, line.designation, piece) ?? readings.get(line.slot)?.part
      return part && line.designation ? [[line.slot, part] as const] : []
    }),
  )
  const parts: PlacedPart[] = []
  let at = 0
  let hub: ExplodedView['hub'] = { from: 0, length: 0, shapes: [] }
  let radius = 0
  slots.forEach((slot) => {
    const line = kit.lines.find((l) => l.slot === slot.id)
    if (line && slot.role !== 'grease') {
      const sizes = sizesAt(slot, found)
      const { section, guessed } = sectionOf(
        slot,
        line,
        found.get(slot.id),
        readings.get(slot.id)?.closure ?? OPEN,
        sizes,
      )
      const balloon = kit.lines.indexOf(line) + 1
      parts.push({
        slot: slot.id,
        balloon,
        state: line.state,
        from: at,
        length: section.length,
        radius: section.radius,
        shapes: shifted(section.shapes, at),
        guessed,
      })
      radius = Math.max(radius, section.radius)
      at += section.length + AIR
    }
    if (slot.id !== hubAfter) return
    const left = sizesAt({ ...slot, side: kit.arrangement === 'A1' ? 'inner' : 'left' }, found).outside
    const right = sizesAt({ ...slot, side: kit.arrangement === 'A1' ? 'outer' : 'right' }, found).outside
    const made = hubShapes(left, right)
    at += BESIDE_HUB
    hub = { from: at, length: made.length, shapes: shifted(made.shapes, at) }
    radius = Math.max(radius, made.radius)
    at += made.length + BESIDE_HUB + AIR
  })
  return { parts, hub, length: Math.max(0, at - AIR), radius }
}
