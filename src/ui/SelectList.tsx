'use client'

import { Check } from 'lucide-react'
import { Select } from 'radix-ui'
import { NO_VALUE } from './noValue'
import { SelectButton } from './SelectButton'
import type { SelectProps } from './selectProps'

/** The field with its list, open at first. */
export function SelectList({ label, value, options, onPick, className, disabled }: SelectProps<string>) {
  return (
    <Select.Root
      defaultOpen
      value={value || NO_VALUE}
      onValueChange={(picked) => onPick(picked === NO_VALUE ? '' : picked)}
      disabled={disabled}
    >
      <Select.Trigger asChild>
        <SelectButton label={label} className={className}>
          <Select.Value />
        </SelectButton>
      </Select.Trigger>
      <Select.Portal>
        <Select.Content
          position="popper"
          sideOffset={4}
          collisionPadding={8}
          className="z-40 max-h-[var(--radix-select-content-available-height)] min-w-[var(--radix-select-trigger-width)] overflow-hidden rounded-lg border border-line bg-sheet"
        >
          <Select.Viewport className="max-w-[94vw] p-1">
            {options.map(([of, label]) => (
              <Select.Item
                key={of}
                value={of || NO_VALUE}
                className="flex min-h-9 items-center justify-between gap-3 rounded-md px-2.5 outline-none data-[highlighted]:bg-wash"
              >
                <Select.ItemText>{label}</Select.ItemText>
                <Select.ItemIndicator>
                  <Check aria-hidden size={15} />
                </Select.ItemIndicator>
              </Select.Item>
            ))}
          </Select.Viewport>
        </Select.Content>
      </Select.Portal>
    </Select.Root>
  )
}
