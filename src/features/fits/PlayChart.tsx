'use client'

import { Line } from 'react-chartjs-2'
import { useFigureUnits } from '@/features/shell'
import type { EndPlayResponse } from '@/contract/fit'
import * as texts from '@/texts/fits'
import { plainOptions } from '@/ui/charts/chartBase'
import { useThemeColours } from '@/ui/charts/useThemeColours'

interface Props {
  curve: EndPlayResponse['curve']
  target: { min: number; max: number }
}

/** End play against the place of the nut, with the slots as points and the target as a band. */
export function PlayChart({ curve, target }: Props) {
  const colours = useThemeColours()
  const { length } = useFigureUnits()
  const slots = curve.filter((p) => p.slot)
  const good = slots.filter((p) => p.playMm >= target.min && p.playMm <= target.max)
  return (
    <div
      role="img"
      aria-label={texts.endPlayByPlace(
        good.length,
        slots.length,
        length.write(target.min),
        length.write(target.max),
        length.name,
      )}
      className="h-[250px]"
    >
      {colours && (
        <Line
          role="presentation"
          aria-hidden
          data={{
            labels: curve.map((p) => Math.round(p.degrees)),
            datasets: [
              {
                data: curve.map((p) => length.of(Math.max(0, p.playMm))),
                borderColor: colours.ink,
                borderWidth: 2,
                pointRadius: curve.map((p) => (p.slot ? 5 : 0)),
                pointBackgroundColor: curve.map((p) =>
                  p.playMm >= target.min && p.playMm <= target.max ? colours.agree : colours.sheet,
                ),
                pointBorderColor: colours.ink,
              },
              {
                data: curve.map((p) => (p.playMm < 0 ? length.of(p.playMm) : null)),
                borderColor: colours.contra,
                borderWidth: 2,
                borderDash: [6, 4],
                pointRadius: 0,
              },
              {
                data: curve.map(() => length.of(target.min)),
                borderColor: colours.agree,
                borderWidth: 1.4,
                pointRadius: 0,
              },
              {
                data: curve.map(() => length.of(target.max)),
                borderColor: colours.agree,
                borderWidth: 1.4,
                pointRadius: 0,
                fill: { target: 2, above: `${colours.agree}26` },
              },
            ],
          }}
          options={plainOptions(colours, texts.nutTurnedBackFrom, texts.endPlayOfName(length.name))}
        />
      )}
    </div>
  )
}
