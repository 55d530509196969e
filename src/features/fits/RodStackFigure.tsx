import * as common from '@/texts/common'
import * as texts from '@/texts/fits'

interface Props {
  /** of the bearing, mm */
  bore: number
  outside: number
  width: number
  sleeve: { insideMm: number; outsideMm: number }
  /** thread of the rod, such as M12 */
  thread: string
  /** the far washer lies on the hub around a mouth of this size, mm */
  overMm: number
}

const W = 420
const H = 170
const MARGIN = 14
/** Length of the sleeve, as far as it is not told, mm. */
const SLEEVE_MM = 30

/** A box of the section, above and below the axis: from x to x, from radius to radius, mm. */
interface Piece {
  name: string
  x: readonly [number, number]
  r: readonly [number, number]
  fill?: string
}

/** Nut, washer, sleeve, bearing, hub, far washer and nut on their rod: the stack in its order, to scale. */
export function RodStackFigure({ bore, outside, width, sleeve, thread, overMm }: Props) {
  const rod = Number(thread.replace(/\D/g, ''))
  const [nut, washer] = [rod * 0.8, Math.max(3, rod * 0.25)]
  const wide = Math.max(sleeve.outsideMm + 4, rod * 2.2)
  const far = overMm * 1.25
  const hub = overMm * 1.35
  // Along the axis: the bearing stands at the mouth of its bore, the sleeve behind it.
  const at = {
    nut: 0,
    washer: nut,
    sleeve: nut + washer,
    bearing: nut + washer + SLEEVE_MM,
  }
  const mouth = at.bearing + width * 0.7
  const end = mouth + width * 1.5
  const total = end + washer + nut
  const top = Math.max(hub, far, wide) / 2
  const scale = Math.min((W - 2 * MARGIN) / total, (H - 2 * MARGIN) / (2 * top))
  const left = (W - total * scale) / 2
  const section = (outside - bore) / 2
  const pieces: Piece[] = [
    { name: 'nut', x: [at.nut, at.washer], r: [rod / 2, rod * 0.9] },
    { name: 'washer', x: [at.washer, at.sleeve], r: [rod / 2, wide / 2] },
    {
      name: 'sleeve',
      x: [at.sleeve, at.bearing],
      r: [sleeve.insideMm / 2, sleeve.outsideMm / 2],
      fill: 'var(--wash)',
    },
    { name: common.innerRing, x: [at.bearing, at.bearing + width], r: [bore / 2, bore / 2 + section * 0.28] },
    {
      name: common.outerRing,
      x: [at.bearing, at.bearing + width],
      r: [outside / 2 - section * 0.28, outside / 2],
    },
    { name: 'hub', x: [mouth, end], r: [outside / 2, hub / 2], fill: 'var(--tint)' },
    { name: texts.farWasher, x: [end, end + washer], r: [rod / 2, far / 2] },
    { name: 'nut', x: [end + washer, total], r: [rod / 2, rod * 0.9] },
  ]
  const middle = H / 2
  const ball = (section * 0.5) / 2
  return (
    <figure>
      <svg
        viewBox={`0 0 ${W} ${H}`}
        className="h-[170px] w-full"
        role="img"
        aria-label={texts.rodFromTheLeft(thread, overMm)}
      >
        {pieces.flatMap(({ name, x: [from, to], r: [inside, out], fill = 'var(--sheet)' }, i) =>
          [1, -1].map((side) => (
            <rect
              key={`${name} ${i} ${side}`}
              x={left + from * scale}
              y={middle + (side === 1 ? -out : inside) * scale}
              width={(to - from) * scale}
              height={(out - inside) * scale}
              fill={fill}
              stroke="var(--ink)"
              strokeWidth={1.3}
            />
          )),
        )}
        {[1, -1].map((side) => (
          <circle
            key={side}
            cx={left + (at.bearing + width / 2) * scale}
            cy={middle + ((side * (bore + outside)) / 4) * scale}
            r={ball * scale}
            fill="var(--sheet)"
            stroke="var(--ink)"
            strokeWidth={1.3}
          />
        ))}
        <rect
          x={left}
          y={middle - (rod / 2) * scale}
          width={total * scale}
          height={rod * scale}
          fill="var(--hatch)"
          stroke="var(--ink)"
          strokeWidth={1.3}
        />
        <path d={`M0 ${middle}H${W}`} stroke="var(--ink3)" strokeDasharray="16 4 3 4" />
      </svg>
      <figcaption className="text-[0.8125rem] text-ink3">{texts.theStackToScale}</figcaption>
    </figure>
  )
}
