import { SEAL_MATERIALS } from '../../seals'
import type { Check, CheckRule } from '../check'

/** A dust lip outside the sealing lip keeps dirt off; it costs friction and speed (common practice). */
export const sealLip: CheckRule = ({ part: from }, { part: to }) => {
  if (!from.seal || !to.seal) return null
  const [was, now] = [from.seal.lip, to.seal.lip]
  if (was === now) return { check: 'lip', result: 'pass', detail: `Same lip: ${was}.` }
  const change = `${was} lip → ${now} lip`
  return now === 'double'
    ? {
        check: 'lip',
        result: 'pass',
        detail: `${change}. A dust lip keeps dirt and wash water off; it runs warmer.`,
        better: true,
      }
    : {
        check: 'lip',
        result: 'warn',
        detail: `${change}. Without the dust lip: right only where no dirt or water comes from outside.`,
      }
}

const said = (result: Check['result'], detail: string): Check => ({ check: 'material', result, detail })

/** The elastomer of the lip: it must stand what the old one stood (limits: handbook values from memory). */
export const sealMaterial: CheckRule = ({ part: from }, { part: to }, { temperatureC }) => {
  if (!from.seal || !to.seal) return null
  const [was, now] = [from.seal.material, to.seal.material]
  const [a, b] = [was, now].map((code) => SEAL_MATERIALS.find((m) => m.code === code))
  const change = was === now ? `Same material: ${was}.` : `${was} → ${now}.`
  if (b && temperatureC !== undefined && (temperatureC > b.maxC || temperatureC < b.minC))
    return said('fail', `${change} ${now} is for ${b.minC} to ${b.maxC} °C; here it is ${temperatureC} °C.`)
  if (was === now) return said('pass', change)
  if (!a || !b) return said('warn', `${change} Ask the seal maker whether it stands what it runs in.`)
  const lost = [
    b.maxC < a.maxC && `stands ${b.maxC} °C, not ${a.maxC}`,
    b.minC > a.minC && `stiff below ${b.minC} °C, not ${a.minC}`,
    b.maxSpeed < a.maxSpeed && `runs to ${b.maxSpeed} m/s, not ${a.maxSpeed}`,
    ...b.not.filter((medium) => !a.not.includes(medium)).map((medium) => `does not stand ${medium}`),
    ...b.ask
      .filter((medium) => !a.ask.includes(medium) && !a.not.includes(medium))
      .map((medium) => `ask about ${medium}`),
  ].filter((words) => words !== false)
  return lost.length > 0
    ? said('warn', `${change} ${now} ${lost.join('; ')}.`)
    : { ...said('pass', `${change} Stands heat and what the old one stood.`), better: true }
}
