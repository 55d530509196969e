'use client'

import { Popover } from 'radix-ui'
import type { ReactNode } from 'react'
import { CONDITIONS, type Condition } from '@/core/identify'
import { INSTRUMENTS, INSTRUMENT_WORDS, type Instrument } from '@/core/quantity'
import { ChipChoice } from '@/ui/ChipChoice'

export interface How {
  instrument: Instrument
  condition: Condition
}

interface Props {
  /** what was measured, as the row is called */
  words: string
  how: How
  open: boolean
  onOpen: (open: boolean) => void
  onChange: (how: How) => void
  children: ReactNode
}

/** Instrument and condition of one reading, behind the figure in the other unit. */
export function HowMeasured({ words, how, open, onOpen, onChange, children }: Props) {
  return (
    <Popover.Root open={open} onOpenChange={onOpen}>
      <Popover.Trigger
        tabIndex={-1}
        aria-label={`${words}: ${INSTRUMENT_WORDS[how.instrument]}, ${how.condition}; change for this reading`}
        className="number min-h-10 self-center rounded text-right text-[0.875rem] text-ink3 underline decoration-dotted underline-offset-4"
      >
        {children}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          side="right"
          className="z-20 grid w-[300px] gap-2 rounded-lg border border-line bg-sheet p-3"
        >
          <b className="text-[0.9375rem]">{words}: this reading only</b>
          <ChipChoice
            label="Instrument of this reading"
            value={how.instrument}
            options={INSTRUMENTS.map((name) => [name, INSTRUMENT_WORDS[name]] as const)}
            onPick={(instrument) => onChange({ ...how, instrument })}
          />
          <ChipChoice
            label="Condition of this surface"
            value={how.condition}
            options={CONDITIONS.map((name) => [name, name] as const)}
            onPick={(condition) => onChange({ ...how, condition })}
          />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  )
}
