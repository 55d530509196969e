'use client'

import { Bar } from 'react-chartjs-2'
import { plainOptions } from '@/ui/charts/chartBase'
import { useThemeColours } from '@/ui/charts/useThemeColours'

interface Props {
  label: string
  counts: readonly { label: string; count: number }[]
  /** what a bar counts */
  unit: string
  /** bars beside each other, such as months; else below each other */
  upright?: boolean
}

/** Height of a bar with its gap, and of the axis below, px. */
const [ROW_PX, AXIS_PX] = [30, 58]

/** Counts as bars. The figures stand in the table beside it. */
export function CountChart({ label, counts, unit, upright = false }: Props) {
  const colours = useThemeColours()
  return (
    <div
      role="img"
      aria-label={label}
      style={{ height: upright ? 220 : counts.length * ROW_PX + AXIS_PX }}
      className="min-w-0"
    >
      {colours && (
        <Bar
          role="presentation"
          aria-hidden
          data={{
            labels: counts.map(({ label }) => label),
            datasets: [
              { data: counts.map(({ count }) => count), backgroundColor: colours.ink2, maxBarThickness: 22 },
            ],
          }}
          options={{
            ...plainOptions(colours, upright ? '' : unit, upright ? unit : ''),
            indexAxis: upright ? 'x' : 'y',
          }}
        />
      )}
    </div>
  )
}
