'use client'

import { Bar } from 'react-chartjs-2'
import { useFigureUnits } from '@/features/shell'
import type { FitResponse } from '@/contract/fit'
import { plainOptions } from '@/ui/charts/chartBase'
import { useThemeColours } from '@/ui/charts/useThemeColours'

/** Radial clearance from new to mounted to warm: least to most, µm. */
export function ClearanceChart({ stages }: { stages: NonNullable<FitResponse['stages']> }) {
  const colours = useThemeColours()
  const { small } = useFigureUnits()
  const spans = [stages.fresh, stages.mounted, stages.warm]
  const labels = spans.map(({ min, max }) => `${small.write(min)} to ${small.write(max)}`)
  return (
    <div
      role="img"
      aria-label={`Radial clearance, ${small.name}: new ${labels[0]}, mounted ${labels[1]}, warm ${labels[2]}`}
      className="h-[190px]"
    >
      {colours && (
        <Bar
          role="presentation"
          aria-hidden
          data={{
            labels: ['new', 'mounted', 'warm'].map((name, i) => [name, labels[i] ?? '']),
            datasets: [
              {
                data: spans.map(({ min, max }): [number, number] => [small.of(min), small.of(max)]),
                // Red where the middle of all assemblies has none left.
                backgroundColor: spans.map(({ min, max }) => (min + max < 0 ? colours.contra : colours.tint)),
                borderColor: colours.ink,
                borderWidth: 1.6,
                borderSkipped: false,
                barThickness: 46,
              },
            ],
          }}
          options={plainOptions(colours, '', `clearance, ${small.name}`)}
        />
      )}
    </div>
  )
}
