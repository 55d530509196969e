import type { Application, Check, CheckRule } from '../check'
import type { Variant } from '../variant'

/** Stainless rings carry about 0.8 of the dynamic rating of bearing steel (handbook value from memory). */
const STAINLESS_SHARE = 0.8

type Said = Required<Pick<Check, 'result' | 'detail'>>

function gain(material: string, { wet, load }: Application): Said {
  if (material === 'insulated')
    return { result: 'pass', detail: 'Gained: insulated, no current runs through it.' }
  if (material === 'hybrid')
    return {
      result: 'pass',
      detail:
        'Gained: ceramic balls, same size; higher speed, less heat, no current through them. They bear shocks less well and cost more.',
    }
  if (wet && load === 'light')
    return {
      result: 'pass',
      detail: `Gained: stainless, resists rust; carries about ${STAINLESS_SHARE} of the load, enough where it is light.`,
    }
  return {
    result: 'warn',
    detail: `Gained: stainless, resists rust; lost: it carries about ${STAINLESS_SHARE} of the load. Right where load is light.`,
  }
}

function loss(material: string, { wet }: Application): string {
  if (material === 'insulated')
    return 'Lost: the insulation. Current of a motor or its drive burns the tracks: right only where none runs through it.'
  if (material === 'hybrid')
    return 'Lost: ceramic balls. Steel balls have a lower speed limit, run warmer and do not insulate; they bear shocks better.'
  return `Lost: stainless, ${wet ? 'and here it is wet: it will rust' : 'it rusts where the old one did not'}. Gained: it carries about a quarter more. Right only where it stays dry.`
}

const errorMessage = ({ materials }: Variant): string => materials.join(', ') || 'steel'

/** Stainless, hybrid and insulated parts, both ways: what is gained and what is lost. */
export const material: CheckRule = (from, to, application) => {
  const said = [
    ...to.materials.filter((m) => !from.materials.includes(m)).map((m) => gain(m, application)),
    ...from.materials
      .filter((m) => !to.materials.includes(m))
      .map((m): Said => ({ result: 'warn', detail: loss(m, application) })),
  ]
  if (said.length === 0) return null
  const result = said.some((s) => s.result === 'warn') ? 'warn' : 'pass'
  const detail = said.map((s) => s.detail).join(' ')
  return {
    check: 'material',
    result,
    detail,
    values: [errorMessage(from), errorMessage(to)],
    meaning: detail,
  }
}
