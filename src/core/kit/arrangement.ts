/** What may stand in a slot; decides how it is filled and drawn. */
export type SlotRole =
  | 'cone'
  | 'cup'
  | 'ballBearing'
  | 'seal'
  | 'wearSleeve'
  | 'washer'
  | 'castleNut'
  | 'cotterPin'
  | 'cap'
  | 'snapRing'
  | 'spacerTube'
  | 'wheelSpacer'
  | 'grease'

export interface Slot {
  id: string
  words: string
  role: SlotRole
  /** inner or outer bearing of the pair, left or right of the hub */
  side?: 'inner' | 'outer' | 'left' | 'right'
  /** used once only: always new */
  singleUse: boolean
  /** an old one may stay where it is sound */
  mayStay: boolean
  /** appears only when it is asked for */
  onRequest?: true
  perPosition: number
  note: string
}

export interface Arrangement {
  code: 'A1' | 'B1'
  words: string
  /** what one position is called */
  position: string
  /** in fitting order from the inside out */
  slots: readonly Slot[]
  /** the hub stands after this slot in the drawing */
  hubAfter: string
  cautions: readonly string[]
}

const once = { singleUse: true, mayStay: false, perPosition: 1 } as const
const renewed = { singleUse: false, mayStay: false, perPosition: 1 } as const
const sound = { singleUse: false, mayStay: true, perPosition: 1 } as const

/** Cautions that stand beside every wheel-end kit (common practice). */
const WHEEL_CAUTIONS = [
  'Stand the machine on stands, chock the wheels, lock the power off.',
  'Wear eye protection: hardened rings shatter under a steel hammer. Use a brass drift, a driver or a press.',
  'Never spin a bearing with compressed air.',
  "Wheel-end work decides whether a vehicle stops: the machine's manual, local rules and licensed practice come first. Take every torque and play from the manual.",
]

/** Tapered pair on a stub spindle. */
const A1: Arrangement = {
  code: 'A1',
  words: 'Tapered pair on a stub spindle',
  position: 'wheel end',
  hubAfter: 'innerCup',
  slots: [
    {
      id: 'wearSleeve',
      words: 'Wear sleeve',
      role: 'wearSleeve',
      ...renewed,
      onRequest: true,
      note: 'Over a journal that the old seal has grooved.',
    },
    {
      id: 'seal',
      words: 'Seal',
      role: 'seal',
      ...once,
      note: 'Flush with the hub, spring side toward the bearing; film of grease on lip and journal.',
    },
    {
      id: 'innerCone',
      words: 'Inner cone',
      role: 'cone',
      side: 'inner',
      ...renewed,
      note: 'Packed by hand until grease comes through the cage all round.',
    },
    {
      id: 'innerCup',
      words: 'Inner cup',
      role: 'cup',
      side: 'inner',
      ...renewed,
      note: 'Wide opening outward, seated against its shoulder.',
    },
    {
      id: 'outerCup',
      words: 'Outer cup',
      role: 'cup',
      side: 'outer',
      ...renewed,
      note: 'Wide opening outward, seated against its shoulder.',
    },
    {
      id: 'outerCone',
      words: 'Outer cone',
      role: 'cone',
      side: 'outer',
      ...renewed,
      note: 'Packed; slides on the spindle by hand.',
    },
    {
      id: 'washer',
      words: 'Spindle washer',
      role: 'washer',
      ...sound,
      note: 'Tab in the keyway, flat side to the cone.',
    },
    {
      id: 'castleNut',
      words: 'Castle nut',
      role: 'castleNut',
      ...sound,
      note: 'Reuse only with clean threads and square slots.',
    },
    {
      id: 'cotterPin',
      words: 'Cotter pin',
      role: 'cotterPin',
      ...once,
      note: 'Legs clear of the cap.',
    },
    { id: 'cap', words: 'Hub cap', role: 'cap', ...sound, note: 'Last of all, tapped on squarely.' },
    {
      id: 'grease',
      words: 'Grease',
      role: 'grease',
      ...renewed,
      note: 'The thickener the hub had before; clean out first where that is not known.',
    },
  ],
  cautions: WHEEL_CAUTIONS,
}

/** Two sealed ball bearings with a spacer tube on a through axle. */
const B1: Arrangement = {
  code: 'B1',
  words: 'Two sealed ball bearings with spacer tube, through axle',
  position: 'wheel',
  hubAfter: 'spacerTube',
  slots: [
    {
      id: 'wheelSpacerLeft',
      words: 'Wheel spacer, left',
      role: 'wheelSpacer',
      side: 'left',
      ...sound,
      note: 'Replaced where the seal has grooved it.',
    },
    {
      id: 'sealLeft',
      words: 'Seal, left',
      role: 'seal',
      side: 'left',
      ...once,
      note: 'Flush with the hub, lip outward to the wet.',
    },
    {
      id: 'bearingLeft',
      words: 'Bearing, left',
      role: 'ballBearing',
      side: 'left',
      ...renewed,
      note: 'Pressed through the outer ring; the side with the shoulder first.',
    },
    {
      id: 'spacerTube',
      words: 'Spacer tube',
      role: 'spacerTube',
      ...sound,
      note: 'Goes in BEFORE the second bearing. A short or damaged one loads the bearings sideways.',
    },
    {
      id: 'bearingRight',
      words: 'Bearing, right',
      role: 'ballBearing',
      side: 'right',
      ...renewed,
      note: 'Until one inner ring just drags the other through the tube.',
    },
    {
      id: 'snapRing',
      words: 'Snap ring',
      role: 'snapRing',
      side: 'right',
      ...once,
      onRequest: true,
      note: 'Holds the outer ring; flat side to the load. Wear eye protection: snap rings fly.',
    },
    {
      id: 'sealRight',
      words: 'Seal, right',
      role: 'seal',
      side: 'right',
      ...once,
      note: 'Flush with the hub, lip outward to the wet.',
    },
    {
      id: 'wheelSpacerRight',
      words: 'Wheel spacer, right',
      role: 'wheelSpacer',
      side: 'right',
      ...sound,
      note: 'Replaced where the seal has grooved it.',
    },
    {
      id: 'grease',
      words: 'Grease film',
      role: 'grease',
      ...renewed,
      note: 'Film on seal lips, axle and spacers; the bearings bring their own.',
    },
  ],
  cautions: [
    ...WHEEL_CAUTIONS,
    'Press only through the ring that is tight; never stand in line with the press.',
  ],
}

export const ARRANGEMENTS = { A1, B1 } as const
export type ArrangementCode = keyof typeof ARRANGEMENTS
export const ARRANGEMENT_CODES = Object.keys(ARRANGEMENTS) as [ArrangementCode, ...ArrangementCode[]]
