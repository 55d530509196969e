'use client'

import type { Route } from 'next'
import { Link } from '@/ui/Link'
import { usePathname } from 'next/navigation'
import { DropdownMenu } from 'radix-ui'
import { AREAS } from './areas'
import { MenuButton } from './MenuButton'

/** The menu once it was asked for: open at first. */
export function AreaMenuList() {
  const now = usePathname()
  return (
    <DropdownMenu.Root defaultOpen>
      <DropdownMenu.Trigger asChild>
        <MenuButton />
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
              {screens.map(([path, label]) => (
                <DropdownMenu.Item key={path} asChild>
                  <Link
                    href={path as Route}
                    aria-current={path === now ? 'page' : undefined}
                    className={`flex min-h-11 items-center rounded-md px-2 whitespace-nowrap data-[highlighted]:bg-wash ${path === now ? 'font-bold' : ''}`}
                  >
                    {label}
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
