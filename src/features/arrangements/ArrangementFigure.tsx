'use client'

import { useMemo } from 'react'
import {
  arrangementProblemText,
  emptyKit,
  explodedView,
  resolveArrangement,
  type ArrangementFile,
} from '@/core/kit'
import * as texts from '@/texts/arrangements'
import { ExplodedFigure } from '@/ui/drawing'

interface Props {
  file: ArrangementFile
  /** every arrangement there is, to be based on */
  others: readonly ArrangementFile[]
}

/** The arrangement as it stands now, drawn while it is made; or what keeps it from being drawn. */
export function ArrangementFigure({ file, others }: Props) {
  const drawn = useMemo(() => {
    const named = file.slots.map((slot) => (slot.label === '' ? { ...slot, label: texts.newPlace } : slot))
    return resolveArrangement({ ...file, slots: named }, (code) => others.find((o) => o.code === code))
  }, [file, others])
  if (!drawn.ok)
    return <p className="text-[0.875rem] text-lamp-ink">{arrangementProblemText(drawn.problem)}</p>
  const { value } = drawn
  return (
    <div
      className="mb-3 h-[210px] rounded-lg border border-line bg-sheet px-3"
      data-testid="arrangement-drawn"
    >
      <ExplodedFigure
        view={explodedView(value, emptyKit(value))}
        title={value.title || texts.arrangement}
        selected={null}
        onSelect={() => undefined}
        nameOf={(id) => value.slots.find((slot) => slot.id === id)?.label ?? id}
      />
    </div>
  )
}
