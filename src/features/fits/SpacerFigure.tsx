import { useFigureUnits } from '@/features/shell'
import type { SpacingResponse } from '@/contract/setting'
import * as texts from '@/texts/fits'

const W = 420
const H = 210
/** A gap of a tenth of a millimetre is drawn this wide, px, so that it can be seen. */
const PX_PER_TENTH = 7
const MAX_PX = 42

/** Hub, two bearings and the spacer between them; the gap drawn far larger than it is. */
export function SpacerFigure({ pair }: { pair: NonNullable<SpacingResponse['pair']> }) {
  const { length } = useFigureUnits()
  const signed = (mm: number): string => `${mm > 0 ? '+' : ''}${length.write(mm)}`
  const gap = Math.max(-MAX_PX, Math.min(MAX_PX, (pair.nominalMm / 0.1) * PX_PER_TENTH))
  const [left, right] = [110, 310]
  const bad = pair.verdict === 'sideLoad' || pair.verdict === 'loose'
  const ring = (x: number, y: number, fill: string) => (
    <rect x={x} y={y} width={34} height={20} fill={fill} stroke="var(--ink)" strokeWidth={1.7} />
  )
  return (
    <svg
      viewBox={`0 0 ${W} ${H}`}
      className="h-full w-full"
      role="img"
      aria-label={texts.spacerThanTheShouldersBy(
        pair.nominalMm < 0,
        length.write(Math.abs(pair.nominalMm)),
        length.name,
      )}
    >
      <path
        d={`M40 30H380V64H${right}V54H${left}V64H40z`}
        fill="var(--tint)"
        stroke="var(--hatch)"
        strokeWidth={1.4}
      />
      {ring(left - 34, 64, 'var(--sheet)')}
      {ring(right, 64, 'var(--sheet)')}
      {[left - 17, right + 17].map((x) => (
        <circle key={x} cx={x} cy={97} r={11} fill="var(--sheet)" stroke="var(--ink)" strokeWidth={1.7} />
      ))}
      {ring(left - 34 - gap / 2, 110, 'var(--sheet)')}
      {ring(right + gap / 2, 110, 'var(--sheet)')}
      <rect
        x={left - gap / 2}
        y={112}
        width={right - left + gap}
        height={16}
        fill="none"
        stroke={bad ? 'var(--contra)' : 'var(--lamp-line)'}
        strokeWidth={2.4}
      />
      <path d="M20 150H400" stroke="var(--ink3)" strokeDasharray="16 4 3 4" />
      {bad && (
        <path
          d={
            gap < 0
              ? 'M36 120H62M54 113l8 7l-8 7M384 120H358M366 113l-8 7l8 7'
              : 'M62 120H36M44 113l-8 7l8 7M358 120H384M376 113l8 7l-8 7'
          }
          stroke="var(--contra)"
          strokeWidth={2.2}
          fill="none"
        />
      )}
      <text x={W / 2} y={24} textAnchor="middle" fontSize={14} fill="var(--ink2)">
        {texts.betweenTheShouldersOf}
      </text>
      <text x={W / 2} y={124} textAnchor="middle" fontSize={13} fill="var(--ink)">
        {texts.spacer}
      </text>
      <text x={W / 2} y={184} textAnchor="middle" fontSize={15} className="number" fill="var(--ink)">
        {texts.worstTo(signed(pair.nominalMm), length.name, signed(pair.worst.min), signed(pair.worst.max))}
      </text>
    </svg>
  )
}
