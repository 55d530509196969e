/** Where practitioners differ: each way, and when it is right (common practice). A shop chooses; the other is always shown. */
export const PRACTICES = {
  adjustment: {
    label: 'Setting a tapered pair',
    ways: {
      measured: 'dial indicator: wherever the manual gives a play, and on anything that carries people',
      feel: 'spin, tighten, back off, finger-tight: utility axles without a figure in the manual',
    },
  },
  grease: {
    label: 'Filling a hub',
    ways: {
      bySpeed: 'by the speed factor: full when slow, part when fast',
      full: 'packed full: slow, wet wheels',
      part: 'bearings full, cavity a third: anything that runs warm',
    },
  },
  driving: {
    label: 'Getting rings out and in',
    ways: {
      press: 'press or puller: sealed units, aluminium, everything tight',
      hammer: 'hammer and brass punch: loose cups in steel hubs, in the field',
    },
  },
  heat: {
    label: 'Heat',
    ways: {
      heat: 'warm the hub or the bearing: light alloy, tight shafts; no force, no scores',
      cold: 'cold with press and oil: sealed bearings, painted or greased parts near by',
    },
  },
  reuse: {
    label: 'A good bearing once it is out',
    ways: {
      renew: 'always renew once open: labour costs more than the part',
      inspect: 'inspect and reuse a good set: clean, packed, marked by position, cup and cone together',
    },
  },
  sides: {
    label: 'One side or both',
    ways: {
      both: 'both sides of the axle: the other has run as far',
      one: 'one side: early failure with a cause of its own',
    },
  },
  sealing: {
    label: 'Closures',
    ways: {
      sealed: 'sealed on both sides: washed, nobody relubricates',
      open: 'open and relubricated: somebody keeps the interval',
    },
  },
  torque: {
    label: 'Tightening',
    ways: {
      wrench: 'torque wrench to the value of the manual: always where a value is given',
      feel: 'experienced feel: small fasteners without a value, never wheel, brake or axle nuts',
    },
  },
} as const satisfies Record<string, { label: string; ways: Record<string, string> }>

export type PracticeName = keyof typeof PRACTICES
export const PRACTICE_NAMES = Object.keys(PRACTICES) as [PracticeName, ...PracticeName[]]
export type PracticePreferences = { [N in PracticeName]: keyof (typeof PRACTICES)[N]['ways'] & string }

/** The careful way of each, until the shop says otherwise. */
export const DEFAULT_PRACTICES: PracticePreferences = {
  adjustment: 'measured',
  grease: 'bySpeed',
  driving: 'press',
  heat: 'heat',
  reuse: 'renew',
  sides: 'both',
  sealing: 'sealed',
  torque: 'wrench',
}

export interface PracticeNote {
  about: string
  mine: string
  others: string[]
}

/** Workshop practice, and when the other way is right. */
export function practiceNote(name: PracticeName, practices: PracticePreferences): PracticeNote {
  const { label, ways } = PRACTICES[name]
  const mine = practices[name]
  const all = Object.entries<string>(ways)
  return {
    about: label,
    mine: all.find(([way]) => way === mine)?.[1] ?? '',
    others: all.filter(([way]) => way !== mine).map(([, when]) => when),
  }
}
