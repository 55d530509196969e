import { useId } from 'react'
import type { HousingDetails } from '@/core/catalogue'
import { writeInchFixed, writeMmFixed, type LengthUnit } from '@/core/quantity'
import * as texts from '@/texts/ui'
import { DimensionLine } from './DimensionLine'
import { HatchDefs } from './HatchDefs'
import { writeTaken } from './writeTaken'

/** Figure space; the face is scaled into it with room for dimension lines. */
const WIDTH = 386
const HEIGHT = 300
const ROOM = { side: 58, top: 44, bottom: 44 }

/** Of the seat: how wide the casting is around it; of the centre height: how thick the foot is (drawing only). */
const AROUND_SEAT = 1.3
const FOOT_SHARE = 0.36
/** Diameter of a bolt hole as a share of the bolt spacing where no bolt is listed (drawing only). */
const HOLE_SHARE = 0.12

interface Props {
  housing: HousingDetails
  designation: string
  unit: LengthUnit
  /** of the shaft, mm */
  bore?: number | undefined
  /** what was measured of it, mm */
  measured?: Partial<Record<'boltSpacing' | 'centreHeight' | 'railSpacing', number | undefined>>
}

/** Housings on a foot. */
const BLOCKS: ReadonlySet<string> = new Set([texts.pillowBlock, texts.plummerBlock])
/** A take-up is so much higher than its rails are apart (drawing only). */
const OVER_RAILS = 1.16

/** Points of the bolts around the shaft, mm. */
function boltsOf({ kind, boltSpacingMm: spacing }: HousingDetails): (readonly [number, number])[] {
  if (spacing === undefined) return []
  const half = spacing / 2
  if (kind === 'oval flange' || BLOCKS.has(kind))
    return [
      [-half, 0],
      [half, 0],
    ]
  const away = kind === 'square flange' ? half : half * Math.SQRT1_2
  return [
    [-away, -away],
    [away, -away],
    [-away, away],
    [away, away],
  ]
}

/** Outline of an oval flange: two eyes, joined by tangents to the round middle. */
function oval(length: number, spacing: number, middle: number): string {
  const eye = (length - spacing) / 2
  const centre = spacing / 2
  // Where the common tangent touches: its slope follows from the two radii.
  const sine = Math.min(1, (middle - eye) / centre)
  const cosine = Math.sqrt(1 - sine ** 2)
  const [mx, my] = [middle * sine, middle * cosine]
  const [ex, ey] = [centre + eye * sine, eye * cosine]
  return [
    `M${-mx} ${-my}A${middle} ${middle} 0 0 1 ${mx} ${-my}L${ex} ${-ey}`,
    `A${eye} ${eye} 0 0 1 ${ex} ${ey}L${mx} ${my}`,
    `A${middle} ${middle} 0 0 1 ${-mx} ${my}L${-ex} ${ey}`,
    `A${eye} ${eye} 0 0 1 ${-ex} ${-ey}Z`,
  ].join('')
}

/** Outline of the casting around the shaft at 0, mm, y down. */
function outlineOf({ kind, seatMm, lengthMm, centreHeightMm = 0, ...h }: HousingDetails): string {
  const { boltSpacingMm = lengthMm, railSpacingMm = seatMm } = h
  const [half, round] = [lengthMm / 2, (seatMm * AROUND_SEAT) / 2]
  switch (kind) {
    case 'pillow block':
    case 'plummer block': {
      const foot = centreHeightMm * FOOT_SHARE
      const top = centreHeightMm - foot
      const at = Math.sqrt(Math.max(0, round ** 2 - Math.min(top, round) ** 2))
      return `M${-half} ${centreHeightMm}V${top}H${-Math.max(at, round * 0.72)}A${round} ${round} 0 1 1 ${Math.max(at, round * 0.72)} ${top}H${half}V${centreHeightMm}Z`
    }
    case 'square flange': {
      const corner = (lengthMm - boltSpacingMm) / 2
      const side = half - corner
      return `M${-side} ${-half}H${side}A${corner} ${corner} 0 0 1 ${half} ${-side}V${side}A${corner} ${corner} 0 0 1 ${side} ${half}H${-side}A${corner} ${corner} 0 0 1 ${-half} ${side}V${-side}A${corner} ${corner} 0 0 1 ${-side} ${-half}Z`
    }
    case 'oval flange':
      return oval(lengthMm, boltSpacingMm, Math.min(round, half))
    case 'take-up': {
      const high = (railSpacingMm * OVER_RAILS) / 2
      return `M${-half} ${-high}H${half}V${high}H${-half}Z`
    }
    case 'round flange':
      return `M${-half} 0A${half} ${half} 0 1 1 ${half} 0A${half} ${half} 0 1 1 ${-half} 0Z`
  }
}

/** A housing seen along the shaft, to scale: bolts or rails, length and the height of the shaft; the measured in amber. */
export function HousingFigure({ housing, designation, unit, bore, measured = {} }: Props) {
  const id = useId().replace(/[^a-zA-Z0-9]/g, '')
  const { kind, seatMm, lengthMm, boltSpacingMm, centreHeightMm, railSpacingMm } = housing
  const write = unit === 'mm' ? writeMmFixed : writeInchFixed
  const taken = (mm: number | undefined) => (mm === undefined ? undefined : writeTaken(mm, unit))
  const isBlock = BLOCKS.has(kind)
  const isFlat = isBlock || kind === 'oval flange'
  const round = (seatMm * AROUND_SEAT) / 2
  const above = isFlat ? round : railSpacingMm ? (railSpacingMm * OVER_RAILS) / 2 : lengthMm / 2
  const below = isBlock ? (centreHeightMm ?? round) : above
  const scale = Math.min(
    (WIDTH - 2 * ROOM.side) / lengthMm,
    (HEIGHT - ROOM.top - ROOM.bottom) / (above + below),
  )
  const [cx, cy] = [
    WIDTH / 2,
    ROOM.top + above * scale + (HEIGHT - ROOM.top - ROOM.bottom - (above + below) * scale) / 2,
  ]
  const x = (mm: number): number => cx + mm * scale
  const y = (mm: number): number => cy + mm * scale
  const hole = (boltSpacingMm ?? 0) * HOLE_SHARE
  const bolts = boltsOf(housing)
  // The spacing of four in a circle is its diameter: told across the picture, where the circle is widest.
  const reach = (boltSpacingMm ?? 0) / 2
  const boltsY = isBlock ? (centreHeightMm ?? 0) : kind === 'square flange' ? reach : 0
  const spacingY = y(below) + 26
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="h-full w-full"
      role="img"
      aria-label={texts.seenAlongTheShaft(designation, kind)}
    >
      <HatchDefs id={id} />
      <g transform={`translate(${cx} ${cy}) scale(${scale})`} strokeWidth={1.6 / scale}>
        <path d={outlineOf(housing)} fill={`url(#${id}-forward)`} stroke="var(--ink)" />
        {/* A plummer block is split at the height of the shaft. */}
        {kind === 'plummer block' && <path d={`M${-round * 1.25} 0H${round * 1.25}`} stroke="var(--ink)" />}
        <circle r={seatMm / 2} fill="var(--sheet)" stroke="var(--ink)" />
        {bore !== undefined && <circle r={bore / 2} fill="var(--paper)" stroke="var(--ink)" />}
        {kind === 'round flange' && (
          <circle
            r={reach}
            fill="none"
            stroke="var(--ink3)"
            strokeWidth={1.2 / scale}
            strokeDasharray={`${16 / scale} ${4 / scale} ${3 / scale} ${4 / scale}`}
          />
        )}
        {isBlock
          ? // Holes of a foot are hidden behind its front.
            bolts.map(([at]) =>
              [-1, 1].map((side) => (
                <path
                  key={`${at} ${side}`}
                  d={`M${at + (side * hole) / 2} ${below - below * FOOT_SHARE}V${below}`}
                  stroke="var(--ink2)"
                  strokeWidth={1.2 / scale}
                  strokeDasharray={`${4 / scale} ${3 / scale}`}
                />
              )),
            )
          : bolts.map(([bx, by]) => (
              <circle
                key={`${bx} ${by}`}
                cx={bx}
                cy={by}
                r={hole / 2}
                fill="var(--paper)"
                stroke="var(--ink)"
              />
            ))}
      </g>
      <path
        d={`M14 ${cy}H${WIDTH - 14}M${cx} ${y(-above) - 8}V${y(below) + 8}`}
        stroke="var(--ink3)"
        strokeDasharray="16 4 3 4"
      />
      {boltSpacingMm !== undefined && (
        <>
          {[-reach, reach].map((mm) => (
            <path key={mm} d={`M${x(mm)} ${y(boltsY)}V${spacingY + 6}`} stroke="var(--hatch)" />
          ))}
          <DimensionLine
            id={id}
            from={[x(-reach), spacingY]}
            to={[x(reach), spacingY]}
            text={`${kind === 'round flange' ? '⌀' : ''}${write(boltSpacingMm)}`}
            measured={taken(measured.boltSpacing)}
          />
        </>
      )}
      {railSpacingMm !== undefined && (
        <>
          {[-railSpacingMm / 2, railSpacingMm / 2].map((mm) => (
            <path
              key={mm}
              d={`M${x(-lengthMm / 2)} ${y(mm)}H${WIDTH - 20}`}
              stroke="var(--hatch)"
              strokeDasharray="4 3"
            />
          ))}
          <DimensionLine
            id={id}
            from={[WIDTH - 26, y(-railSpacingMm / 2)]}
            to={[WIDTH - 26, y(railSpacingMm / 2)]}
            text={write(railSpacingMm)}
            measured={taken(measured.railSpacing)}
          />
        </>
      )}
      {[-lengthMm / 2, lengthMm / 2].map((mm) => (
        <path key={mm} d={`M${x(mm)} ${y(isBlock ? below : 0)}V22`} stroke="var(--hatch)" />
      ))}
      <DimensionLine
        id={id}
        from={[x(-lengthMm / 2), 28]}
        to={[x(lengthMm / 2), 28]}
        text={write(lengthMm)}
      />
      {centreHeightMm !== undefined && (
        <>
          <path d={`M${x(lengthMm / 2)} ${y(below)}H${WIDTH - 20}`} stroke="var(--hatch)" />
          <DimensionLine
            id={id}
            from={[WIDTH - 26, cy]}
            to={[WIDTH - 26, y(below)]}
            text={write(centreHeightMm)}
            measured={taken(measured.centreHeight)}
          />
        </>
      )}
    </svg>
  )
}
