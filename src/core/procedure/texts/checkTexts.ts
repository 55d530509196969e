import { inBoth } from '../facts'
import type { CheckStepFacts } from '../steps'
import type { TextsOf } from './textsOf'

/** Cleaning and checks (common practice). */
export const CHECK_TEXTS: TextsOf<CheckStepFacts> = {
  partsClean: ({ hub }) => ({
    text: `Old grease out; ${hub}, seats and threads to bright metal. Dry with a cloth.`,
    caution:
      'Solvent not on hot metal; no welding or flame near degreaser residue. Never spin a bearing with compressed air.',
  }),
  seatsClean: () => ({
    text: 'Rust and burrs off the seats with fine emery by hand, along the shaft last; wipe a film of oil on.',
  }),
  found: ({ found, verdict }) => ({
    text:
      verdict === 'replace'
        ? `${found}: renew.`
        : verdict === 'doubtful'
          ? `${found}: doubtful. Look again when it is clean; decide before fitting.`
          : `${found}: good.`,
  }),
  seat: ({ part, class: fit, verdict, why }) => ({ text: `Seat of ${part}, ${fit}: ${verdict}. ${why}` }),
  seatsMeasured: () => ({
    text: 'Measure the seats: four clock positions at two depths. One reading that departs from the others condemns the seat.',
    tool: 'Bore gauge, micrometer',
  }),
  fillets: ({ of }) => ({
    text: `Fillets at the shoulders of shaft and housing: ${of
      .map(({ part, filletMm }) => `at most ${inBoth(filletMm)} for ${part}`)
      .join(', ')}. A larger one keeps the ring off its shoulder.`,
    tool: 'Radius gauge',
  }),
  snapRings: ({ of }) => ({
    text: `Snap rings of the outer rings: ${of
      .map(({ part, ringOutsideMm }) =>
        ringOutsideMm === null ? part : `${part}, ${inBoth(ringOutsideMm)} outside at most`,
      )
      .join(
        '; ',
      )}. Each in its groove, its gap where the housing lets it be; it holds the bearing along the shaft.`,
  }),
  lookAlso: ({ at }) => ({ text: `Look also: ${at.join(' ')}` }),
  spacerLength: ({ hub }) => ({
    text: `Spacer: faces square and unburred, length against the shoulders of the ${hub}. Too short loads the bearings sideways.`,
    tool: 'Depth gauge or caliper',
  }),
  threadTried: () => ({ text: 'Run the nut over the whole thread by hand, dry. It must not catch.' }),
  closuresRight: () => ({
    text: 'Closures of the new bearings as chosen in the kit; a one-sided one faces outward.',
  }),
  partsCompared: ({ conesToo }) => ({
    text: `Lay the new parts on the old: number, closures, side.${conesToo ? ' Cup and cone wear in together: both new, always.' : ''}`,
  }),
}
