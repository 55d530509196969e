/** Texts of the screens of part. */

/* Equivalents */
export const possibleUpgrade = 'Possible upgrade'
export const underACondition = 'Under a condition'
export const notSuitableHere = 'Not suitable here'
export const onThisJob = 'on this job'
export const useThis = 'Use this'
export const use = (designation: string) => `Use ${designation}`
export const identicalInOtherSpellings = 'Identical, in other spellings'

/* PartFacts */
export const single = 'single'
export const doubleSealingLipAnd = 'double: sealing lip and dust lip'
export const lip = 'Lip'
export const material = 'Material'
export const temperature = 'Temperature'
export const toCAtTheLip = (minC: number, maxC: number) => `${minC} to ${maxC} °C at the lip`
export const speed = 'Speed'
export const toAboutMS = (maxSpeed: number) => `to about ${maxSpeed} m/s at the lip, ask the seal maker`
export const mm = (mm: string) => `${mm} mm`
export const inches = (mm: string) => `${mm} in`
export const itsHousing = 'Its housing'
export const knownBy = 'Known by'

/* ApplicationStrip */
export const slow = 'slow'
export const wet = 'wet'
export const lightLoad = 'light load'
export const heavyLoad = 'heavy load'
export const innerRingRotates = 'inner ring rotates'
export const outerRingRotates = 'outer ring rotates'
export const roadSpeed = 'Road speed'
export const onATyreOf = 'On a tyre of'
export const atWork = 'At work'
export const whereItWorks = 'Where it works'

/* StampExplained */
export const namedByItsSizes = 'named by its sizes'
export const computedFromTheSeries = 'computed from the series'
export const notInTheCatalogue = (notListed: string) => `, ${notListed}, not in the catalogue`
export const internalClearance = (clearance: string) => `internal clearance ${clearance}`
export const notDecoded = (unknown: string) => `Not decoded: ${unknown}`
export const designationExplained = 'Designation explained'
export const inAnotherConvention = (others: string) => `In another convention: ${others}.`

/* PartView */
export const publishedStandard = 'published standard'
export const commonPractice = 'common practice'
export const handbookValues = 'handbook values'
export const enteredHere = 'entered here'
export const fromASuppliersList = "from a supplier's list"
export const totalWidth = 'Total width'
export const thatRunWith = (piece: 'cone' | 'cup') => `${piece === 'cone' ? 'Cups' : 'Cones'} that run with`
export const series = (series: string) => `, series ${series}`
export const runsWith = (designation: string) => `Runs with ${designation}`
export const goesWith = 'Goes with'
export const thread = (kind: string, thread: string) => `, ${kind} thread ${thread}`
export const inOfWithArticle = (withArticle: string) => ` in ${withArticle}`
export const cornerOfTheRings = (cornerMm: string, filletMm: string) =>
  `Corner of the rings at least ${cornerMm} mm: fillets of shaft and housing at most ${filletMm} mm.`
export const snapGrooveOfTheRing = (grooveMm: string, widthMm: string, ringMm: string, thickMm: string) =>
  `Snap ring groove: ${grooveMm} mm at its bottom, ${widthMm} mm wide. Its ring: ${ringMm} mm outside, ${thickMm} mm thick; the housing leaves it room.`
export const unverifiedMeasureThePart = 'Unverified: measure the part. '
export const source = (kind: string, citation: string) => `Source: ${kind}; ${citation}.`
export const checkTheManufacturersTable = 'Check the manufacturer’s table before you order.'
export const alsoWritten = 'Also written'
export const cupAndCone = 'Cup and cone'
export const thisSetIsCone = 'This set is cone'
export const andCup = 'and cup'
export const orderedApartOrTogether = ', ordered apart or together.'
export const cupAndConeWear = 'Cup and cone wear in together: replace both, also when only one looks bad.'
export const substitutes = 'Substitutes'
export const nothingElseIsKnown =
  'Nothing else is known to stand in. No maker knows its name: order it by its sizes, closures and the old piece.'
export const nothingElseIsKnownTo = 'Nothing else is known to stand in. Order it by its name and sizes.'
export const nothingElseIsKnownToStand =
  'Nothing else is known to stand in. Order it with every letter of its number.'
export const whatElseFits = 'What else fits'
export const lookAlikesThatDo = 'Look-alikes that do not fit'
export const nothingListedComesNear = 'Nothing listed comes near this size.'
export const overlay = 'Overlay'
export const layOverIt = (designation: string) => `Lay ${designation} over it`
export const whatMustNot = 'What must not'

/* CrossReference */
export const nothingIsDecidedYet =
  'Nothing is decided yet. Identify the part first, then this page shows what else fits in its place.'
export const identifyIt = 'Identify it'
export const onThisJobUpper = 'On this job:'
export const buildTheKit = 'Build the kit'

/* PartScreen */
export const partSheet = 'Part sheet'

/* NotListed */
export const isNotInTheCatalogue = (requested: string) => `“${requested}” is not in the catalogue.`
export const identifyItByItsSizes = 'Identify it by its sizes'
