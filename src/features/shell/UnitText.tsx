'use client'

import { withTwins } from '@/core/quantity'
import { usePreferences } from './Preferences'

/** Lines break before a twin, not between its figure and its unit. */
const unbroken = (text: string): string => text.replace(/(\d) (in|lbf|oz|°F)\)/g, '$1\u00a0$2)')

/** A sentence with figures: where inches come first, each metric figure has its twin beside it. */
export function UnitText({ text }: { text: string }) {
  return usePreferences().unit === 'in' ? unbroken(withTwins(text)) : text
}
