'use client'

import type { IdentifyResponse } from '@/contract/evidence'
import { isFamily, PIECES } from '@/core/catalogue'
import { drawnOptions, type Drawable } from '@/core/section'
import { usePreferences } from '@/features/shell'
import { SectionFigure } from '@/ui/drawing'
import { HousingFigure } from '@/ui/drawing/HousingFigure'

type Candidate = IdentifyResponse['candidates'][number]

function drawable(candidate: Candidate): Drawable | null {
  const piece = PIECES.find((p) => p === candidate.piece)
  return isFamily(candidate.family) && piece
    ? { family: candidate.family, piece, series: candidate.series, dimensions: candidate.dimensions }
    : null
}

/** A candidate in section, to scale, with what was measured of it; a unit by its housing, along the shaft, first. */
export function CandidateSection({
  candidate,
  readings,
}: {
  candidate: Candidate
  readings: IdentifyResponse['readings']
}) {
  const { unit } = usePreferences()
  const part = drawable(candidate)
  const mmOf = (...features: string[]): number | undefined =>
    readings.find((r) => features.includes(r.feature))?.mm
  if (!part) return null
  const { housing } = candidate
  const section = (
    <SectionFigure
      part={part}
      designation={candidate.designation}
      closure={candidate.closure}
      options={drawnOptions(candidate.options)}
      unit={unit}
      measured={{
        bore: mmOf('bore', 'shaft'),
        outside: mmOf('outside', 'housing'),
        width: mmOf('totalWidth', 'width'),
      }}
    />
  )
  if (!housing) return section
  return (
    <div className="grid h-full grid-rows-[2fr_3fr]">
      <HousingFigure
        housing={housing}
        designation={candidate.designation}
        unit={unit}
        bore={candidate.dimensions['bore']}
        measured={{
          boltSpacing: mmOf('boltSpacing'),
          centreHeight: mmOf('centreHeight'),
          railSpacing: mmOf('railSpacing'),
        }}
      />
      {section}
    </div>
  )
}
