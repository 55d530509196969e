import 'server-only'
import { judgeSpacerPair, PAIR_ROLES } from '@/core/spacing'
import { lengthInMm, readForm } from '@/core/quantity'
import type { JobKit } from '../jobKit'
import type { FittingDraft } from '@/contract/plan'

/** How far off shoulders and spacer may be measured, mm, as the spacing screen takes it. */
const MEASURED_OFF_MM = 0.05

/** What was compared and does not go, bearing by bearing. */
export const comparisonError = ({ bearings }: Pick<JobKit['job'], 'bearings'>): string[] =>
  bearings.flatMap(({ name, comparison }) =>
    comparison?.result?.verdict === 'doesNotGo'
      ? [`${comparison.result.message}${name ? `, ${name}` : ''}`]
      : [],
  )

/** A spacer that loads its bearings sideways, or leaves them loose, as typed on the spacing screen. */
export function spacerError(fitting: FittingDraft | null): string | null {
  const typed = (name: string): string => fitting?.fields[`spacing.${name}`] ?? ''
  const read = readForm(Object.entries(PAIR_ROLES).map(([name, role]) => ({ name, role, text: typed(name) })))
  const [shoulders, spacer] = [read.get('shoulders'), read.get('spacer')]
  if (!shoulders?.ok || !spacer?.ok) return null
  const mm = (name: string) => lengthInMm(typed(name))
  const off = mm('off') ?? MEASURED_OFF_MM
  const { verdict, message } = judgeSpacerPair({
    shouldersMm: shoulders.mm,
    spacerMm: spacer.mm,
    shouldersOffMm: off,
    spacerOffMm: off,
    playMm: mm('play') ?? undefined,
  })
  return verdict === 'good' ? null : message
}
