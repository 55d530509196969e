import type { ComponentProps, ReactNode } from 'react'
import type { Condition } from '@/core/identify'
import { INSTRUMENT_LABELS, type Instrument } from '@/core/quantity'
import * as texts from '@/texts/identify'

export interface How {
  instrument: Instrument
  condition: Condition
}

export interface HowProps {
  /** what was measured, as the row is called */
  label: string
  how: How
  open: boolean
  onOpen: (open: boolean) => void
  onChange: (how: How) => void
  children: ReactNode
}

/** The figure in the other unit, which opens how it was measured. */
export function HowButton({
  label,
  how,
  ...button
}: Pick<HowProps, 'label' | 'how'> & ComponentProps<'button'>) {
  return (
    <button
      type="button"
      tabIndex={-1}
      aria-haspopup="dialog"
      aria-label={texts.changeForThisReading(label, INSTRUMENT_LABELS[how.instrument], how.condition)}
      className="number min-h-10 self-center rounded text-right text-[0.875rem] text-ink3 underline decoration-dotted underline-offset-4"
      {...button}
    />
  )
}
