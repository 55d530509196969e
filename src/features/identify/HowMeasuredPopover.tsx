'use client'

import { Popover } from 'radix-ui'
import { CONDITIONS } from '@/core/identify'
import { INSTRUMENTS, INSTRUMENT_LABELS } from '@/core/quantity'
import * as texts from '@/texts/identify'
import { ChipChoice } from '@/ui/ChipChoice'
import { HowButton, type HowProps } from './HowButton'

/** What opens at the figure. */
export function HowMeasuredPopover({ label, how, open, onOpen, onChange, children }: HowProps) {
  return (
    <Popover.Root open={open} onOpenChange={onOpen}>
      <Popover.Trigger asChild>
        <HowButton label={label} how={how}>
          {children}
        </HowButton>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          side="right"
          className="z-20 grid w-[300px] gap-2 rounded-lg border border-line bg-sheet p-3"
        >
          <b className="text-[0.9375rem]">{texts.thisReadingOnly(label)}</b>
          <ChipChoice
            label={texts.instrumentOfThisReading}
            value={how.instrument}
            options={INSTRUMENTS.map((name) => [name, INSTRUMENT_LABELS[name]] as const)}
            onPick={(instrument) => onChange({ ...how, instrument })}
          />
          <ChipChoice
            label={texts.conditionOfThisSurface}
            value={how.condition}
            options={CONDITIONS.map((name) => [name, name] as const)}
            onPick={(condition) => onChange({ ...how, condition })}
          />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  )
}
