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
] as const
export type ToolKind = (typeof TOOL_KINDS)[number]

export const TOOL_WORDS: Record<ToolKind, string> = {
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
}

/** One tool of the shop. A range: pliers for 20 to 60 mm, a press to 100 kN. */
export interface OwnTool {
  kind: ToolKind
  words: string
  from?: number | undefined
  to?: number | undefined
}

/** One tool wanted: any size within the range serves. */
export interface WantedTool {
  kind: ToolKind
  words: string
  from?: number
  to?: number
  /** what serves safely in its place; empty = nothing does */
  improvise: string
}

export interface ToolAnswer extends WantedTool {
  /** the shop's own that serves; null = missing */
  own: string | null
}

const serves = (own: OwnTool, wanted: WantedTool): boolean => {
  if (own.kind !== wanted.kind) return false
  if (wanted.from === undefined || wanted.to === undefined) return true
  const low = own.from ?? own.to ?? 0
  const high = own.to ?? own.from ?? Infinity
  // A press of 100 kN serves for 12; a sleeve must have a size of its own within the range.
  return own.kind === 'press' ? high >= wanted.from : high >= wanted.from && low <= wanted.to
}

/** Picks from the shop's own tools; says what is missing. */
export const pickTools = (wanted: readonly WantedTool[], toolbox: readonly OwnTool[]): ToolAnswer[] =>
  wanted
    .filter((tool, i) => wanted.findIndex((t) => t.words === tool.words) === i)
    .map((tool) => ({ ...tool, own: toolbox.find((own) => serves(own, tool))?.words ?? null }))
