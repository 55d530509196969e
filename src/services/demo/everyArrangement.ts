import 'server-only'
import type { KitDraft } from '@/contract/kit'
import type { DemoJob } from './world'

/** One job of each arrangement that no other job of the pier has, simplest first. */
interface Short {
  title: string
  position: string
  arrangement: string
  /** number of the first bearing, where it is known, and what it is without its options */
  number?: string
  base?: string
  positions?: number
  heard?: NonNullable<DemoJob['job']['intake']>['heard']
  use?: NonNullable<DemoJob['job']['intake']>['use']
  note: string
  parts: Record<string, string>
  sizes?: KitDraft['sizes']
  thread?: string
}

const SHORT: readonly Short[] = [
  {
    title: 'Organ trailer, left wheel',
    position: 'Left wheel',
    arrangement: 'A2',
    number: 'LM67048/LM67010',
    heard: ['play'],
    note: 'The clamp nut had backed off by a quarter turn.',
    parts: {
      innerCone: 'LM67048',
      innerCup: 'LM67010',
      outerCone: 'LM11949',
      outerCup: 'LM11910',
      clampNut: 'keep',
      clampScrew: 'M5x16 screw, new',
    },
    sizes: { sealShaft: 35, cavityLength: 42, sealHousing: 50 },
    thread: '3/4-16',
  },
  {
    title: 'Mat lift truck, front wheel',
    position: 'Front wheel',
    arrangement: 'A3',
    number: 'LM48548/LM48510',
    heard: ['rumble'],
    note: 'Two shims under the collar, the spare one in the bag.',
    parts: {
      innerCone: 'LM48548',
      innerCup: 'LM48510',
      outerCone: 'LM12749',
      outerCup: 'LM12710',
      collar: 'keep',
      clampingNut: 'nut 3/4-16, self-locking',
    },
    sizes: { sealShaft: 38, seatDistance: 50, sealHousing: 62 },
  },
  {
    title: 'Land train, hauler, rear wheel',
    position: 'Rear left wheel',
    arrangement: 'A4',
    number: '25580/25520',
    heard: ['rumble', 'escaped grease'],
    use: ['heavy load', 'salt air', 'washed'],
    note: 'The outer ring nut was loose, the tab washer torn.',
    parts: {
      innerCone: '25580',
      innerCup: '25520',
      outerCone: '15123',
      outerCup: '15245',
      innerRingNut: 'keep',
      tabWasher: 'tab washer of the rear axle, new',
      outerRingNut: 'keep',
      wheelNuts: 'keep',
    },
    sizes: { sealShaft: 50, cavityLength: 70, sealHousing: 80 },
  },
  {
    title: 'Lemonade cart 2, driven wheel',
    position: 'Rear wheel',
    arrangement: 'B3',
    number: '6904-2RS',
    base: '6904',
    heard: ['play'],
    note: 'The chain wheel rocks on its carrier.',
    parts: {
      shellLeft: '6904-2RS',
      shellRight: '6904-2RS',
      carrierInner: '6804-2RS',
      carrierStacked: '6804-2RS',
      carrierOuter: '6804-2RS',
      endCapLeft: 'keep',
      axle: 'keep',
      endCapRight: 'keep',
    },
    sizes: { spacerLength: 61.5, sleeveLength: 9 },
  },
  {
    title: 'Lemonade cart 3, front wheel',
    position: 'Front wheel',
    arrangement: 'B4',
    number: '6001-2RS',
    base: '6001',
    heard: ['grinding'],
    use: ['washed', 'salt air'],
    note: 'Sand under the dust cover.',
    parts: {
      bearingLeft: '6001-2RS',
      bearingRight: '6001-2RS',
      lockNutLeft: 'keep',
      endLeft: 'keep',
      axle: 'keep',
      endRight: 'keep',
      washerRight: 'keep',
      lockNutRight: 'keep',
    },
  },
  {
    title: 'Kiosk 1, shutter guide wheel',
    position: 'Lower guide wheel',
    arrangement: 'C1',
    number: '6202-2RS',
    base: '6202',
    positions: 2,
    heard: ['stiff'],
    note: 'The axle is rusty where the inner bearing sits.',
    parts: {
      bearingInner: '6202-2RS',
      bearingOuter: '6202-2RS',
      washerInner: 'keep',
      washerOuter: 'keep',
      cap: 'cap 35 mm, pressed',
    },
  },
  {
    title: 'Coin pusher 4, tray carrier',
    position: 'Rear carrier',
    arrangement: 'C2',
    number: '688ZZ',
    base: '688',
    heard: ['scream'],
    use: ['slow'],
    note: 'The tray stops short of its end.',
    parts: { bearingRear: '688ZZ', bearingFront: '688ZZ', pin: 'keep', setScrew: 'keep' },
  },
  {
    title: 'Beach tractor, front wheel',
    position: 'Front right wheel',
    arrangement: 'E1',
    heard: ['rumble'],
    note: 'The hub is one piece with its flange; nothing is stamped that can be read.',
    parts: {
      shield: 'keep',
      unit: 'hub unit by the number on its flange',
      bolts: 'bolt M12x35, new',
      axleNut: 'axle nut M24x2, new',
    },
  },
  {
    title: 'Mat conveyor, head shaft',
    position: 'Drive side',
    arrangement: 'F1',
    number: 'UC206',
    heard: ['rumble'],
    use: ['outdoors', 'salt air'],
    note: 'One set screw was loose; the shaft is scored beside it.',
    parts: { insert: 'UC206', housing: 'keep', lockScrews: 'keep', greaseNipple: 'keep' },
  },
  {
    title: 'Carousel, centre shaft',
    position: 'Top of the shaft',
    arrangement: 'G1',
    number: '22208K',
    base: '22208',
    heard: ['rumble'],
    use: ['slow', 'heavy load'],
    note: 'Floating bearing above, locating one below.',
    parts: { bearingLocating: '22208K', bearingFloating: '22208K' },
    sizes: { sealShaft: 35, sealHousing: 52, sealShaft2: 35, sealHousing2: 52 },
  },
  {
    title: 'Deckchair trolley 5, cone hub',
    position: 'Front wheel',
    arrangement: 'H1',
    heard: ['grinding'],
    note: 'One cone is pitted. Count the balls before the first falls out.',
    parts: {
      lockNutLeft: 'keep',
      dustCoverLeft: 'keep',
      coneLeft: 'cone M9x1, pitted one renewed',
      cupLeft: 'keep',
      cupRight: 'keep',
      coneRight: 'cone M9x1',
      dustCoverRight: 'keep',
      lockNutRight: 'keep',
    },
    sizes: { ballDiameter: 4.763, ballCount: 10 },
  },
  {
    title: 'Slipway winch, foot of the screw',
    position: 'Under the screw',
    arrangement: 'J1',
    number: '51207',
    heard: ['grinding'],
    use: ['outdoors', 'salt air'],
    note: 'The washers were in the wrong way round: the lower one has rubbed on the shaft.',
    parts: { thrustBearing: '51207', lockNut: 'keep' },
    sizes: { sealShaft: 35, sealHousing: 52 },
  },
  {
    title: 'Swing boat 2, damper rod',
    position: 'Upper end',
    arrangement: 'K1',
    number: 'PHS12',
    heard: ['play'],
    note: 'One end of the rod has a left-hand thread.',
    parts: { rodEnd: 'PHS12', jamNut: 'keep', pin: 'keep', nut: 'nut M12, self-locking' },
  },
  {
    title: 'Gangway ramp, cylinder eye',
    position: 'Lower eye',
    arrangement: 'K2',
    number: 'GE30ES',
    base: 'GE30',
    heard: ['play'],
    use: ['outdoors', 'salt air'],
    note: 'The hole for grease was closed by rust.',
    parts: { joint: 'GE30ES', pin: 'keep' },
  },
  {
    title: 'Ghost train gate, guide rollers',
    position: 'Upper rail',
    arrangement: 'L1',
    number: 'KR35',
    positions: 4,
    heard: ['rumble'],
    note: 'Two of the four stand still and are worn flat.',
    parts: { roller: 'KR35', washer: 'keep', nut: 'nut M16x1.5, self-locking' },
  },
  {
    title: 'Coin chute, feed clutch',
    position: 'Feed roller',
    arrangement: 'M1',
    number: 'HF2016',
    note: 'Slips when warm. It was packed with stiff grease.',
    parts: { clutch: 'HF2016', shaft: 'keep' },
  },
]

/** The same as jobs of the demo, each at its kit. */
export const EVERY_ARRANGEMENT: readonly DemoJob[] = SHORT.map(
  ({
    title,
    position,
    arrangement,
    number,
    base,
    positions = 1,
    heard,
    use,
    note,
    parts,
    sizes = {},
    thread,
  }) => ({
    job: {
      title,
      intake: { position, ...(heard && { heard }), ...(use && { use }), arrived: ['whole bearing'], note },
    },
    stage: 'kit',
    ...(number && { decision: { designation: number, base: base ?? number, probability: 0.99 } }),
    kit: { arrangement, positions, parts, sizes, ...(thread && { thread }) },
  }),
)
