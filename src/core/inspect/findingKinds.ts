/** Parts that are looked at, one after another. */
export const INSPECTED = [
  'bearing',
  'race',
  'shaft',
  'housing',
  'seal',
  'collar',
  'thread',
  'grease',
  'sensor',
] as const
export type Inspected = (typeof INSPECTED)[number]

export const INSPECTED_LABELS: Record<Inspected, string> = {
  bearing: 'bearing or cone',
  race: 'cup or mating race',
  shaft: 'spindle or shaft',
  housing: 'hub or housing bore',
  seal: 'seal',
  collar: 'collar, spacer',
  thread: 'threads',
  grease: 'grease',
  sensor: 'encoder, sensor',
}

/**
 * How a part that is looked at is called.
 * @param beside what else is looked at: a bearing that comes apart has its race beside it
 */
export const inspectedText = (part: Inspected, beside: readonly Inspected[]): string =>
  part === 'bearing' && !beside.includes('race') ? 'bearing' : INSPECTED_LABELS[part]

/** How far a finding has gone. */
export const SEVERITIES = ['trace', 'marked', 'severe'] as const
export type Severity = (typeof SEVERITIES)[number]

export const PART_VERDICTS = ['good', 'doubtful', 'replace'] as const
export type PartVerdict = (typeof PART_VERDICTS)[number]

/** Whether the machine may run with it. */
export const RUNNING = ['yes', 'watch', 'notUntilRepaired'] as const
export type Running = (typeof RUNNING)[number]

export const SCENES = [
  'race',
  'track',
  'ring',
  'cage',
  'joint',
  'roller',
  'ball',
  'shaft',
  'thread',
  'bore',
  'lip',
  'grease',
] as const
