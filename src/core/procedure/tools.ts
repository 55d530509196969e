/** Kinds of tools a plan asks for; sizes in mm, a press in kN. */
export const TOOL_KINDS = [
  'sleeve',
  'socket',
  'hookSpanner',
  'snapRingPliers',
  'puller',
  'separator',
  'press',
  'heater',
  'dialIndicator',
  'torqueWrench',
  'depthGauge',
  'boreGauge',
  'brassDrift',
  'receiver',
  'blindPuller',
  'slideHammer',
  'thermometer',
  /** of a kind of the shop's own: listed, never picked */
  'other',
] as const
export type ToolKind = (typeof TOOL_KINDS)[number]

export const TOOL_LABELS: Record<ToolKind, string> = {
  sleeve: 'sleeve or driver',
  socket: 'socket',
  hookSpanner: 'hook spanner',
  snapRingPliers: 'snap ring pliers',
  puller: 'puller',
  separator: 'separator',
  press: 'press',
  heater: 'heater, plate or hot air',
  dialIndicator: 'dial indicator',
  torqueWrench: 'torque wrench',
  depthGauge: 'depth gauge',
  boreGauge: 'bore gauge or inside micrometer',
  brassDrift: 'brass drift',
  receiver: 'receiving ring',
  blindPuller: 'blind hole puller',
  slideHammer: 'slide hammer',
  thermometer: 'thermometer',
  other: 'another kind',
}

/** One tool of the shop. A range: pliers for 20 to 60 mm, a press to 100 kN. */
export interface OwnTool {
  kind: ToolKind
  label: string
  from?: number | undefined
  to?: number | undefined
  /** of a sleeve, socket or ring, mm: what it can drive or receive; of a drift how thick it is outside and how long it is deep */
  insideMm?: number | undefined
  outsideMm?: number | undefined
  depthMm?: number | undefined
}

/** A tube that is wanted, mm: clear of what it must not touch, and on what it must meet. */
export interface TubeWanted {
  insideFrom: number
  insideTo?: number
  outsideFrom?: number
  outsideTo?: number
  depthFrom?: number
}

/** A bar to drive with, mm; no thickness where what it passes is not known. */
export interface Bar {
  longerThan: number
  thinnerThan?: number
}

/** What a tool that is wanted must be, by its code, mm. */
export interface ToolFacts {
  sleeve: { name: string; ring: 'inner' | 'outer'; insideMm: number; outsideMm: number }
  receiver: { hub: string; insideMm: number; deepMm: number }
  brassDrift: { drift: Bar | 'any' }
  /** `drift`: what serves in its place; null = of no known size */
  blindPuller: { boreMm: number; drift: Bar | null }
  blindPullerForRest: Nothing
  puller: { drift: Bar | null }
  /** `rod`: draws the ring in instead */
  press: { kn: number; rod: { thread: string; overMm: number } | null }
  heater: Nothing
  thermometer: Nothing
  slideHammer: Nothing
  socket: { mm: number }
  hookSpanner: { mm: number }
  snapRingPliers: { on: 'bore' | 'shaft'; mm: number }
  depthGauge: Nothing
  dialIndicator: Nothing
  /** `tight`: a ring of the job is; else all of them slide */
  boreGauge: { tight: boolean }
  torqueWrench: Nothing
}
type Nothing = Record<never, never>

/** One tool wanted: any size within the range serves. */
interface Wanted {
  kind: ToolKind
  from?: number
  to?: number
  /** any sleeve, socket or ring of these sizes serves as well */
  tube?: TubeWanted
  /** of a drift: a measured one serves when it reaches and leans enough, one without sizes is taken as it is */
  bar?: Bar
}

/** A tool before it has its text. */
export type ToolWish = Wanted & { [C in keyof ToolFacts]: { code: C; data: ToolFacts[C] } }[keyof ToolFacts]

/** A tool as it is read. */
export interface WantedTool extends Wanted {
  label: string
  /** what serves safely in its place; empty = nothing does */
  improvise: string
}

export interface ToolAnswer extends WantedTool {
  /** the shop's own that serves; null = missing */
  own: string | null
}

/** Sockets are tubes: they drive and receive rings as sleeves do. */
const TUBES: readonly ToolKind[] = ['sleeve', 'socket', 'receiver']

/** Whether a measured tube meets what it must and touches nothing else. */
function tubeServes({ insideMm, outsideMm, depthMm }: OwnTool, wanted: TubeWanted): boolean {
  if (insideMm === undefined || outsideMm === undefined) return false
  return (
    insideMm >= wanted.insideFrom &&
    insideMm <= (wanted.insideTo ?? Infinity) &&
    outsideMm >= (wanted.outsideFrom ?? 0) &&
    outsideMm <= (wanted.outsideTo ?? Infinity) &&
    (depthMm ?? Infinity) >= (wanted.depthFrom ?? 0)
  )
}

const serves = (own: OwnTool, wanted: WantedTool): boolean => {
  if (wanted.tube && TUBES.includes(own.kind) && own.insideMm !== undefined)
    return tubeServes(own, wanted.tube)
  if (own.kind !== wanted.kind) return false
  if (wanted.bar)
    return (
      (own.depthMm ?? Infinity) >= wanted.bar.longerThan &&
      (own.outsideMm ?? 0) <= (wanted.bar.thinnerThan ?? Infinity)
    )
  if (wanted.from === undefined || wanted.to === undefined) return true
  const low = own.from ?? own.to ?? 0
  const high = own.to ?? own.from ?? Infinity
  // A press of 100 kN serves for 12; a sleeve must have a size of its own within the range.
  return own.kind === 'press' ? high >= wanted.from : high >= wanted.from && low <= wanted.to
}

/** Picks from the shop's own tools; says what is missing. */
export const pickTools = (wanted: readonly WantedTool[], toolbox: readonly OwnTool[]): ToolAnswer[] =>
  wanted
    .filter((tool, i) => wanted.findIndex((t) => t.label === tool.label) === i)
    .map((tool) => ({ ...tool, own: toolbox.find((own) => serves(own, tool))?.label ?? null }))
