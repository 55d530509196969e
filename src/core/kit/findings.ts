/** What was found on the machine and adds to its kit. */
export const FINDINGS = ['journalGrooved', 'collarGrooved', 'threadBurred', 'spindleWorn', 'hubWorn'] as const
export type Finding = (typeof FINDINGS)[number]

export const FINDING_LABELS: Record<Finding, string> = {
  journalGrooved: 'journal grooved by the seal',
  collarGrooved: 'collar or spacer grooved',
  threadBurred: 'thread burred',
  spindleWorn: 'spindle, axle or hub journal worn',
  hubWorn: 'hub or housing bore worn',
}
