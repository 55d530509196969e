import { inBoth, round } from '../facts'
import type { Bar, ToolFacts, ToolWish, WantedTool } from '../tools'

/** A bar by what it must be: “longer than 112 mm (4.409 in), at most 16.8 mm (0.661 in) thick”. */
const barText = ({ longerThan, thinnerThan }: Bar): string =>
  `longer than ${inBoth(longerThan)}${thinnerThan === undefined ? '' : `, at most ${inBoth(thinnerThan)} thick`}`

/** What a drift must be to reach and catch a ring. */
export const driftText = (drift: Bar | 'any'): string =>
  drift === 'any' ? 'Brass drift' : `Brass drift ${barText(drift)}`

export const blindPullerText = (boreMm: number): string => `Blind hole puller for a bore of ${inBoth(boreMm)}`

interface ToolText {
  label: string
  /** what serves safely in its place; empty = nothing does */
  improvise: string
}

const driftInstead = (drift: Bar | null): string =>
  drift
    ? `${driftText(drift)}, at several clock positions in turn.`
    : 'Brass drift at several clock positions in turn; a strong bar across with two bolts.'

/** Tools of a job card, and what serves in their place (common practice). */
const TEXTS: { [C in keyof ToolFacts]: (data: ToolFacts[C]) => ToolText } = {
  sleeve: ({ name, ring, insideMm, outsideMm }) => ({
    label: `Sleeve for ${name}, ${ring} ring: ${inBoth(insideMm)} inside, ${inBoth(outsideMm)} outside`,
    improvise:
      ring === 'outer'
        ? 'The old ring, ground 0.5 mm smaller outside, as a drift under the press, never struck with steel; or a socket of that outside.'
        : 'A tube with square ends that slides over the shaft.',
  }),
  receiver: ({ hub, insideMm, deepMm }) => ({
    label: `Receiving ring under the ${hub}: inside over ${inBoth(insideMm)}, deeper than ${inBoth(deepMm)}`,
    improvise: 'Two hardwood blocks either side of the ring, never under studs or rotor.',
  }),
  brassDrift: ({ drift }) => ({
    label: driftText(drift),
    improvise: 'Soft bronze or copper bar; never hardened steel.',
  }),
  blindPuller: ({ boreMm, drift }) => ({ label: blindPullerText(boreMm), improvise: driftInstead(drift) }),
  blindPullerForRest: () => ({
    label: 'Blind hole puller for the ring left in the hub',
    improvise: 'A drift behind its edge at several clock positions.',
  }),
  puller: ({ drift }) => ({ label: 'Puller, or a press from behind', improvise: driftInstead(drift) }),
  press: ({ kn, rod }) => ({
    label: `Press, at least ${kn} kN`,
    improvise: rod
      ? `Threaded rod ${rod.thread}, nuts greased, drawing through the sleeve; its far washer on the hub, wider than ${inBoth(rod.overMm)}. No flat washer on the bearing: it would press on inner ring and seal.`
      : 'Heat instead; no rod that goes through the bore is strong enough.',
  }),
  heater: () => ({ label: 'Heater', improvise: 'A kitchen oven or a hot plate; never a flame.' }),
  thermometer: () => ({
    label: 'Thermometer to 150 °C',
    improvise: 'None: heat that is not measured is not used. Press instead.',
  }),
  slideHammer: () => ({ label: 'Slide hammer', improvise: '' }),
  socket: ({ mm }) => ({
    label: `Socket ${round(mm)} mm`,
    improvise: 'An open-ended spanner; the torque wrench then needs a crowfoot.',
  }),
  hookSpanner: ({ mm }) => ({ label: `Hook spanner for an outside of ${round(mm)} mm`, improvise: '' }),
  snapRingPliers: ({ on, mm }) => ({
    label: `Snap ring pliers for a ${on} of ${round(mm)} mm`,
    improvise: '',
  }),
  depthGauge: () => ({
    label: 'Depth gauge',
    improvise: 'Straight edge and the tail of a caliper.',
  }),
  dialIndicator: () => ({
    label: 'Dial indicator with stand, 0.01 mm',
    improvise: 'By feel, and look again after the first day; not where the manual gives a figure.',
  }),
  boreGauge: ({ tight }) => ({
    label: 'Bore gauge or inside micrometer, 0.005 mm',
    improvise: tight
      ? 'A new ring as a gauge: it must not drop in by hand.'
      : 'A new ring as a gauge: it must slide in by hand and not rock.',
  }),
  torqueWrench: () => ({ label: "Torque wrench covering the manual's value", improvise: '' }),
}

/** A tool that is wanted, with its text. */
export function withToolText(wish: ToolWish): WantedTool {
  const { kind, from, to, tube, bar } = wish
  const write = TEXTS[wish.code] as (data: ToolWish['data']) => ToolText
  return {
    kind,
    ...write(wish.data),
    ...(from !== undefined && { from }),
    ...(to !== undefined && { to }),
    ...(tube && { tube }),
    ...(bar && { bar }),
  }
}
