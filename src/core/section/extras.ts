import { block, type Section, type Shape } from './shape'

/** What options of a number change in the drawing. */
export interface SectionOptions {
  /** taper of the bore over the diameter, 12 for 1:12 */
  taper?: number | undefined
  groove?: 'groove' | 'grooveAndRing' | undefined
}

/** By the value of the token; other grooves are slots that a section does not show. */
const TAPERS: Readonly<Record<string, number>> = { '1:12': 12, '1:30': 30 }
const GROOVES: Readonly<Record<string, SectionOptions['groove']>> = { N: 'groove', NR: 'grooveAndRing' }

/** What the options of a number say of bore and groove, for the drawing. */
export function drawnOptions(options: readonly { kind: string; value: string }[]): SectionOptions {
  const valueOf = (kind: string): string => options.find((option) => option.kind === kind)?.value ?? ''
  const taper = TAPERS[valueOf('taperBore')]
  const groove = GROOVES[valueOf('groove')]
  return { ...(taper && { taper }), ...(groove && { groove }) }
}

const SAME = 1e-6
/** Snap ring groove: place, width and depth as shares of the ring, height of the ring over the outside (common practice). */
const GROOVE = { at: 0.16, width: 0.09, depthShare: 0.09, ringShare: 0.16 }
/** Thickness of the flange over the ring width (common practice). */
const FLANGE_SHARE = 0.18

/** A bore that grows along the axis: its small end is the nominal one. */
export function tapered(section: Section, bore: number, taper: number): Section {
  const inner = bore / 2
  const shapes = section.shapes.map((shape): Shape =>
    shape.kind === 'outline'
      ? {
          ...shape,
          points: shape.points.map(([a, r]) =>
            Math.abs(r - inner) < SAME ? ([a, r + a / (2 * taper)] as const) : ([a, r] as const),
          ),
        }
      : shape,
  )
  return { ...section, shapes }
}

/** A snap ring groove near one face of the outer ring, with its ring when the number says so. */
export function grooved(
  section: Section,
  bore: number,
  outside: number,
  kind: NonNullable<SectionOptions['groove']>,
): Section {
  const [wall, outer] = [(outside - bore) / 2, outside / 2]
  const from = section.length * GROOVE.at
  const to = from + section.length * GROOVE.width
  const bottom = outer - wall * GROOVE.depthShare
  const ring = outer + wall * GROOVE.ringShare
  const shape =
    kind === 'groove' ? block(from, to, bottom, outer, 'none') : block(from, to, bottom, ring, 'forward')
  return {
    ...section,
    radius: kind === 'groove' ? section.radius : ring,
    shapes: [...section.shapes, shape],
  }
}

/** A flange on one face of the outer ring. */
export function flanged(section: Section, outside: number, flangeOutside: number): Section {
  const [outer, flange] = [outside / 2, flangeOutside / 2]
  const thick = section.length * FLANGE_SHARE
  return {
    ...section,
    radius: flange,
    shapes: [...section.shapes, block(0, thick, outer, flange, 'backward')],
  }
}
