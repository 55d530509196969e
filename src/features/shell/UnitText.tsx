'use client'

import { withTwins } from '@/core/quantity'
import { usePreferences } from './Preferences'

const asItIs = (text: string): string => text

/** How sentences with figures are written: where inches come first, each metric figure has its twin beside it. */
export const useUnitText = (): ((text: string) => string) =>
  usePreferences().unit === 'in' ? withTwins : asItIs

/** A sentence with figures, in the units that were chosen. */
export function UnitText({ text }: { text: string }) {
  return useUnitText()(text)
}
