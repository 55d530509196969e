import '@fontsource-variable/atkinson-hyperlegible-next/wght.css'
import '@fontsource-variable/atkinson-hyperlegible-mono/wght.css'
import './globals.css'
import type { Metadata } from 'next'
import { cookies } from 'next/headers'
import { connection } from 'next/server'
import type { ReactNode } from 'react'
import { PreferencesProvider, type Theme } from '@/features/shell'
import { shopZone } from '@/services/settings'
import { TimesProvider } from '@/ui/Times'
import { QueriesProvider } from '@/ui/QueriesProvider'

export const metadata: Metadata = {
  title: { default: 'Amber Socket', template: '%s · Amber Socket' },
  description: 'Identify bearings, find what else fits, build complete kits',
}

export default async function Layout({ children }: { children: ReactNode }) {
  await connection()
  const jar = await cookies()
  const theme: Theme = jar.get('theme')?.value === 'dim' ? 'dim' : 'light'
  const unit = jar.get('unit')?.value === 'in' ? 'in' : 'mm'
  return (
    <html lang="en" data-theme={theme}>
      <body>
        <PreferencesProvider unit={unit} theme={theme}>
          <TimesProvider zone={await shopZone()}>
            <QueriesProvider>{children}</QueriesProvider>
          </TimesProvider>
        </PreferencesProvider>
      </body>
    </html>
  )
}
