import { SEAL_MATERIALS } from '../../seals'
import { differs, type CheckRule } from '../check'

/** A dust lip outside the sealing lip keeps dirt off; it costs friction and speed (common practice). */
export const sealLip: CheckRule = ({ part: from }, { part: to }) => {
  if (!from.seal || !to.seal) return null
  const [was, now] = [from.seal.lip, to.seal.lip]
  const values = [`${was} lip`, `${now} lip`] as const
  if (was === now) return { check: 'lip', result: 'pass', detail: `Same lip: ${was}.`, values }
  return now === 'double'
    ? differs('lip', 'pass', values, 'A dust lip keeps dirt and wash water off; it runs warmer.')
    : differs(
        'lip',
        'warn',
        values,
        'Without the dust lip: right only where no dirt or water comes from outside.',
      )
}

/** The elastomer of the lip: it must stand what the old one stood (limits: handbook values from memory). */
export const sealMaterial: CheckRule = ({ part: from }, { part: to }, { temperatureC }) => {
  if (!from.seal || !to.seal) return null
  const values = [from.seal.material, to.seal.material] as const
  const [was, now] = values
  const [a, b] = values.map((code) => SEAL_MATERIALS.find((m) => m.code === code))
  const isSame = was === now
  const say = (result: 'pass' | 'warn' | 'fail', meaning: string) =>
    isSame
      ? {
          check: 'material',
          result,
          detail: `Same material: ${was}. ${meaning}`.trim(),
          values,
          meaning,
        }
      : differs('material', result, values, meaning)
  if (b && temperatureC !== undefined && (temperatureC > b.maxC || temperatureC < b.minC))
    return say('fail', `${now} is for ${b.minC} to ${b.maxC} °C; here it is ${temperatureC} °C.`)
  if (isSame) return say('pass', '')
  if (!a || !b) return say('warn', 'Ask the seal maker whether it stands what it runs in.')
  const lost = [
    b.maxC < a.maxC && `stands ${b.maxC} °C; ${was} stood ${a.maxC} °C`,
    b.minC > a.minC && `is stiff below ${b.minC} °C; ${was} only below ${a.minC} °C`,
    b.maxSpeed < a.maxSpeed && `runs to ${b.maxSpeed} m/s; ${was} to ${a.maxSpeed} m/s`,
    ...b.not.filter((medium) => !a.not.includes(medium)).map((medium) => `does not stand ${medium}`),
    ...b.ask
      .filter((medium) => !a.ask.includes(medium) && !a.not.includes(medium))
      .map((medium) => `with ${medium}: ask its maker`),
  ].filter((loss) => loss !== false)
  return lost.length > 0
    ? say('warn', lost.map((loss) => `${now} ${loss}.`).join(' '))
    : say('pass', 'It stands heat and what the old one stood.')
}
