'use client'

import { Line } from 'react-chartjs-2'
import { useFigureUnits } from '@/features/shell'
import type { SpacingResponse } from '@/contract/setting'
import * as texts from '@/texts/fits'
import { plainOptions } from '@/ui/charts/chartBase'
import { useThemeColours } from '@/ui/charts/useThemeColours'

/** Play that a clamped pair has left, against the torque of its nut; thread oiled and dry. */
export function SqueezeChart({ squeeze }: { squeeze: NonNullable<SpacingResponse['clamp']> }) {
  const colours = useThemeColours()
  const { length } = useFigureUnits()
  const { curve } = squeeze
  return (
    <figure>
      <div role="img" aria-label={texts.playLeftAgainstThe} className="h-[190px]">
        {colours && (
          <Line
            role="presentation"
            aria-hidden
            data={{
              labels: curve.map((p) => Math.round(p.torqueNm)),
              datasets: [
                {
                  data: curve.map((p) => length.of(p.oiledMm)),
                  borderColor: colours.ink,
                  borderWidth: 2,
                  pointRadius: 0,
                },
                {
                  data: curve.map((p) => length.of(p.dryMm)),
                  borderColor: colours.ink2,
                  borderWidth: 2,
                  borderDash: [6, 4],
                  pointRadius: 0,
                },
                { data: curve.map(() => 0), borderColor: colours.contra, borderWidth: 1.4, pointRadius: 0 },
              ],
            }}
            options={plainOptions(colours, texts.torqueOfTheNut, texts.axialPlayLeft(length.name))}
          />
        )}
      </div>
      <figcaption className="text-[0.8125rem] text-ink3">{texts.lineThreadOiledDashed}</figcaption>
    </figure>
  )
}
