/** Features that stand in no catalogue: looked at on the old and the new one and typed (common practice with hub units). */
export const UNIT_FEATURES = [
  'lugCount',
  'studThread',
  'boltCircle',
  'pilot',
  'flangeOffset',
  'mountingBolts',
  'spline',
  'connector',
  'sensorSide',
  'cornerRadius',
] as const
export type UnitFeature = (typeof UNIT_FEATURES)[number]

interface FeatureFacts {
  label: string
  /** what is typed: a count, a length, a thread, a count of bolts with their thread, or words */
  reads: 'count' | 'length' | 'thread' | 'bolts' | 'text'
  example: string
  /** unlike: cannot be used, or needs a look */
  unlike: 'no' | 'look'
  meaning: string
  /** to try before anything is taken apart */
  attempt: string
}

export const UNIT_FEATURE_FACTS: Record<UnitFeature, FeatureFacts> = {
  lugCount: {
    reads: 'count',
    label: 'Lugs',
    example: '5',
    unlike: 'no',
    meaning: 'The wheel does not go on.',
    attempt: 'Count the lugs of both.',
  },
  studThread: {
    reads: 'thread',
    label: 'Stud thread',
    example: 'M12x1.5',
    unlike: 'no',
    meaning: 'The wheel nuts do not run on: order nuts with it, or the other unit.',
    attempt: 'Run an old wheel nut by hand over a new stud.',
  },
  boltCircle: {
    reads: 'length',
    label: 'Bolt circle (PCD)',
    example: '100',
    unlike: 'no',
    meaning: 'The wheel does not go on.',
    attempt: 'Lay the wheel or the old flange on the new studs.',
  },
  pilot: {
    reads: 'length',
    label: 'Wheel spigot diameter',
    example: '57.1',
    unlike: 'no',
    meaning: 'Larger does not go in; smaller does not centre the wheel.',
    attempt: 'Caliper over both pilots.',
  },
  flangeOffset: {
    reads: 'length',
    label: 'Flange offset',
    example: '42',
    unlike: 'look',
    meaning: 'Wheel and brake stand elsewhere by the difference: check rubbing and cover.',
    attempt: 'Straight edge over the flange, depth to the mounting face.',
  },
  mountingBolts: {
    reads: 'bolts',
    label: 'Mounting bolts',
    example: '4 x M10',
    unlike: 'no',
    meaning: 'It cannot be bolted on.',
    attempt: 'Lay the old unit face to face with the new one, bolts through.',
  },
  spline: {
    reads: 'count',
    label: 'Spline',
    example: '27 teeth',
    unlike: 'no',
    meaning: 'The drive shaft does not go in.',
    attempt: 'Count the teeth; slide it over the shaft end.',
  },
  connector: {
    reads: 'text',
    label: 'Connector',
    example: '2 pins',
    unlike: 'no',
    meaning: 'The sensor cannot be plugged in.',
    attempt: 'Hold the plugs side by side.',
  },
  sensorSide: {
    reads: 'text',
    label: 'Sensor side',
    example: 'magnet',
    unlike: 'no',
    meaning: 'Fitted the wrong way round or without a magnet there is no signal.',
    attempt: 'Find the magnetic side with a paper clip on both.',
  },
  cornerRadius: {
    reads: 'length',
    label: 'Corner radius',
    example: '1',
    unlike: 'look',
    meaning: 'A smaller corner on the ring than the fillet of the shaft keeps it off its shoulder.',
    attempt: 'Hold a radius gauge against the fillet.',
  },
}
