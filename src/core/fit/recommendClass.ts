export type SeatLoad = 'light' | 'normal' | 'heavy'

export interface SeatUse {
  ring: 'inner' | 'outer'
  /** the ring that turns against the direction of its load; a wheel turns the outer one */
  turning: 'inner' | 'outer'
  load: SeatLoad
  boreMm: number
  rolling: 'ball' | 'roller'
  /** press-in hub unit: both rings are tight, whichever turns */
  hubUnit?: boolean | undefined
  /** light-alloy hubs lose grip when warm */
  lightAlloy?: boolean | undefined
}

/** Turning inner ring: up to and including this bore, mm, the class for light, normal and heavy load (handbook practice). */
const TURNING_SHAFT: Record<SeatUse['rolling'], readonly (readonly [number, string, string, string])[]> = {
  ball: [
    [17, 'js5', 'j5', 'j5'],
    [100, 'j6', 'k5', 'k5'],
    [140, 'k6', 'm5', 'm5'],
    [Infinity, 'm6', 'm6', 'n6'],
  ],
  roller: [
    [25, 'j6', 'k6', 'k6'],
    [40, 'j6', 'k6', 'm6'],
    [60, 'k6', 'm6', 'n6'],
    [140, 'k6', 'm6', 'p6'],
    [Infinity, 'm6', 'n6', 'p6'],
  ],
}
const TURNING_HOUSING: Record<SeatLoad, string> = { light: 'M7', normal: 'N7', heavy: 'P7' }
const TIGHTER: Record<string, string> = { M7: 'N7', N7: 'P7', P7: 'R7' }

/**
 * The usual class of a seat: the ring that turns relative to its load is tight, the other slides (common practice,
 * handbook tables from memory).
 * @example recommendClass({ ring: 'inner', turning: 'inner', load: 'normal', boreMm: 25, rolling: 'ball' }) // k5
 */
export function recommendClass(use: SeatUse): { class: string; why: string } {
  const { ring, turning, load, boreMm, rolling, lightAlloy } = use
  if (use.hubUnit)
    return ring === 'inner'
      ? { class: 'k6', why: 'The hub is pressed into the unit: tight, and drawn up by the axle nut.' }
      : {
          class: lightAlloy || load === 'heavy' ? 'P7' : 'N7',
          why: 'The unit is pressed into its knuckle: tight, or it creeps and wears its bore.',
        }
  if (ring === 'inner') {
    if (turning === 'outer')
      return load === 'heavy'
        ? { class: 'h6', why: 'Stands still to its load: it slides on, with little play under heavy load.' }
        : { class: 'g6', why: 'Stands still to its load: a slide fit, so that it can be set and taken off.' }
    const row = TURNING_SHAFT[rolling].find(([to]) => boreMm <= to)
    const at = { light: 1, normal: 2, heavy: 3 }[load]
    return {
      class: String(row?.[at] ?? 'k5'),
      why: `Turns against its load: tight, or it creeps and wears its shaft. ${load[0]?.toUpperCase()}${load.slice(1)} load, ${rolling} bearing.`,
    }
  }
  if (turning === 'inner')
    return load === 'heavy'
      ? { class: 'J7', why: 'Stands still to its load, but shocks would rock it: between sliding and tight.' }
      : { class: 'H7', why: 'Stands still to its load: it slides, so that the shaft can lengthen.' }
  const steel = TURNING_HOUSING[load]
  const tight = lightAlloy ? (TIGHTER[steel] ?? steel) : steel
  return {
    class: tight,
    why: `Turns against its load, as in every wheel: tight in its hub.${lightAlloy ? ' One step tighter in light alloy, which grows more when warm.' : ''}`,
  }
}
