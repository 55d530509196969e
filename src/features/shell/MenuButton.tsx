import { Menu } from 'lucide-react'
import type { ComponentProps } from 'react'
import * as texts from '@/texts/shell'

/** What opens the menu of all screens. */
export function MenuButton(button: ComponentProps<'button'>) {
  return (
    <button
      type="button"
      aria-label={texts.menu}
      aria-haspopup="menu"
      className="flex size-10 shrink-0 items-center justify-center rounded-[7px] border border-edge text-ink2"
      {...button}
    >
      <Menu className="size-5" aria-hidden />
    </button>
  )
}
