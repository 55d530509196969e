'use client'

import type { Route } from 'next'
import Link from 'next/link'
import { usePathname } from 'next/navigation'
import { DropdownMenu } from 'radix-ui'
import { AREAS } from './areas'

/** From everywhere to everywhere: the screens by area. */
export function AreaMenu() {
  const now = usePathname()
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger
        aria-label="Menu"
        className="flex size-10 shrink-0 items-center justify-center rounded-[7px] border border-edge text-ink2"
      >
        <svg viewBox="0 0 20 20" className="size-5" aria-hidden>
          <path d="M3 5h14M3 10h14M3 15h14" stroke="currentColor" strokeWidth="2" />
        </svg>
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="start"
          sideOffset={6}
          className="z-30 grid max-h-[80dvh] max-w-[94vw] grid-cols-1 gap-x-4 overflow-auto rounded-lg border border-line bg-sheet p-3 sm:grid-cols-4"
        >
          {AREAS.map(([area, screens]) => (
            <DropdownMenu.Group key={area}>
              <DropdownMenu.Label className="caption px-2 pt-1">{area}</DropdownMenu.Label>
              {screens.map(([path, words]) => (
                <DropdownMenu.Item key={path} asChild>
                  <Link
                    href={path as Route}
                    aria-current={path === now ? 'page' : undefined}
                    className={`flex min-h-11 items-center rounded-md px-2 whitespace-nowrap data-[highlighted]:bg-wash ${path === now ? 'font-bold' : ''}`}
                  >
                    {words}
                  </Link>
                </DropdownMenu.Item>
              ))}
            </DropdownMenu.Group>
          ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  )
}
