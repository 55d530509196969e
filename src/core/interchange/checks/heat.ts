import { differs, type CheckRule } from '../check'
import { RINGS_TO, STABLE_TO } from './temperature'

const errorMessage = (heat: string | null): string => heat ?? 'as standard'

/** Up to which temperature rings keep their size, °C; null where the letters do not say. */
const stableTo = (heat: string | null): number | null =>
  heat === null ? RINGS_TO : (STABLE_TO[heat] ?? null)

/** Heat treatment of the rings: stable to a higher temperature does no harm, to a lower one it does where it is hot. */
export const heat: CheckRule = (from, to) => {
  const [a, b] = [from.heat, to.heat]
  if (a === b) return null
  const values = [errorMessage(a), errorMessage(b)] as const
  const [was, now] = [stableTo(a), stableTo(b)]
  if (was !== null && now !== null)
    return now > was
      ? differs('heat', 'pass', values, `Rings keep their size to ${now} °C.`, 'Heat treatment:')
      : differs(
          'heat',
          'warn',
          values,
          `Rings keep their size to ${now} °C, the old ones to ${was} °C: right only where it is not that hot.`,
          'Heat treatment:',
        )
  return differs(
    'heat',
    'warn',
    values,
    'Made for heat, but not told up to which: ask its maker where it is hot.',
    'Heat treatment:',
  )
}
