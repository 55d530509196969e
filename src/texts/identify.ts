/** Texts of the screens of identify. */

/* sheet */
export const cone = 'Cone'
export const cup = 'Cup'
export const bolts = 'Bolts'
export const rails = 'Rails'
export const height = 'Height'
export const housing = 'Housing'
export const shaftSide = 'Shaft side'
export const ringWidth = 'Ring width'
export const innerRing = 'Inner ring'
export const flange = 'Flange'
export const exampleSize = '0.74 in'
export const own = (bySize: string) => `own ${bySize}`

/* Leader */
export const leftOpen = 'left open'
export const asSeen = (meaning: string) => `${meaning}, as seen`
export const optionsOfTheNumber = 'Options of the number'
export const mm = (dimensions: string) => `${dimensions} mm`
export const inches = (dimensions: string) => `${dimensions} in`
export const sizesUnverifiedCheckThem = ' · sizes unverified, check them'
export const computedFromTheSeries = ' · computed from the series, not in the catalogue'
export const here = 'Here'

/* AnswerPane */
export const result = 'Result'
export const ofParts = (parts: number) => `of ${parts} parts`
export const noConnectionToThe =
  'No connection to the server. What you typed is kept; the answer follows when it is back.'
export const typeWhatIsStamped = 'Type what is stamped, or the bore and the outside. For example'
export const exampleStamp = 'LM119?0'
export const asOnTheLandTrain = ', as on the land train.'
export const partSheet = 'Part sheet'
export const nearestListed = 'Nearest listed'
export const alsoNear = 'Also near'
export const alsoPossible = 'Also possible'
export const keepAsOurOwnPart = 'Keep as our own part'
export const useAllTheSame = (base: string) => `Use ${base} all the same`
export const answer = 'Answer'

/* Observations */
export const ball = 'ball'
export const taper = 'taper'
export const roller = 'roller'
export const needle = 'needle'
export const barrel = 'barrel'
export const plain = 'plain'
export const coneAndCup = 'cone and cup'
export const coneOnly = 'cone only'
export const cupOnly = 'cup only'
export const whole = 'whole'
export const seal = 'seal'
export const unit = 'unit'
export const pillowBlock = 'pillow block'
export const twoBoltFlange = '2-bolt flange'
export const fourBoltFlange = '4-bolt flange'
export const roundFlange = 'round flange'
export const takeUp = 'take-up'
export const shields = 'shields'
export const oneSeal = 'one seal'
export const twoSeals = 'two seals'
export const twoRows = 'two rows'
export const flangeLower = 'flange'
export const groove = 'groove'
export const roundOutside = 'round outside'
export const longInner = 'long inner'
export const taperBore = 'taper bore'
export const encoderSide = 'encoder side'
export const seen = 'Seen'
export const whatRolls = 'What rolls'
export const whichPiece = 'Which piece'
export const itsHousing = 'Its housing'
export const howItIsClosed = 'How it is closed'
export const shape = 'Shape'

/* HowButton */
export const changeForThisReading = (label: string, instrument: string, condition: string) =>
  `${label}: ${instrument}, ${condition}; change for this reading`

/* HowMeasuredPopover */
export const thisReadingOnly = (label: string) => `${label}: this reading only`
export const instrumentOfThisReading = 'Instrument of this reading'
export const conditionOfThisSurface = 'Condition of this surface'

/* ReadingRow */
export const excludedNotCounted = 'excluded, not counted'
export const measureNext = 'measure next'
export const unitChange = (label: string, unit: string) => `${label}: unit ${unit}, change`
export const exclude = (label: string) => `${label}: exclude`
export const next = 'next'
export const how = 'how'

/* StampField */
export const anywhere = 'anywhere'
export const onTheCone = 'on the cone'
export const onTheCup = 'on the cup'
export const onARing = 'on a ring'
export const onTheSeal = 'on the seal'
export const onTheBox = 'on the box'
export const stamped = 'Stamped'
export const whereItIsStamped = 'Where it is stamped'

/* EvidencePane */
export const instrumentOfAllReadings = 'Instrument of all readings'
export const conditionOfAllSurfaces = 'Condition of all surfaces'
export const evidence = 'Evidence'

/* IdentifyBench */
export const stampLower = 'stamp'
export const nextField = 'next field'
export const unitOfTheField = 'unit of the field'
export const excludeAReading = 'exclude a reading'
export const instrumentAndConditionOf = 'instrument and condition of the reading'
export const useTheAnswer = 'use the answer'
export const keepAsOurOwn = 'keep as our own part, when nothing listed fits'
export const boreOutsideWidthTotal = 'bore, outside, width, total, cone, cup'
export const shaftHousing = 'shaft, housing'
export const boltsCentreHeightRails = 'bolts, centre height, rails of a unit'
export const fieldBeforeFieldAfter = 'field before, field after'
export const anotherReadingOfThe = 'another reading of the same size'
export const sectionToScale = (designation: string) => `${designation}, section, to scale`
export const measured = 'measured'
export const nominal = 'nominal'
export const theSectionAppearsHere = 'The section appears here, to scale, as soon as there is a candidate.'

/* JobIdentify */
export const useThis = 'Use this'

/* QuickLookUp */
export const theJobCouldNot = 'The job could not be opened. What you typed is kept in the address; try again.'
export const useInJob = (job: string) => `Use in job ${job}`
export const createJob = 'Create job'
export const asAnotherBearingOfJob = 'As another bearing of job'
export const number = 'number'
export const called = 'called'
export const outer = 'outer'
export const quickLookUp = 'Quick look-up'
export const notOnAJobYet = 'Not on a job yet'
