import type { SeatVerdict } from './judgeSeat'

export interface RepairOption {
  way: string
  when: string
  advised: boolean
}

/** Gap on the diameter that a retaining compound may bridge, µm (common practice; its maker's sheet rules). */
export const COMPOUND_TO_UM = 100

/**
 * What may be done about a worn seat, in order of merit (common practice).
 * @param gapUm largest gap there can be between seat and ring, on the diameter, µm: loosest reading against the ring that leaves most room
 * @param wheel wheel ends are not repaired by glue or weld alone
 */
export function repairOptions(
  kind: 'shaft' | 'housing',
  verdict: SeatVerdict['verdict'],
  gapUm: number,
  wheel: boolean,
): RepairOption[] {
  if (verdict === 'good') return []
  const shaft = kind === 'shaft'
  const first: RepairOption = {
    way: 'Clean to bright metal, dress the burrs, measure again',
    when: 'Always first: dirt and rust read as size, and hide wear.',
    advised: true,
  }
  if (verdict === 'doubtful') return [first]
  const part = shaft ? 'shaft or spindle' : 'hub or housing'
  const compound: RepairOption[] =
    gapUm > 0 && gapUm <= COMPOUND_TO_UM
      ? [
          {
            way: 'Retaining compound',
            when: `Gap up to ${Math.round(gapUm)} µm against the loosest ring, within the ${COMPOUND_TO_UM} µm usual at most; bright and dry, centred, kept out of the bearing, by its maker's sheet.${wheel ? ' Not by itself on a wheel that carries people.' : ''}`,
            advised: !wheel,
          },
        ]
      : []
  return [
    first,
    ...(shaft
      ? []
      : [
          {
            way: 'Oversize part',
            when: 'Where its maker lists one with a larger outside: the bore is trued to it, nothing else changes. Ask before machining.',
            advised: true,
          },
        ]),
    {
      way: shaft
        ? 'Build up by spraying or plating and grind to size'
        : 'Bore out and press in a sleeve, then bore to size',
      when: `By a machine shop, where the ${part} is expensive or not available. Wall enough must be left.`,
      advised: true,
    },
    ...compound,
    {
      way: `New ${part}`,
      when: `The sure way, and the only one where the ${part} is cracked, blue or badly out of round.`,
      advised: true,
    },
    {
      way: shaft ? 'Knurling or centre punching the shaft' : 'Peening the edge of the bore',
      when: 'Seen in practice, not advised: the points wear off within days.',
      advised: false,
    },
  ]
}
