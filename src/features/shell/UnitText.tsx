'use client'

import { withTwins } from '@/core/quantity'
import { usePreferences } from './Preferences'

/** A sentence with figures: where inches come first, each metric figure has its twin beside it. */
export function UnitText({ text }: { text: string }) {
  return usePreferences().unit === 'in' ? withTwins(text) : text
}
