import type { ComponentProps } from 'react'

/** What opens the menu of all screens. */
export function MenuButton(button: ComponentProps<'button'>) {
  return (
    <button
      type="button"
      aria-label="Menu"
      aria-haspopup="menu"
      className="flex size-10 shrink-0 items-center justify-center rounded-[7px] border border-edge text-ink2"
      {...button}
    >
      <svg viewBox="0 0 20 20" className="size-5" aria-hidden>
        <path d="M3 5h14M3 10h14M3 15h14" stroke="currentColor" strokeWidth="2" />
      </svg>
    </button>
  )
}
