import type { Metadata } from 'next'
import { SealsScreen } from '@/features/seals'

export const metadata: Metadata = { title: 'Seals and wear sleeves' }

const NAMES = ['shaft', 'housing', 'width', 'rpm', 'temperatureC', 'medium', 'lip']

export default async function Page({
  searchParams,
}: {
  searchParams: Promise<Record<string, string | string[]>>
}) {
  const given = Object.entries(await searchParams).flatMap(([name, value]) =>
    NAMES.includes(name) && typeof value === 'string' ? [[name, value.slice(0, 40)]] : [],
  )
  return <SealsScreen initial={Object.fromEntries(given)} />
}
