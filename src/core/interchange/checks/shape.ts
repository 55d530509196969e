import type { CheckRule } from '../check'

/** Groove, tapered bore and flange hold the bearing in place: they are there or they are not. */
export const shape: CheckRule = (from, to) => {
  const missing = [
    from.taperBore !== to.taperBore && 'tapered bore',
    from.groove !== to.groove && 'snap ring groove',
    from.flange !== to.flange && 'flange on the outer ring',
  ].filter((name) => name !== false)
  if (missing.length === 0) return null
  return {
    check: 'shape',
    result: 'fail',
    detail: `Differs in: ${missing.join(', ')}. It would not be held the same way.`,
  }
}
