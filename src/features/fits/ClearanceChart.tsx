'use client'

import { Bar } from 'react-chartjs-2'
import { useFigureUnits } from '@/features/shell'
import type { FitResponse } from '@/contract/fit'
import * as common from '@/texts/common'
import * as texts from '@/texts/fits'
import { plainOptions } from '@/ui/charts/chartBase'
import { useThemeColours } from '@/ui/charts/useThemeColours'

/** Radial clearance from new to mounted to warm: least to most, µm. */
export function ClearanceChart({ stages }: { stages: NonNullable<FitResponse['stages']> }) {
  const colours = useThemeColours()
  const { small } = useFigureUnits()
  const spans = [stages.fresh, stages.mounted, stages.warm]
  const [fresh = '', mounted = '', warm = ''] = spans.map(({ min, max }) =>
    common.fromTo(small.write(min), small.write(max)),
  )
  const bars = [
    [texts.fresh, fresh],
    [texts.mounted, mounted],
    [texts.warm, warm],
  ]
  return (
    <div
      role="img"
      aria-label={texts.radialClearanceNewMountedWarm(small.name, fresh, mounted, warm)}
      className="h-[190px]"
    >
      {colours && (
        <Bar
          role="presentation"
          aria-hidden
          data={{
            labels: bars,
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
          options={plainOptions(colours, '', texts.clearanceOfName(small.name))}
        />
      )}
    </div>
  )
}
