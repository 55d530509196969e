import '@fontsource-variable/atkinson-hyperlegible-next/wght.css'
import '@fontsource-variable/atkinson-hyperlegible-mono/wght.css'
import * as common from '@/texts/common'
import * as texts from '@/texts/pages'
import './globals.css'
import type { Metadata } from 'next'
import { cookies, headers } from 'next/headers'
import { connection } from 'next/server'
import { NuqsAdapter } from 'nuqs/adapters/next/app'
import type { ReactNode } from 'react'
import { SendPhotosLater } from '@/features/photos'
import { FocusKeeperLater, OfflinePages, PadWhenTouched, PreferencesProvider } from '@/features/shell'
import { accountIn } from '@/services/accounts'
import { shopZone } from '@/services/settings'
import { Messages } from '@/ui/Messages'
import { REMEMBER_EARLY } from '@/ui/rememberEarly'
import { TimesProvider } from '@/ui/Times'
import { QueriesProvider } from '@/ui/QueriesProvider'

export const metadata: Metadata = {
  title: { default: common.amberSocket, template: '%s · Amber Socket' },
  description: texts.identifyBearingsFindWhat,
}

/** Where nobody has chosen a light, that of the system, before anything is painted. */
const FOLLOW_THE_SYSTEM =
  "document.documentElement.dataset.theme=matchMedia('(prefers-color-scheme: dark)').matches?'dim':'light'"

export default async function Layout({ children }: { children: ReactNode }) {
  await connection()
  const jar = await cookies()
  const chosen = jar.get('theme')?.value
  const theme = chosen === 'dim' || chosen === 'light' ? chosen : undefined
  const unit = jar.get('unit')?.value === 'in' ? 'in' : 'mm'
  return (
    <html lang="en" data-theme={theme} suppressHydrationWarning>
      <head>
        <script
          nonce={(await headers()).get('x-nonce') ?? undefined}
          suppressHydrationWarning
          dangerouslySetInnerHTML={{
            __html: theme === undefined ? `${REMEMBER_EARLY};${FOLLOW_THE_SYSTEM}` : REMEMBER_EARLY,
          }}
        />
      </head>
      <body>
        <PreferencesProvider unit={unit} accountName={accountIn(await headers())?.name ?? null}>
          <TimesProvider zone={await shopZone()}>
            <QueriesProvider>
              <NuqsAdapter>{children}</NuqsAdapter>
              <OfflinePages />
              <FocusKeeperLater />
              <SendPhotosLater />
              <Messages />
              <PadWhenTouched />
            </QueriesProvider>
          </TimesProvider>
        </PreferencesProvider>
      </body>
    </html>
  )
}
