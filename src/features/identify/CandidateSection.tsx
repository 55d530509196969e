'use client'

import type { IdentifyResponse } from '@/contract/evidence'
import { isFamily, PIECES } from '@/core/catalogue'
import { drawnOptions, type Drawable } from '@/core/section'
import { usePreferences } from '@/features/shell'
import { SectionFigure } from '@/ui/drawing'

type Candidate = IdentifyResponse['candidates'][number]

function drawable(candidate: Candidate): Drawable | null {
  const piece = PIECES.find((p) => p === candidate.piece)
  return isFamily(candidate.family) && piece
    ? { family: candidate.family, piece, series: candidate.series, dimensions: candidate.dimensions }
    : null
}

/** A candidate in section, to scale, with what was measured of it. */
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
  return (
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
}
