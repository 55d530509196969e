import { useId } from 'react'
import type { Closure } from '@/core/designation'
import { writeInchFixed, writeMmFixed, type LengthUnit } from '@/core/quantity'
import { partSection, type Drawable, type Point, type SectionOptions } from '@/core/section'
import * as common from '@/texts/common'
import * as texts from '@/texts/ui'
import { DimensionLine } from './DimensionLine'
import { HatchDefs } from './HatchDefs'
import { ShapeMark } from './ShapeMark'
import { writeTaken } from './writeTaken'

/** Figure space; the section is scaled into it with room for dimension lines. */
const WIDTH = 386
const HEIGHT = 560
const ROOM = { side: 66, top: 74, bottom: 60 }

export interface Measured {
  bore?: number | undefined
  outside?: number | undefined
  width?: number | undefined
}

interface Props {
  part: Drawable
  designation: string
  closure: Closure
  unit: LengthUnit
  measured?: Measured
  /** tapered bore and snap ring groove, as the number says */
  options?: SectionOptions
}

const widthName = ({ totalWidth, coneWidth, cupWidth }: Drawable['dimensions']): string =>
  totalWidth ? 'T ' : coneWidth ? texts.cone : cupWidth ? texts.cup : ''

function widthsLine({ family, dimensions: d }: Drawable, write: (mm: number) => string): string {
  if (d.width && d.outerRingWidth) {
    const [inner, outer] = family === 'rod-end' ? ['ball', 'head'] : [common.innerRing, common.outerRing]
    return `${inner} ${write(d.width)} · ${outer} ${write(d.outerRingWidth)}`
  }
  if (d.coneWidth && d.cupWidth) return texts.coneWidthCupWidth(write(d.coneWidth), write(d.cupWidth))
  // A form that is named closed has that width already.
  return d.closedWidth && d.closedWidth !== d.width
    ? texts.openWithShieldsOrSeals(write(d.width ?? 0), write(d.closedWidth))
    : ''
}

/** A bearing or seal in section, to scale, the measured diameters in amber over the nominal ones. */
export function SectionFigure({ part, designation, closure, unit, measured = {}, options = {} }: Props) {
  const id = useId().replace(/[^a-zA-Z0-9]/g, '')
  const section = partSection(part, closure, options)
  if (!section) return <p className="p-6 text-ink3">{texts.theCatalogueGivesTooLittle(designation)}</p>
  const write = unit === 'mm' ? writeMmFixed : writeInchFixed
  const { bore, outside } = part.dimensions
  const whole = section.length + (section.beyond ?? 0)
  const scale = Math.min(
    (WIDTH - 2 * ROOM.side - 60) / whole,
    (HEIGHT - ROOM.top - ROOM.bottom) / (2 * section.radius),
  )
  const [cx, cy] = [WIDTH / 2, ROOM.top + (HEIGHT - ROOM.top - ROOM.bottom) / 2]
  const toScreen = ([a, r]: Point): readonly [number, number] => [
    cx + (a - whole / 2) * scale,
    cy - r * scale,
  ]
  const [left, right] = [toScreen([0, 0])[0], toScreen([section.length, 0])[0]]
  const reach = 30
  const amber = (mm: number | undefined) =>
    mm === undefined
      ? null
      : [1, -1].map((side) => (
          <path
            key={`${mm} ${side}`}
            d={`M${left - reach} ${cy - (side * mm * scale) / 2}H${right + reach}`}
            stroke="var(--lamp-line)"
            strokeWidth={2.4}
            opacity={0.9}
          />
        ))
  const width =
    closure.sides > 0 ? (part.dimensions.closedWidth ?? part.dimensions.width) : part.dimensions.width
  const total = part.dimensions.totalWidth ?? width ?? part.dimensions.coneWidth ?? part.dimensions.cupWidth
  const top = cy - section.radius * scale - 28
  const diameterLine = (mm: number, x: number, toward: number, text: string, taken: number | undefined) => (
    <g key={text}>
      {[1, -1].map((side) => (
        <path key={side} d={`M${toward} ${cy - (side * mm * scale) / 2}H${x}`} stroke="var(--hatch)" />
      ))}
      <DimensionLine
        id={id}
        from={[x, cy - (mm * scale) / 2]}
        to={[x, cy + (mm * scale) / 2]}
        text={text}
        measured={taken === undefined ? undefined : writeTaken(taken, unit)}
      />
    </g>
  )
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="h-full w-full"
      role="img"
      aria-label={texts.inSectionToScale(designation)}
    >
      <HatchDefs id={id} />
      <path d={`M14 ${cy}H${WIDTH - 14}`} stroke="var(--ink3)" strokeWidth={1.2} strokeDasharray="16 4 3 4" />
      {bore !== undefined && diameterLine(bore, WIDTH - 42, right, `⌀${write(bore)}`, measured.bore)}
      {outside !== undefined && diameterLine(outside, 38, left, `⌀${write(outside)}`, measured.outside)}
      {section.shapes.map((shape, i) => (
        <ShapeMark key={i} shape={shape} hatchId={id} toScreen={toScreen} scale={scale} />
      ))}
      {amber(measured.bore)}
      {amber(measured.outside)}
      {total !== undefined && (
        <g>
          {[left, right].map((x) => (
            <path key={x} d={`M${x} ${top - 6}V${cy - section.radius * scale}`} stroke="var(--hatch)" />
          ))}
          <DimensionLine
            id={id}
            from={[left, top]}
            to={[right, top]}
            text={`${widthName(part.dimensions)}${write(total)}`}
          />
          {measured.width !== undefined && (
            <text
              x={cx}
              y={top - 26}
              textAnchor="middle"
              className="number"
              fontSize={13.5}
              fill="var(--lamp-ink)"
            >
              {writeTaken(measured.width, unit)}
            </text>
          )}
        </g>
      )}
      <text
        x={cx}
        y={cy + section.radius * scale + 40}
        textAnchor="middle"
        fontSize={13.5}
        fill="var(--ink2)"
      >
        {widthsLine(part, write)}
      </text>
    </svg>
  )
}
