import { isBesidePart } from '../../designation'
import { bareLetters, type Variant } from '../variant'
import { differs, type Check, type CheckResult, type CheckRule } from '../check'

type Said = readonly [result: CheckResult, meaning: string]
const STEEP: Said = ['fail', 'Another angle of its rollers: cup, cone and setting go with it.']
const WIDE: Said = ['fail', 'The inner ring is of another width.']
const KEY: Said = ['fail', 'It is held by another keyway.']
const HOT: Said = ['warn', 'Made for kilns, with a dry lubricant: right only there.']
const RUBS_HARD: Said = ['warn', 'Its seals rub harder: it runs warmer, and not as fast.']
const RUBS_LIGHTLY: Said = ['warn', 'Its seals rub lightly: less drag, and less against a hose.']
const SCREEN: Said = [
  'warn',
  'Bearings of vibrating screens have closer tolerances of bore and outside, and more clearance: right only in their own place.',
]
const QUALITY: Said = ['pass', 'A quality of one maker: no matter for the fit.']
const CHANGED: Said = [
  'warn',
  'Another inner design of its maker: the sizes are the same; ask for its load rating where it is loaded to the limit.',
]

/** What a trait of the design means where it is lost and where it is gained (common practice); the value of its token. */
const TRAITS: Readonly<Record<string, { lost: Said; gained: Said }>> = {
  reinforced: {
    lost: ['warn', 'Without the reinforced design it carries less: right only where the load allows it.'],
    gained: [
      'pass',
      'The reinforced design carries more: renewed whole, its rings and rollers do not go with the old ones.',
    ],
  },
  greaseGroove: {
    lost: [
      'warn',
      'No groove for grease round its outer ring: right only where the housing has one, or it is not greased through that ring.',
    ],
    gained: ['pass', 'A groove for grease does no harm where it is not used.'],
  },
  outerHoles: {
    lost: [
      'warn',
      'No holes for grease in its outer ring: right only where it is not greased through that ring.',
    ],
    gained: ['pass', 'Holes for grease do no harm where they are not used.'],
  },
  greaseHoles: {
    lost: [
      'warn',
      'No holes for grease in the inner ring: right only where it is not greased through the shaft.',
    ],
    gained: ['pass', 'Holes for grease do no harm where they are not used.'],
  },
  flingers: {
    lost: ['warn', 'No flingers beside its seals: right only where it stays clean and dry.'],
    gained: ['pass', 'Flingers beside its seals keep dirt and water off.'],
  },
  regreased: {
    lost: ['warn', 'It cannot be greased again: right only where nobody does.'],
    gained: ['pass', 'It can be greased again.'],
  },
  filled: {
    lost: ['warn', 'Fewer balls: it carries less across, but more along the shaft.'],
    gained: ['warn', 'Filled through a notch: it carries more across, but little along the shaft.'],
  },
  fullComplement: {
    lost: ['warn', 'With a cage it carries less, and turns faster.'],
    gained: ['warn', 'Without a cage it carries more, and turns slower.'],
  },
  changed: { lost: CHANGED, gained: CHANGED },
  iso355: {
    lost: ['warn', 'Not told whether its cup is made to ISO 355: change cup and cone together.'],
    gained: ['pass', 'Its cup is made to ISO 355.'],
  },
  steep: { lost: STEEP, gained: STEEP },
  wideInner: { lost: WIDE, gained: WIDE },
  keyway: { lost: KEY, gained: KEY },
  keyways: { lost: KEY, gained: KEY },
  crowned: {
    lost: ['warn', 'Its outside is straight: on a crooked track the edges carry.'],
    gained: ['warn', 'Its outside is crowned: it bears a crooked track and carries less on a straight one.'],
  },
  straight: {
    lost: ['warn', 'Not told that its outside is straight: a crowned one carries less on a straight track.'],
    gained: ['warn', 'Its outside is straight: on a crooked track the edges carry.'],
  },
  socket: {
    lost: [
      'warn',
      'No hexagon in its stud: it is held by a slot or its other end while the nut is tightened.',
    ],
    gained: ['pass', 'A hexagon in the stud holds it while the nut is tightened.'],
  },
  slit: {
    lost: ['warn', 'Its sleeve is whole: the play is that of shaft and bearing, and cannot be set.'],
    gained: ['warn', 'Its sleeve is slit: it wants a housing that clamps it, or it has play.'],
  },
  openSide: {
    lost: ['fail', 'Closed all round: it does not pass the supports of its shaft.'],
    gained: [
      'warn',
      'Open along one side: it is held by the housing made for it, and carries less from that side.',
    ],
  },
  capped: {
    lost: ['warn', 'No cap over its thrust bearing: right with oil, grease is thrown off.'],
    gained: ['warn', 'A cap over its thrust bearing: it needs more room there, and keeps its grease.'],
  },
  dry: {
    lost: ['warn', 'Steel on steel has to be greased; it stands load that changes its direction.'],
    gained: ['warn', 'It runs dry on its lining: no grease; not for hard load that changes its direction.'],
  },
  withoutHoles: {
    lost: ['pass', 'It can be greased through its rings.'],
    gained: ['warn', 'No holes for grease: right only where it is not greased through its rings.'],
  },
  lowTorque: { lost: RUBS_HARD, gained: RUBS_LIGHTLY },
  fluoroSeal: {
    lost: ['warn', 'Seals of another rubber: right only below about 100 °C, or as its own letters tell.'],
    gained: [
      'pass',
      'Seals of fluoro rubber stand heat and most oils. Never touch burnt ones: they give off acid.',
    ],
  },
  hnbrSeal: {
    lost: ['warn', 'Seals of another rubber: right only below about 100 °C, or as its own letters tell.'],
    gained: ['pass', 'Seals of hydrogenated nitrile stand more heat and oil than nitrile.'],
  },
  runsCloser: {
    lost: ['warn', 'It runs true to class 4 only: right where its spindle asks for no more.'],
    gained: ['pass', 'It runs truer than class 4.'],
  },
  screen: { lost: SCREEN, gained: SCREEN },
  innerInsulated: {
    lost: [
      'warn',
      'Its inner ring is not insulated: fast currents pass a layer round its outside more easily.',
    ],
    gained: ['pass', 'Its inner ring is insulated, which keeps fast currents out better.'],
  },
  motorQuality: {
    lost: ['warn', 'Not told to run as quietly as electric motors want.'],
    gained: ['pass', 'It runs quietly, as electric motors want.'],
  },
  quality: { lost: QUALITY, gained: QUALITY },
  spindle: {
    lost: ['warn', 'Not told to be made for spindles: right only elsewhere.'],
    gained: ['pass', 'Made for spindles, closer than is needed elsewhere.'],
  },
  kiln: { lost: HOT, gained: HOT },
}

/** Letters in front of a number and those of its options, as they are written. */
const lettersOf = ({ part, written }: Variant, options: Variant['written']['options']): string =>
  [
    written.front.endsWith(part.base) ? written.front.slice(0, -part.base.length) : '',
    ...options.map((option) => option.written),
  ]
    .map(bareLetters)
    .filter((letters) => letters !== '')
    .join(' ') || 'as standard'

/** Letters that tell the design; all of them where a trait is told by letters that are first of something else, `P4S`. */
function values(from: Variant, to: Variant): readonly [string, string] {
  const designs = ({ written: { options } }: Variant) =>
    options.filter(({ kind, value }) => kind === 'design' || value in TRAITS)
  const [was, is] = [lettersOf(from, designs(from)), lettersOf(to, designs(to))]
  return was === is ? [lettersOf(from, from.written.options), lettersOf(to, to.written.options)] : [was, is]
}

const WORST: readonly CheckResult[] = ['fail', 'warn', 'pass']

/** What letters behind a number tell of the inner design: larger rollers, holes for grease, no cage. */
export const construction: CheckRule = (from, to) => {
  const found = [
    ...from.traits.filter((trait) => !to.traits.includes(trait)).map((trait) => TRAITS[trait]?.lost),
    ...to.traits.filter((trait) => !from.traits.includes(trait)).map((trait) => TRAITS[trait]?.gained),
  ].filter((said) => said !== undefined)
  if (found.length === 0) return null
  const result = WORST.find((worst) => found.some(([is]) => is === worst)) ?? 'pass'
  const meaning = [...new Set(found.map(([, text]) => text))].join(' ')
  return differs('construction', result, values(from, to), meaning)
}

/** What of a number nothing explains; country, trade and batch say nothing of the part. */
const unread = ({ undecoded: marks }: Variant): string =>
  marks.filter((text) => !isBesidePart(text)).join(' ')

/** Letters that nothing explains are no reason to refuse a number, and none to call it the same. */
export const undecoded: CheckRule = (from, to): Check | null => {
  const [a, b] = [unread(from), unread(to)]
  return a === b
    ? null
    : differs(
        'undecoded',
        'warn',
        [a || 'nothing', b || 'nothing'],
        'Ask its maker what these letters mean before it is ordered.',
        'Letters not understood:',
      )
}
