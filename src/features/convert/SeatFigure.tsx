import type { SVGProps } from 'react'
import { readForm } from '@/core/quantity'
import type { ConvertResponse } from '@/contract/convert'
import * as texts from '@/texts/convert'

const W = 300
const H = 300
const ROOM = 24

type Part = ConvertResponse['seats'][number]['parts'][number]

/** The seat as the server reads it: its three sizes together. */
function sizesOf(seat: { shaft: string; housing: string; width: string }): number[] {
  const read = readForm([
    { name: 'shaft', text: seat.shaft, role: 'bore' },
    { name: 'housing', text: seat.housing, role: 'outside' },
    { name: 'width', text: seat.width, role: 'width' },
  ])
  return ['shaft', 'housing', 'width'].map((name) => {
    const reading = read.get(name)
    return reading?.ok ? reading.mm : NaN
  })
}

/** The seat in tint, what was in it dashed, the new bearing in ink; a sleeve is what is left between. To scale. */
export function SeatFigure({
  part,
  seat,
}: {
  part: Part
  seat: { shaft: string; housing: string; width: string }
}) {
  const [shaft, housing, width] = sizesOf(seat) as [number, number, number]
  if (![shaft, housing, width].every(Number.isFinite)) return null
  const tall = Math.max(housing, part.outside) * 1.16
  const wide = Math.max(width, part.width)
  const scale = Math.min((H - 2 * ROOM) / tall, (W - 2 * ROOM) / (wide * 1.4))
  const [cx, cy] = [W / 2, H / 2]
  const rows = (inner: number, outer: number, length: number, rest: SVGProps<SVGRectElement>) =>
    [-1, 1].map((side) => (
      <rect
        key={side}
        x={cx - (length / 2) * scale}
        y={side < 0 ? cy - (outer / 2) * scale : cy + (inner / 2) * scale}
        width={length * scale}
        height={((outer - inner) / 2) * scale}
        {...rest}
      />
    ))
  const hub = { fill: 'var(--tint)', stroke: 'var(--hatch)', strokeWidth: 1.2 }
  const sleeve = { fill: 'var(--wash)', stroke: 'var(--lamp-line)', strokeWidth: 1.4 }
  return (
    <svg
      viewBox={`0 0 ${W} ${H}`}
      className="h-full w-full"
      role="img"
      aria-label={texts.inASeatOf(part.designation, shaft, housing)}
    >
      {rows(housing, tall, wide * 1.3, hub)}
      <rect
        x={cx - wide * 0.7 * scale}
        y={cy - (shaft / 2) * scale}
        width={wide * 1.4 * scale}
        height={shaft * scale}
        {...hub}
      />
      {part.bore > shaft && rows(shaft, part.bore, part.width, sleeve)}
      {part.outside < housing && rows(part.outside, housing, part.width, sleeve)}
      {rows(part.bore, part.outside, part.width, {
        fill: 'var(--sheet)',
        stroke: 'var(--ink)',
        strokeWidth: 1.8,
      })}
      {[-1, 1].map((side) => (
        <circle
          key={side}
          cx={cx}
          cy={cy + ((side * (part.bore + part.outside)) / 4) * scale}
          r={((part.outside - part.bore) / 2) * 0.3 * scale}
          fill="var(--sheet)"
          stroke="var(--ink)"
          strokeWidth={1.8}
        />
      ))}
      {rows(shaft, housing, width, {
        fill: 'none',
        stroke: 'var(--contra)',
        strokeWidth: 1.6,
        strokeDasharray: '6 4',
      })}
      <path d={`M8 ${cy}H${W - 8}`} stroke="var(--ink3)" strokeWidth={1.1} strokeDasharray="16 4 3 4" />
      <text x={cx} y={H - 4} textAnchor="middle" fontSize={13} fill="var(--ink2)">
        {texts.dashedWhatWasIn}
      </text>
    </svg>
  )
}
