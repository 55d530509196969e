'use client'

import { Columns3, Square, SquareCheck } from 'lucide-react'
import { DropdownMenu } from 'radix-ui'
import * as texts from '@/texts/ui'
import type { Column } from './column'

interface Props {
  columns: readonly Pick<Column<never>, 'id' | 'head' | 'optional'>[]
  /** columns left out */
  left: readonly string[]
  onLeft: (left: string[]) => void
}

/** Which columns a table shows. */
export function ColumnMenu({ columns, left, onLeft }: Props) {
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger
        aria-label={texts.columns}
        className="inline-flex size-9 items-center justify-center rounded-md text-ink3"
      >
        <Columns3 aria-hidden size={16} />
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="end"
          sideOffset={4}
          className="z-30 rounded-lg border border-line bg-sheet p-1.5"
        >
          {columns
            .filter(({ optional }) => optional)
            .map(({ id, head }) => {
              const isShown = !left.includes(id)
              const Box = isShown ? SquareCheck : Square
              return (
                <DropdownMenu.CheckboxItem
                  key={id}
                  checked={isShown}
                  onSelect={(e) => e.preventDefault()}
                  onCheckedChange={(show) => onLeft(show ? left.filter((of) => of !== id) : [...left, id])}
                  className="flex min-h-10 items-center gap-2 rounded-md px-2 outline-none data-[highlighted]:bg-wash"
                >
                  <Box aria-hidden size={16} /> {head}
                </DropdownMenu.CheckboxItem>
              )
            })}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  )
}
