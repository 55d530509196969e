import { findPart, type Part } from '../catalogue'
import { OPEN, readClean, type Closure, type Language } from '../designation'
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
import type { Arrangement, Slot } from './arrangement'
import { isBearing } from './fill'
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

/** Diameters around a place: those of its own part and its neighbours, else of any bearing of the kit. */
function sizesAt(slot: Slot, found: ReadonlyMap<string, Part>): Sizes {
  const near = [slot.id, slot.mate, slot.at, slot.like].filter((id) => id !== undefined)
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
    case 'lockNut':
      return tubeSection(bore * 0.25, bore / 2, bore * 0.72)
    case 'lockWasher':
      return tubeSection(1.5, bore / 2, bore * 0.7)
    case 'balls':
      return tubeSection(7, bore / 2, bore / 2 + 7)
    case 'plain':
      return tubeSection(8, bore * 0.45, bore * 0.5 + (outside - bore) * 0.25)
    case 'ballBearing':
    case 'bearing':
    case 'insert':
    case 'hubUnit':
    case 'check':
    case 'consumable':
    case 'grease':
      return tubeSection(UNKNOWN.length, bore / 2, outside / 2)
  }
}

/** Spacers are made to length: their designation ends in it. */
function spacerLength(line: KitLine): number | null {
  const match = /×\s*([\d.]+)\s*long/.exec(line.designation)
  return match ? Number(match[1]) : null
}

/** A row of loose balls on its circle. */
const ballsSection = (diameter: number, circle: number): Section => ({
  length: diameter,
  radius: circle + diameter,
  shapes: [{ kind: 'circle', at: [diameter / 2, circle + diameter / 2], radius: diameter / 2 }],
})

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
  const balls = /^ball ([\d.]+) mm/.exec(line.designation)?.[1]
  if (balls) return { section: ballsSection(Number(balls), sizes.bore / 2), guessed: false }
  if ((slot.role === 'spacerTube' || slot.role === 'wheelSpacer') && length)
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

/** Nothing to draw: what is only looked at, or comes from a tin. */
const NOT_DRAWN: ReadonlySet<Slot['role']> = new Set(['grease', 'check', 'consumable'])

/**
 * Places the parts of a kit along the axis in fitting order, to scale, with the hub where it belongs. Gaps get an
 * outline of usual proportions. Grease and what is only looked at have no outline.
 */
export function explodedView({ slots, hubAfter }: Arrangement, kit: Kit, language: Language): ExplodedView {
  const readings = new Map(kit.lines.map((line) => [line.slot, readClean(line.designation, language)]))
  const found = new Map(
    kit.lines.flatMap((line) => {
      const role = slots.find(({ id }) => id === line.slot)?.role
      const piece = role === 'cone' || role === 'cup' ? role : undefined
      const part = findPart(language.catalogue, line.designation, piece) ?? readings.get(line.slot)?.part
      return part && line.designation ? [[line.slot, part] as const] : []
    }),
  )
  const seated = (slot: Slot | undefined): number | undefined => slot && sizesAt(slot, found).outside
  const holds = (slot: Slot): boolean => isBearing(slot.role) || slot.role === 'cup'
  const parts: PlacedPart[] = []
  let at = 0
  let hub: ExplodedView['hub'] = { from: 0, length: 0, shapes: [] }
  let radius = 0
  slots.forEach((slot, place) => {
    const line = kit.lines.find((l) => l.slot === slot.id)
    if (line && !NOT_DRAWN.has(slot.role)) {
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
    const left = seated(slots.slice(0, place + 1).findLast(holds))
    const right = seated(slots.slice(place + 1).find(holds))
    const made = hubShapes(left ?? right ?? UNKNOWN.outside, right ?? left ?? UNKNOWN.outside)
    at += BESIDE_HUB
    hub = { from: at, length: made.length, shapes: shifted(made.shapes, at) }
    radius = Math.max(radius, made.radius)
    at += made.length + BESIDE_HUB + AIR
  })
  return { parts, hub, length: Math.max(0, at - AIR), radius }
}
