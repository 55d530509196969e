import { knownPart, type KnownPart } from '../part'
import { partSection, shifted, tubeSection, turned, type Section, type Shape } from '../section'
import type { Arrangement, Slot } from './arrangement'
import type { Kit, KitLine, LineState } from './kit'
import type { Around } from './roleOutlines'
import { isWholeBearing, ROLES } from './roles'

/** One part of the exploded view, in place along the axis. */
export interface DrawnPart {
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
  parts: DrawnPart[]
  /** what is not ours, drawn plain: hub, housing, knuckle */
  hub: { label: string; from: number; length: number; shapes: readonly Shape[] }
  length: number
  radius: number
}

/** Air between parts, and room beside the hub, mm. */
const AIR = 9
const BESIDE_HUB = 12
/** Diameters where nothing is known at all, mm. */
const UNKNOWN: Around = { bore: 25, outside: 52 }
/** Wall of a spacer tube over the room between bore and outside (common practice). */
const TUBE_WALL = 0.14

/** Diameters around a place: those of its own part and its neighbours, else of any bearing of the kit. */
function around(slot: Slot, found: ReadonlyMap<string, KnownPart>): Around {
  const near = [slot.id, slot.mate, slot.at, slot.like].filter((id) => id !== undefined)
  const pick = (name: 'bore' | 'outside') =>
    [...near, ...found.keys()].flatMap((id) => found.get(id)?.part.dimensions[name] ?? [])[0] ?? UNKNOWN[name]
  return { bore: pick('bore'), outside: pick('outside') }
}

/** A row of loose balls on its circle. */
const ballsSection = (diameter: number, circle: number): Section => ({
  length: diameter,
  radius: circle + diameter,
  shapes: [{ kind: 'circle', at: [diameter / 2, circle + diameter / 2], radius: diameter / 2 }],
})

/** What is drawn to scale: the part as it was resolved, never read from its text again. */
function drawnToScale({ value }: KitLine, { bore, outside }: Around): Section | null {
  switch (value?.kind) {
    case 'made':
      return tubeSection(
        value.lengthMm,
        value.boreMm / 2,
        value.outsideMm === undefined
          ? value.boreMm / 2 + Math.max(2, (outside - bore) * TUBE_WALL)
          : value.outsideMm / 2,
      )
    case 'balls':
      return ballsSection(value.diameterMm, bore / 2)
    case 'listed':
    case 'own':
    case 'byRule':
    case 'bySizes':
      return partSection(value.part, value.closure, {
        ...(value.taper !== null && { taper: value.taper }),
        ...(value.groove !== null && { groove: value.groove }),
      })
    default:
      return null
  }
}

/** @param behindHub whether it stands right of the hub; null where there is none */
function sectionOf(
  slot: Slot,
  line: KitLine,
  sizes: Around,
  behindHub: boolean | null,
): { section: Section; guessed: boolean } | null {
  const { outline, facesOut } = ROLES[slot.role]
  const drawn = drawnToScale(line, sizes)
  const section = drawn ?? outline?.(sizes)
  if (!section) return null
  const isRight =
    slot.side === undefined ? facesOut && behindHub : slot.side === 'outer' || slot.side === 'right'
  return { section: isRight ? turned(section) : section, guessed: drawn === null }
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
 * outline of usual proportions. Grease and what is only looked at have no outline.
 */
export function explodedView({ slots, hub: label, hubAfter }: Arrangement, kit: Kit): ExplodedView {
  const found = new Map(
    kit.lines.flatMap((line) => {
      const value = knownPart(line.value)
      return value ? [[line.slot, value] as const] : []
    }),
  )
  const seated = (slot: Slot | undefined): number | undefined => slot && around(slot, found).outside
  const holds = ({ role }: Slot): boolean => isWholeBearing(role) || role === 'cup'
  const parts: DrawnPart[] = []
  let at = 0
  let hub: ExplodedView['hub'] = { label, from: 0, length: 0, shapes: [] }
  let radius = 0
  const hubAt = slots.findIndex(({ id }) => id === hubAfter)
  slots.forEach((slot, index) => {
    const line = kit.lines.find((l) => l.slot === slot.id)
    const drawn = line && sectionOf(slot, line, around(slot, found), hubAt < 0 ? null : index > hubAt)
    if (line && drawn) {
      const { section, guessed } = drawn
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
    const left = seated(slots.slice(0, index + 1).findLast(holds))
    const right = seated(slots.slice(index + 1).find(holds))
    const made = hubShapes(left ?? right ?? UNKNOWN.outside, right ?? left ?? UNKNOWN.outside)
    at += BESIDE_HUB
    hub = { label, from: at, length: made.length, shapes: shifted(made.shapes, at) }
    radius = Math.max(radius, made.radius)
    at += made.length + BESIDE_HUB + AIR
  })
  return { parts, hub, length: Math.max(0, at - AIR), radius }
}
