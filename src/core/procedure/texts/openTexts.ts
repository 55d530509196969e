import type { OpenFacts, OpenPoint } from '../openPoints'

const TEXTS: { [C in keyof OpenFacts]: (data: OpenFacts[C]) => string } = {
  circle: ({ parts }) =>
    `These parts cannot be fitted in any order, each is wanted before the next: ${parts.join(' → ')}. Change the arrangement.`,
  gap: ({ place, reason }) => `${place}: missing. ${reason}`,
  misfit: ({ place, reason }) => `${place}: does not fit. ${reason}`,
  seatLost: ({ part, ring, why }) =>
    `Seat of ${part}, ${ring === 'inner' ? 'shaft' : 'housing'}: repair or renew before fitting. ${why}`,
  notUntilRepaired: () => 'The machine does not run until this is repaired.',
}

/** The text of what must be settled first. */
export function openText({ code, data }: OpenPoint): string {
  const write = TEXTS[code] as (data: OpenPoint['data']) => string
  return write(data)
}
