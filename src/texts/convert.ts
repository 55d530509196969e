/** Texts of the screens of convert. */

/* useConversion */
export const bushToBall = 'bush to ball'
export const taperedToBall = 'tapered to ball'
export const ballToTapered = 'ball to tapered'
export const taperedPair = 'tapered pair'
export const ballBearings = 'ball bearings'
export const asUsual = 'as usual'
export const clampedSpacer = 'clamped, spacer'
export const washerAndRing = 'washer and ring'
export const radial = 'Radial'
export const axial = 'Axial'
export const wantedHours = 'Wanted, hours'
export const clamped = 'Clamped'
export const thread = 'Thread'
export const itsDepth = 'its depth'

/* ConversionForm */
export const conversion = 'Conversion'
export const oneEndAsIt = 'One end, as it is now'
export const otherEndIfItDiffers = 'Other end, if it differs'
export const betweenShoulders = 'Between shoulders'
export const wheels = 'Wheels'
export const theWheelIsHeldBy = 'The wheel is held by'
export const whatOneEndCarries = 'What one end carries, if it is known'
export const theBoltThatHolds = 'The bolt that holds it, if there is one'
export const widthIsThatOf =
  'Width is that of the bush or bearing in its seat; of a tapered pair its total width. Measure both ends: they may differ.'

/* Opinions */
export const twoOpinionsBothHeld = 'Two opinions, both held'
export const right = (right: string) => `Right: ${right}`
export const swapTheWholeAssemblyInstead = 'Swap the whole assembly instead'
export const belongsToIt = 'Belongs to it'
export const mustMatch = 'Must match'
export const isLost = 'Is lost'
export const openAJobWith = 'Open a job with this kit'
export const ratingsAreTypicalOnes =
  "Ratings are typical ones or worked out from the sizes, right to about a fifth: a life may be half or double. Look the maker's up before it is decided. Wheel ends, brakes and what carries people: the manual of the machine and local rules come first."

/* SeatFigure */
export const dashedWhatWasIn = 'dashed: what was in it; amber: a sleeve'
export const inASeatOf = (designation: string, shaft: number, housing: number) =>
  `${designation} in a seat of ${shaft} and ${housing} mm, to scale`

/* SeatParts */
export const sizes = 'Sizes'
export const mm = (bore: number, outside: number, width: number) => `${bore} × ${outside} × ${width} mm`
export const rating = 'Rating'
export const kn = (ratingKn: string) => `${ratingKn} kN`
export const notAdvised = 'Not advised.'
export const end = (i: number) => `End ${i}`
export const fitsThisSeat = 'Fits this seat'
export const nothingOfThatKind =
  'Nothing of that kind carries enough in this seat. Change axle and hub together, or keep what is in it.'
export const nothingSensible = 'Nothing sensible.'
export const whatComesNearIs =
  'What comes near is too weak, or cuts strength away: change axle and hub together, or keep what is in it.'
export const partsForThisSeat = 'Parts for this seat'

/* ConvertScreen */
export const conversionTo = (kind: string, seats: string) => `Conversion: ${kind} to ${seats}`
export const typeTheSeatOf =
  'Type the seat of one end, such as the 25 mm pin and 52 mm bore of a deckchair trolley, 20 mm wide. Parts that fit it follow, with what else must change.'
export const whatElseChanges = 'What else changes'
