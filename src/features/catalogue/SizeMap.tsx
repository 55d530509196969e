'use client'

import * as texts from '@/texts/catalogue'
import { partPath } from '@/ui/partPath'
import { Link } from '@/ui/Link'
import { MM_PER_INCH, writeInch, writeMm, type LengthUnit } from '@/core/quantity'
import type { ListedPart } from '@/contract/catalogue'

const WIDTH = 620
const HEIGHT = 620
const ROOM = { left: 52, right: 46, top: 16, bottom: 42 }

interface Point extends ListedPart {
  bore: number
  outside: number
}

/** Round sizes worth a line on a logarithmic axis, as they are written. */
const MARKS: Record<LengthUnit, readonly [text: string, mm: number][]> = {
  mm: [1, 2, 3, 5, 8, 12, 20, 30, 50, 80, 120, 200, 300, 500, 800].map((mm) => [String(mm), mm]),
  in: (
    [
      ['1/16', 1 / 16],
      ['1/8', 1 / 8],
      ['1/4', 1 / 4],
      ['1/2', 1 / 2],
      ['3/4', 3 / 4],
      ['1', 1],
      ['1½', 1.5],
      ['2', 2],
      ['3', 3],
      ['5', 5],
      ['8', 8],
      ['12', 12],
      ['20', 20],
      ['30', 30],
    ] as const
  ).map(([text, inches]) => [text, inches * MM_PER_INCH]),
}

interface Axis {
  marks: readonly (readonly [text: string, mm: number])[]
  /** place of a size along the axis, 0…1 */
  at: (mm: number) => number
}

/** A logarithmic axis: small bearings are as far apart as large ones. */
function logAxis(sizes: readonly number[], unit: LengthUnit): Axis {
  const from = Math.min(10, ...sizes) / 1.08
  const to = Math.max(20, ...sizes) * 1.04
  return {
    marks: MARKS[unit].filter(([, mm]) => mm >= from && mm <= to),
    at: (mm) => Math.log(mm / from) / Math.log(to / from),
  }
}

const hasSizes = (part: ListedPart): part is Point => part.bore !== null && part.outside !== null

interface Label {
  name: string
  x: number
  y: number
}

/** Line height of a label; two that would cover each other stand one below the other. */
const LABEL = 13

function labels(wanted: readonly Label[]): Label[] {
  const placed: Label[] = []
  for (const label of [...wanted].sort((a, b) => a.y - b.y)) {
    const above = placed.findLast((l) => Math.abs(l.x - label.x) < 30 && Math.abs(l.y - label.y) < LABEL)
    placed.push(above ? { ...label, y: above.y + LABEL } : label)
  }
  return placed
}

interface Props {
  parts: readonly ListedPart[]
  series: string | null
  unit: LengthUnit
}

/** Outside against bore, one curve a series: where a size lies among its neighbours. Every dot opens its part. */
export function SizeMap({ parts, series, unit }: Props) {
  const points = parts.filter(hasSizes)
  const bores = logAxis(
    points.map((p) => p.bore),
    unit,
  )
  const outsides = logAxis(
    points.map((p) => p.outside),
    unit,
  )
  const x = (bore: number) => ROOM.left + bores.at(bore) * (WIDTH - ROOM.left - ROOM.right)
  const y = (outside: number) =>
    HEIGHT - ROOM.bottom - outsides.at(outside) * (HEIGHT - ROOM.top - ROOM.bottom)
  const write = unit === 'mm' ? writeMm : writeInch
  const curves = [...new Set(points.map((p) => p.series))].map((name) => ({
    name,
    points: points.filter((p) => p.series === name).sort((a, b) => a.bore - b.bore),
  }))
  // One series alone, such as all seals, is no curve: a bore has many outsides.
  const drawn = curves.length > 1 && curves.length <= 24
  const allNamed = curves.length <= 12
  const named = labels(
    curves.flatMap(({ name, points: line }) =>
      line.slice(-1).map((p) => ({ name, x: x(p.bore) + 7, y: y(p.outside) + 4 })),
    ),
  )
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="h-full w-full"
      role="group"
      aria-label={texts.outsideDiameterAgainstBore}
    >
      {bores.marks.map(([text, bore]) => (
        <g key={bore}>
          <path d={`M${x(bore)} ${ROOM.top}V${HEIGHT - ROOM.bottom}`} stroke="var(--line2)" />
          <text
            x={x(bore)}
            y={HEIGHT - ROOM.bottom + 18}
            textAnchor="middle"
            className="number"
            fontSize={12.5}
            fill="var(--ink3)"
          >
            {text}
          </text>
        </g>
      ))}
      {outsides.marks.map(([text, outside]) => (
        <g key={outside}>
          <path d={`M${ROOM.left} ${y(outside)}H${WIDTH - ROOM.right}`} stroke="var(--line2)" />
          <text
            x={ROOM.left - 8}
            y={y(outside) + 4}
            textAnchor="end"
            className="number"
            fontSize={12.5}
            fill="var(--ink3)"
          >
            {text}
          </text>
        </g>
      ))}
      <text
        x={(WIDTH + ROOM.left - ROOM.right) / 2}
        y={HEIGHT - 6}
        textAnchor="middle"
        fontSize={13}
        fill="var(--ink2)"
      >
        {texts.bore(unit)}
      </text>
      <text
        transform={`rotate(-90 14 ${HEIGHT / 2})`}
        x={14}
        y={HEIGHT / 2}
        textAnchor="middle"
        fontSize={13}
        fill="var(--ink2)"
      >
        {texts.outside(unit)}
      </text>
      {curves.map((curve) => {
        const chosen = series === curve.name
        const quiet = series !== null && !chosen
        const label = named.find((l) => l.name === curve.name)
        return (
          <g key={curve.name} opacity={quiet ? 0.35 : 1}>
            {drawn && (
              <polyline
                points={curve.points.map((p) => `${x(p.bore)},${y(p.outside)}`).join(' ')}
                fill="none"
                stroke={chosen ? 'var(--lamp-line)' : 'var(--hatch)'}
                strokeWidth={chosen ? 2.4 : 1.3}
              />
            )}
            {drawn && label && (allNamed || chosen) && (
              <text
                x={label.x}
                y={label.y}
                className="number"
                fontSize={12.5}
                fontWeight={chosen ? 700 : 400}
                fill="var(--ink2)"
              >
                {curve.name}
              </text>
            )}
            {curve.points.map((p) => (
              <Link
                key={p.base}
                href={partPath(p.base)}
                aria-label={texts.boreOutside(p.base, write(p.bore), write(p.outside))}
                tabIndex={-1}
              >
                <circle cx={x(p.bore)} cy={y(p.outside)} r={9} fill="transparent" />
                <circle
                  cx={x(p.bore)}
                  cy={y(p.outside)}
                  r={chosen ? 4.6 : 3.4}
                  fill={chosen ? 'var(--lamp)' : 'var(--sheet)'}
                  stroke="var(--ink)"
                  strokeWidth={1.3}
                />
              </Link>
            ))}
          </g>
        )
      })}
    </svg>
  )
}
