import type { ReactNode } from 'react'
import type { DamageMode } from '@/core/inspect'
import * as texts from '@/texts/ui'

const W = 120
const H = 66

/** Fixed places for scattered marks, so that a sketch looks the same each time. */
const SCATTER = [
  [18, 24],
  [30, 40],
  [41, 27],
  [52, 44],
  [60, 33],
  [71, 22],
  [79, 42],
  [90, 30],
  [101, 40],
  [35, 31],
  [84, 25],
  [66, 46],
] as const
const PITCH = [20, 40, 60, 80, 100] as const

const ink = { stroke: 'var(--ink)', strokeWidth: 1.6, fill: 'none' } as const
const hurt = { stroke: 'var(--contra)', strokeWidth: 1.8, fill: 'none' } as const

/** What the part looks like when it is sound. */
const SCENES: Record<DamageMode['sketch']['scene'], ReactNode> = {
  race: (
    <g {...ink}>
      <path d="M4 12H116V54H4z" fill="var(--sheet)" />
      <path d="M4 19H116M4 47H116" stroke="var(--hatch)" />
    </g>
  ),
  track: (
    <g {...ink}>
      <circle cx={60} cy={33} r={30} fill="var(--sheet)" />
      <circle cx={60} cy={33} r={20} fill="var(--paper)" />
    </g>
  ),
  ring: (
    <g {...ink}>
      <path d="M10 60A50 50 0 0 1 110 60M30 60A30 30 0 0 1 90 60" />
      <path d="M10 60H30M90 60H110" />
    </g>
  ),
  cage: (
    <g {...ink}>
      <path d="M6 14H114M6 52H114" strokeWidth={4} stroke="var(--hatch)" />
      {PITCH.map((x) => (
        <circle key={x} cx={x} cy={33} r={8} fill="var(--sheet)" />
      ))}
    </g>
  ),
  ball: (
    <g {...ink}>
      <circle cx={60} cy={33} r={29} />
      <circle cx={60} cy={33} r={13} />
      {[0, 60, 120, 180, 240, 300].map((a) => (
        <circle
          key={a}
          cx={60 + 21 * Math.cos((a * Math.PI) / 180)}
          cy={33 + 21 * Math.sin((a * Math.PI) / 180)}
          r={6}
          fill="var(--tint)"
        />
      ))}
    </g>
  ),
  joint: (
    <g {...ink}>
      <path d="M64 22H116V44H64" fill="var(--sheet)" />
      <circle cx={40} cy={33} r={28} fill="var(--sheet)" />
      <circle cx={40} cy={33} r={18} fill="var(--paper)" />
      <circle cx={40} cy={33} r={9} />
    </g>
  ),
  roller: (
    <g {...ink}>
      <path d="M52 25H98V37H52M98 23V39H112V23z" fill="var(--sheet)" />
      <path d="M16 6H52V54H16z" fill="var(--sheet)" />
      <path d="M4 58H64" strokeWidth={2.4} />
      <path d="M2 31H118" stroke="var(--ink3)" strokeDasharray="10 3 2 3" strokeWidth={1} />
    </g>
  ),
  shaft: (
    <g {...ink}>
      <path d="M4 22H34V16H86V22H116V44H86V50H34V44H4z" fill="var(--sheet)" />
      <path d="M2 33H118" stroke="var(--ink3)" strokeDasharray="10 3 2 3" strokeWidth={1} />
    </g>
  ),
  thread: (
    <g {...ink}>
      <path d="M4 22L12 14L20 22L28 14L36 22L44 14L52 22L60 14L68 22L76 14L84 22L92 14L100 22L108 14L116 22" />
      <path d="M4 46L12 54L20 46L28 54L36 46L44 54L52 46L60 54L68 46L76 54L84 46L92 54L100 46L108 54L116 46" />
    </g>
  ),
  bore: (
    <g {...ink}>
      <rect x={20} y={3} width={80} height={60} rx={10} fill="var(--tint)" />
      <circle cx={60} cy={33} r={22} fill="var(--sheet)" />
    </g>
  ),
  lip: (
    <g {...ink}>
      <path d="M4 56H116" strokeWidth={2.4} />
      <path d="M30 8H92V18H66L60 54L52 40L50 18H30z" fill="var(--tint)" />
    </g>
  ),
  grease: (
    <g {...ink}>
      <path
        d="M14 50C8 30 30 34 34 22C40 6 62 12 66 24C72 16 96 18 98 34C112 38 112 56 96 56H28C20 56 16 54 14 50z"
        fill="var(--tint)"
      />
    </g>
  ),
}

const dots = (r: number, fill: string) =>
  SCATTER.map(([x, y]) => <circle key={`${x} ${y}`} cx={x} cy={y} r={r} fill={fill} />)

/** What damage looks like on it. */
const MARKS: Record<string, ReactNode> = {
  flakes: (
    <g {...hurt} fill="var(--contra)" fillOpacity={0.35}>
      <path d="M40 28L48 23L57 27L62 35L52 41L43 38z" />
      <path d="M70 35L76 29L86 32L84 41L74 43z" />
    </g>
  ),
  specks: <g fill="var(--contra)">{dots(1.6, 'var(--contra)')}</g>,
  random: (
    <g {...hurt}>
      {SCATTER.map(([x, y]) => (
        <path key={x} d={`M${x - 2} ${y}h4M${x} ${y - 2}v4`} />
      ))}
    </g>
  ),
  streaks: <path {...hurt} d="M14 26H58M26 31H90M40 36H108M20 40H66M60 28H104" strokeDasharray="14 3 5 2" />,
  twoZones: <path {...hurt} strokeWidth={5} d="M42.7 23A20 20 0 0 0 42.7 43M77.3 23A20 20 0 0 1 77.3 43" />,
  allRound: <circle {...hurt} strokeWidth={5} cx={60} cy={33} r={20} />,
  oneEdge: <rect x={5} y={40} width={110} height={7} fill="var(--contra)" fillOpacity={0.45} />,
  matt: (
    <g>
      <rect x={5} y={20} width={110} height={26} fill="var(--contra)" fillOpacity={0.18} />
      <path
        {...hurt}
        strokeWidth={0.9}
        d="M8 24H112M8 28H112M8 32H112M8 36H112M8 40H112"
        strokeDasharray="2 2"
      />
    </g>
  ),
  hollows: (
    <g {...hurt} fill="var(--contra)" fillOpacity={0.15}>
      {PITCH.map((x) => (
        <ellipse key={x} cx={x} cy={33} rx={5} ry={12} strokeDasharray="3 2" />
      ))}
    </g>
  ),
  dents: (
    <g {...hurt}>
      {PITCH.map((x) => (
        <g key={x}>
          <ellipse cx={x} cy={33} rx={4} ry={10} fill="var(--contra)" fillOpacity={0.5} />
          <ellipse cx={x} cy={33} rx={6.5} ry={12.5} strokeWidth={0.9} />
        </g>
      ))}
    </g>
  ),
  rust: (
    <g {...hurt} fill="var(--contra)" fillOpacity={0.4}>
      <path d="M22 24Q30 18 38 25Q46 22 44 32Q34 38 26 34Q18 32 22 24z" />
      <path d="M66 28Q78 22 84 30Q96 30 92 40Q80 46 70 40Q62 36 66 28z" />
    </g>
  ),
  ridges: (
    <g {...hurt}>
      {Array.from({ length: 17 }, (_, i) => (
        <path key={i} d={`M${10 + i * 6.2} 20V46`} />
      ))}
    </g>
  ),
  craters: (
    <g {...hurt} fill="var(--contra)">
      {[34, 46, 58, 70, 82].map((x, i) => (
        <circle key={x} cx={x} cy={31 + (i % 2) * 4} r={2.6} />
      ))}
    </g>
  ),
  blue: (
    <g>
      <rect x={5} y={13} width={36} height={40} fill="#d8b25a" fillOpacity={0.55} />
      <rect x={41} y={13} width={36} height={40} fill="#9a5a3c" fillOpacity={0.55} />
      <rect x={77} y={13} width={38} height={40} fill="#3f5f8f" fillOpacity={0.6} />
    </g>
  ),
  crack: <path {...hurt} strokeWidth={2.4} d="M58 12L62 22L56 31L63 40L58 54" />,
  stuck: <path {...hurt} d="M24 20A20 20 0 0 1 56 20M34 6L46 18M46 6L34 18" strokeWidth={2.4} />,
  lining: <circle {...hurt} cx={40} cy={33} r={18} strokeWidth={4} strokeDasharray="7 4 3 5" />,
  neck: <path {...hurt} d="M74 21L78 28L72 34L79 45" strokeWidth={2.4} />,
  treadHollow: (
    <path {...hurt} d="M20 54Q34 44 48 54M20 6Q34 16 48 6" fill="var(--paper)" strokeWidth={2.4} />
  ),
  treadEdge: <path {...hurt} d="M40 54L52 44V54zM40 6L52 16V6z" fill="var(--contra)" fillOpacity={0.45} />,
  studCrack: <path {...hurt} d="M57 21L61 27L55 32L60 41" strokeWidth={2.4} />,
  screws: (
    <g {...hurt} strokeWidth={2}>
      <path d="M46 24Q54 27 60 33M64 24Q72 27 78 33" />
      <circle cx={46} cy={24} r={2.6} fill="var(--contra)" />
      <circle cx={64} cy={24} r={2.6} fill="var(--contra)" />
    </g>
  ),
  shaftTracks: (
    <g {...hurt} strokeWidth={1.4}>
      <path d="M38 20H82M38 25H82M38 30H82M38 36H82M38 41H82M38 46H82" />
    </g>
  ),
  slips: (
    <path
      {...hurt}
      d="M22 24A40 34 0 0 1 44 3M22 24L19 14M22 24L31 18M98 42A40 34 0 0 1 76 63"
      strokeWidth={2.4}
    />
  ),
  broken: (
    <g {...hurt}>
      <path d="M52 10L58 18L50 16M70 50L64 58L72 54" strokeWidth={2.6} />
      <circle cx={80} cy={40} r={8} fill="var(--contra)" fillOpacity={0.25} />
    </g>
  ),
  skew: (
    <path
      {...hurt}
      fill="var(--contra)"
      fillOpacity={0.25}
      d="M5 40Q36 44 60 33T115 22V30Q84 34 60 42T5 47z"
    />
  ),
  waves: <path {...hurt} d="M94 22q7 11 0 22M101 17q10 16 0 32M108 12q13 21 0 42" />,
  rock: (
    <path
      {...hurt}
      d="M22 20A42 42 0 0 0 22 46M22 46l-5-5M22 46l5-5M98 20A42 42 0 0 1 98 46M98 20l-5 5M98 20l5 5"
    />
  ),
  bands: (
    <g {...hurt} strokeWidth={3} strokeOpacity={0.7}>
      <path d="M31 52A29 29 0 0 1 89 52M12 52A48 48 0 0 1 108 52" strokeDasharray="9 4" />
    </g>
  ),
  groove: (
    <g {...hurt} strokeWidth={2.4}>
      <path d="M58 16L60 21L62 16M58 50L60 45L62 50" fill="var(--paper)" />
      <path d="M60 22V44" strokeWidth={1} strokeDasharray="3 2" />
    </g>
  ),
  step: (
    <g {...hurt} strokeWidth={2.2}>
      <path d="M44 16V20H76V16M44 50V46H76V50" fill="var(--paper)" />
    </g>
  ),
  burr: <path {...hurt} strokeWidth={2.6} d="M44 14L48 9L54 21L60 14M76 54L80 60L86 47L92 54" />,
  scores: <path {...hurt} d="M48 14Q46 33 48 52M54 12Q53 33 54 54M72 15Q74 33 72 51" />,
  polished: (
    <g {...hurt}>
      <ellipse cx={60} cy={34} rx={22} ry={25} strokeDasharray="5 3" />
      <path d="M42 46A22 22 0 0 0 78 46" strokeWidth={4} strokeOpacity={0.5} />
    </g>
  ),
  flat: <path {...hurt} strokeWidth={3} d="M50 50L70 50M48 54H72" />,
  crooked: <path {...hurt} strokeWidth={2} d="M26 4L96 22M26 4v6M96 22v6" strokeDasharray="5 3" />,
  milky: (
    <g {...hurt} strokeWidth={1.3}>
      {[
        [34, 40],
        [52, 30],
        [70, 40],
        [86, 34],
        [58, 48],
      ].map(([x = 0, y = 0]) => (
        <path key={x} d={`M${x} ${y - 5}q5 6 0 9q-5-3 0-9z`} fill="var(--sheet)" />
      ))}
    </g>
  ),
  burnt: (
    <path
      d="M14 50C8 30 30 34 34 22C40 6 62 12 66 24C72 16 96 18 98 34C112 38 112 56 96 56H28C20 56 16 54 14 50z"
      fill="var(--ink)"
      fillOpacity={0.75}
      stroke="var(--contra)"
      strokeWidth={1.8}
      strokeDasharray="4 3"
    />
  ),
  out: <path {...hurt} d="M30 56q-3 5-8 8M60 57v8M88 57q5 4 9 8M100 44l12 5" strokeWidth={3} />,
  encoder: (
    <g>
      {[200, 222, 244, 266, 288, 310, 332].map((a, i) => (
        <path
          key={a}
          d={`M${60 + 34 * Math.cos((a * Math.PI) / 180)} ${60 + 34 * Math.sin((a * Math.PI) / 180)}L${60 + 46 * Math.cos((a * Math.PI) / 180)} ${60 + 46 * Math.sin((a * Math.PI) / 180)}`}
          stroke={i === 3 || i === 4 ? 'var(--contra)' : 'var(--ink2)'}
          strokeWidth={i === 3 || i === 4 ? 2 : 5}
        />
      ))}
      <path {...hurt} d="M50 18L70 28M52 28L68 16" />
    </g>
  ),
}

/** A sketch of one kind of damage: the sound part in ink, the damage in red. */
export function DamageSketch({ mode }: { mode: DamageMode }) {
  return (
    <svg viewBox={`0 0 ${W} ${H}`} className="h-full w-full" role="img" aria-label={texts.sketch(mode.label)}>
      {SCENES[mode.sketch.scene]}
      {MARKS[mode.sketch.marks]}
    </svg>
  )
}
