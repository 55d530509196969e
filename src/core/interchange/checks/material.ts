import type { CheckRule } from '../check'

/** Stainless rings carry about 0.8 of the dynamic rating of bearing steel (handbook value from memory). */
const STAINLESS_SHARE = 0.8

/** Stainless and hybrid parts: same size, other load and rust behaviour. */
export const material: CheckRule = (from, to, { wet, load }) => {
  const gained = to.materials.filter((m) => !from.materials.includes(m))
  const lost = from.materials.filter((m) => !to.materials.includes(m))
  if (lost.includes('stainless'))
    return {
      check: 'material',
      result: 'warn',
      detail: 'Not stainless: rusts where the old one did not. Right only where it stays dry.',
    }
  if (gained.includes('stainless') && wet && load === 'light')
    return {
      check: 'material',
      result: 'pass',
      detail: `Stainless: resists rust; carries about ${STAINLESS_SHARE} of the load, enough where it is light.`,
      better: true,
    }
  if (gained.includes('stainless'))
    return {
      check: 'material',
      result: 'warn',
      detail: `Stainless: resists rust, carries about ${STAINLESS_SHARE} of the load. Right where load is light.`,
    }
  if (lost.includes('hybrid'))
    return {
      check: 'material',
      result: 'warn',
      detail: 'Steel balls for ceramic ones: lower speed limit, no insulation.',
    }
  if (gained.includes('hybrid'))
    return { check: 'material', result: 'pass', detail: 'Ceramic balls: same size, runs cooler at speed.' }
  return null
}
