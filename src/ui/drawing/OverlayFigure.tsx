import { useId } from 'react'
import { OPEN } from '@/core/designation'
import { writeInchFixed, writeMmFixed, type LengthUnit } from '@/core/quantity'
import { partSection, type Drawable, type Point } from '@/core/section'
import * as texts from '@/texts/ui'
import { HatchDefs } from './HatchDefs'
import { ShapeMark } from './ShapeMark'

const WIDTH = 386
const HEIGHT = 620
const ROOM = { side: 30, top: 20, bottom: 166 }
/** Between the lines below the drawing. */
const LINE = 26

export interface Laid {
  designation: string
  part: Drawable
}

const widthOf = ({ dimensions: d }: Drawable): number | undefined =>
  d.totalWidth ?? d.width ?? d.coneWidth ?? d.cupWidth

/** Two parts laid over each other to one scale, left faces and axes together: the first hatched, the other dashed. */
export function OverlayFigure({ under, over, unit }: { under: Laid; over: Laid; unit: LengthUnit }) {
  const id = useId().replace(/[^a-zA-Z0-9]/g, '')
  const [a, b] = [partSection(under.part, OPEN), partSection(over.part, OPEN)]
  if (!a || !b) return <p className="p-6 text-ink3">{texts.theCatalogueGivesToo}</p>
  const write = unit === 'mm' ? writeMmFixed : writeInchFixed
  const length = Math.max(...[a, b].map((section) => section.length + (section.beyond ?? 0)))
  const radius = Math.max(a.radius, b.radius)
  const scale = Math.min((WIDTH - 2 * ROOM.side) / length, (HEIGHT - ROOM.top - ROOM.bottom) / (2 * radius))
  const cy = ROOM.top + radius * scale
  const left = (WIDTH - length * scale) / 2
  const toScreen = ([x, r]: Point): readonly [number, number] => [left + x * scale, cy - r * scale]
  const rows = (
    [
      ['bore', under.part.dimensions.bore, over.part.dimensions.bore],
      ['outside', under.part.dimensions.outside, over.part.dimensions.outside],
      ['width', widthOf(under.part), widthOf(over.part)],
    ] as const
  ).filter(([, x, y]) => x !== undefined && y !== undefined)
  const foot = cy + radius * scale + 30
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="h-full w-full"
      role="img"
      aria-label={texts.laidOverToScale(over.designation, under.designation)}
    >
      <HatchDefs id={id} />
      <path d={`M14 ${cy}H${WIDTH - 14}`} stroke="var(--ink3)" strokeWidth={1.2} strokeDasharray="16 4 3 4" />
      {a.shapes.map((shape, i) => (
        <ShapeMark key={i} shape={shape} hatchId={id} toScreen={toScreen} scale={scale} />
      ))}
      <g opacity={0.95}>
        {b.shapes.map((shape, i) => (
          <ShapeMark key={i} shape={shape} hatchId={id} toScreen={toScreen} scale={scale} variant="over" />
        ))}
      </g>
      <g fontSize={17} className="number">
        <text x={14} y={foot} fill="var(--ink)">
          {under.designation}
        </text>
        <text x={14} y={foot + LINE} fill="var(--contra)">
          {texts.dashed(over.designation)}
        </text>
        {rows.map(([name, x, y], i) => (
          <g key={name}>
            <text x={14} y={foot + LINE * (i + 2)} fill="var(--ink3)">
              {name}
            </text>
            <text x={96} y={foot + LINE * (i + 2)} fill="var(--ink)">
              {write(x ?? 0)}
            </text>
            <text x={206} y={foot + LINE * (i + 2)} fill="var(--contra)">
              {write(y ?? 0)}
              {Math.abs((x ?? 0) - (y ?? 0)) > 0.005 &&
                ` (${(y ?? 0) > (x ?? 0) ? '+' : '−'}${write(Math.abs((y ?? 0) - (x ?? 0)))})`}
            </text>
          </g>
        ))}
      </g>
    </svg>
  )
}
