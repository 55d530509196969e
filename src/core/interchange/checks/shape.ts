import type { CheckRule } from '../check'
import { isSnapGroove } from '../variant'

/** What two bearings differ in whose outer rings are held by another groove. */
const grooveOf = (from: string | null, to: string | null): string =>
  isSnapGroove(from) || isSnapGroove(to) ? 'snap ring groove' : 'locating slot'

/** Groove, tapered bore and flange hold the bearing in place: they are there or they are not. */
export const shape: CheckRule = (from, to) => {
  const missing = [
    from.taperBore !== to.taperBore && 'tapered bore',
    from.groove !== to.groove && grooveOf(from.groove, to.groove),
    from.flange !== to.flange && 'flange on the outer ring',
  ].filter((name) => name !== false)
  if (missing.length === 0) return null
  return {
    check: 'shape',
    result: 'fail',
    detail: `Differs in: ${missing.join(', ')}. It would not be held the same way.`,
  }
}
