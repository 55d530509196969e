/** Texts of the screens of fits. */

/* NutFigure */
export const nutWithSlotsOver = (slots: number, holes: number, degrees: number) =>
  `Nut with ${slots} slots over ${holes === 1 ? 'one cross hole' : `${holes} cross holes`}, turned back ${degrees} degrees`
export const clampNutTurnedBackDegrees = (degrees: number) => `Clamp nut, turned back ${degrees} degrees`

/* seatTypes */
export const mmIn = (mm: string, inches: string) => `${mm} mm (${inches} in)`

/* CollarBox */
export const conesClampedOverACollar = 'Cones clamped over a collar'
export const playAtTorque = 'Play at torque'
export const shims = 'Shims'
export const nutAtItsTorque = 'Nut at its torque, dial on the hub, pushed and pulled.'

/* RockTest */
export const dial = 'Dial'
export const atRadius = 'At radius'
export const betweenRows = 'Between rows'
export const rockedAtTopAndBottom = 'Rocked at top and bottom'
export const contactAngle = 'Contact angle, °'
export const about = 'About'
export const mm = (play: string) => `${play} mm`
export const endPlay = 'end play'
export const dialReadingFromOne = 'Dial reading from one end of the rock to the other.'

/* PlayChart */
export const nutTurnedBackFrom = 'nut turned back from no play, °'
export const endPlayOfName = (name: string) => `end play, ${name}`
export const endPlayByPlace = (good: number, slots: number, min: string, max: string, name: string) =>
  `End play by place of the nut: ${good} of ${slots} slots within ${min} to ${max} ${name}`

/* AdjustTab */
export const threadsAnInch = 'Threads an inch'
export const orPitchMm = 'or pitch, mm'
export const nutBackedOff = 'Nut backed off, °'
export const slots = 'Slots'
export const crossHolesField = 'Cross holes'
export const retainerFitsInPlaces = 'Retainer fits in, places'
export const firstSlotAt = 'First slot at, °'
export const playFrom = 'Play from'
export const playTo = 'Play to'
export const slotsPin = 'slots, pin'
export const sheetRetainer = 'sheet retainer'
export const clamped = 'clamped'
export const coneLockNut = 'cone, lock nut'
export const byFeel = 'By feel'
export const spinTheWheelWhile =
  'Spin the wheel while tightening until it drags, to seat the rollers. Back off a quarter turn: that only frees it. Then finger-tight, without a tool; if no slot lines up, loosen to the next one, never tighten.'
export const dialIndicatorOnThe =
  'Dial indicator on the hub, push and pull. End play 0.025 to 0.25 mm for utility axles, about 0.01 to 0.05 mm for finer ones; the manual of the machine rules.'
export const oneEndFixedFirst =
  'One end fixed first, the axle standing out alike on both sides. Run the free cone in by hand until the play is just gone, hold it with a thin spanner, lock its nut against it. At least three threads show.'
export const inTheMachine = 'In the machine'
export const clampingSqueezesTheAxle =
  'Clamping squeezes the axle: a trace of play at the rim on the bench may be right where it is gone once clamped. No drag, no play then.'
export const mmInForThisTurn = (axialMm: string) => `mm (${axialMm} in) for this turn`
export const steplessThePlayWanted = (min: number, max: number) =>
  `Stepless. The play wanted is ${min}° to ${max}° back from no play.`
export const oneStepOfThe = (degrees: number, mm: string, inches: string) =>
  `One step of the nut is ${degrees}°, ${mm} mm (${inches} in).`
export const pointsASlotFaces = 'Points: a slot faces a hole; filled ones give the play wanted. '
export const dashedBelowZero = 'Dashed, below zero: squeezed, preload.'
export const endPlayUpper = 'End play'
export const theNutIsHeldBy = 'The nut is held by'
export const coneBackedOff = 'Cone backed off, °'
export const playAsIsUsual = 'Play as is usual for this kind of hub; type what the manual says.'
export const playAsTyped = 'Play as typed.'
export const wheelOnStandsWheels = 'Wheel on stands, wheels chocked, power locked off.'

/* SeatInputs */
export const steel = 'steel'
export const castIron = 'cast iron'
export const aluminium = 'aluminium'
export const magnesium = 'magnesium'
export const hubOrHousing = 'Hub or housing'
export const carrier = 'Carrier'
export const classOfThe = (ring: 'inner' | 'outer') =>
  `Class of the ${ring === 'inner' ? 'shaft' : 'housing'}`
export const usualClasses = 'Usual classes'
export const usual = 'Usual:'
export const withClass = 'with'
export const clearance = 'Clearance'
export const of = (body: string) => `${body} of`
export const notSaid = 'not said'
export const hollowShaftBore = 'Hollow shaft: bore'
export const hubOutsideDiameter = 'Hub outside diameter'
export const solid = 'solid'
export const thick = 'thick'
export const mmOfBore = (bore: number) => `${bore} mm`
export const itsBore = 'its bore'
export const mmOfOutside = (outside: number) => `${outside} mm`
export const itsOutside = 'its outside'
export const readingsClockPositionSizeDepth = 'Readings: clock position, size, depth'
export const exampleReadings = (at12: string, at3: string) => `12 ${at12} front
3 ${at3} front`
export const measuredWith = 'Measured with'

/* FitTabs */
export const seats = 'Seats'
export const spacing = 'Spacing'
export const setting = 'Setting'
export const grease = 'Grease'
export const life = 'Life'
export const judge = 'Judge'

/* GreaseFigure */
export const greaseBearingsFilledPer = (bearing: number, cavity: number) =>
  `Grease: bearings filled ${bearing} per cent, cavity ${cavity} per cent`

/* GreaseAmounts */
export const where = 'Where'
export const room = 'Room'
export const gMl = (grams: number, ml: number) => `${grams} g, ${ml} ml`
/** Of a bearing that is not packed by hand. */
export const GREASED = {
  filled: 'sealed, pre-greased: add no grease',
  filledAgain: 'comes filled; again at its nipple or hole',
  rustFilm: 'comes dry, seals or not: grease into its balls',
  sliding: 'steel on steel: through its holes until it shows',
  onBall: 'steel on steel without holes: onto the ball',
  lining: 'runs dry on its lining: no grease',
  sparing: 'a light oil or a film of soft grease, or it slips',
}
export const ofMlFree = (freeMl: number) => `of ${freeMl} ml free`
export const cavity = 'Cavity'
export const sealLipsABead = 'Seal lips, a bead'
export const greaseOfEachBearing = 'Grease of each bearing'

/* GreaseTab */
export const nothingToPack = 'Nothing to pack by hand'
export const clay = 'clay'
export const washed = 'washed'
export const dusty = 'dusty'
export const shaftUpright = 'shaft upright'
export const notKnown = 'not known'
export const nameTheBearingsOf = 'Name the bearings of one position; grams and millilitres follow.'
export const aboutStrokesOfYourGun = (strokes: number) => `, about ${strokes} strokes of your gun`
export const hereNDm = (factor: string) => ` Here n·dm ${factor}.`
export const amounts = 'Amounts'
export const bearingsOfOnePosition = 'Bearings of one position'
export const cavityLength = 'Cavity length'
export const inside = 'inside Ø'
export const outside = 'outside Ø'
export const turnsAMin = 'Turns a min'
export const onATyreOf = 'on a tyre of'
export const journalsOfLips = 'Journals of lips'
export const bearingWarm = 'Bearing warm'
export const roadSpeed = 'Road speed'
export const orRoadSpeed = 'or road speed'
export const fill = 'Fill'
export const bySpeed = 'by speed'
export const oldAndNewGrease = 'Old and new grease'
export const inThereNow = 'In there now'
export const goesIn = 'Goes in'
export const again = 'Again'
export const atATimeByFormula = 'at a time (0.005 · D · B).'
export const thickener = 'Thickener'
export const xComplexSSulfonate = 'X complex, S sulfonate, PU polyurea.'
export const mixes = 'mixes,'
export const doubtful = 'doubtful,'
export const cleanOutFirstA = 'clean out first. A usual chart: always confirm with the grease maker.'
export const whichThickenersMix = 'Which thickeners mix'

/* LifeTab */
export const wantedHours = 'Wanted, hours'
export const radialLoad = 'Radial load'
export const axialLoad = 'Axial load'
export const cOfTheMaker = 'C of the maker'
export const c0OfTheMaker = 'C0 of the maker'
export const balls = 'Balls'
export const ballDiameter = 'Ball diameter'
export const circleOfBalls = 'Circle of balls'
export const limitEOfTheMaker = 'Limit e of the maker'
export const reliability = 'Reliability, %'
export const knForTheLifeWanted = (loadForWantedKn: string) => `${loadForWantedKn} kN for the life wanted`
export const hours = (hours: string) => `${hours} hours`
export const cKnC0Kn = (cKn: string, c0Kn: string, from: string) => `C ${cKn} kN, C0 ${c0Kn} kN, ${from}.`
export const iso281L10 = 'ISO 281: L10 = (C/P)'
export const millionTurns = 'million turns.'
export const pKn = (equivalentKn: string) => `P ${equivalentKn} kN`
export const e = ', e'
export const withGreaseItBearsAbout = 'With grease it bears about'
export const aMinute = 'a minute.'
export const anEstimateNotA =
  'An estimate, not a guarantee: water, dirt and bad fitting end most wheel bearings long before.'
export const nameABearingSuch = 'Name a bearing, such as 6205 of the carousel rollers.'
export const bearing = 'Bearing'
export const contactAngleLabel = 'Contact angle'
export const asNumbered = 'as numbered'
export const itRuns = 'It runs'

/* PolarFigure */
export const seatAroundTheClock = (readings: string) => `Seat around the clock: ${readings}`

/* RodStackFigure */
export const farWasher = 'far washer'
export const rodFromTheLeft = (thread: string, overMm: number) =>
  `${thread} rod, from the left: nut, washer, sleeve on the outer ring, bearing at the mouth of its bore, hub, washer over a mouth of ${overMm} mm, nut`
export const theStackToScale =
  'The stack to scale, sleeve and hub of any length. Nothing touches inner ring or seal; oil the thread, turn the near nut, hold the far one.'

/* SeatVerdict */
export const seat = (verdict: string) => `Seat ${verdict}.`
export const outOfRoundM = (outOfRound: number, taper: number, signedUm: string) =>
  `Out of round ${outOfRound} µm, taper ${taper} µm, mean ${signedUm} µm.`
export const notAdvised = ' (not advised)'

/* ZoneFigure */
export const boreOfTheRing = 'bore of the ring'
export const outsideOfTheRing = 'outside of the ring'
export const rollingElements = 'rolling elements'
export const toleranceZonesOfRing = (name: string) =>
  `Tolerance zones of ring and seat, ${name} about the nominal size`

/* ClearanceChart */
export const clearanceOfName = (name: string) => `clearance, ${name}`
export const fresh = 'new'
export const mounted = 'mounted'
export const warm = 'warm'
export const radialClearanceNewMountedWarm = (unit: string, fresh: string, mounted: string, warm: string) =>
  `Radial clearance, ${unit}: new ${fresh}, mounted ${mounted}, warm ${warm}`

/* Distribution */
export const assembling = 'Assembling…'
export const withoutRunningClearance = (percent: string) => `${percent} without running clearance`
export const loose = (percent: string) => `${percent} loose`
export const runningClearance = (name: string) => `running clearance, ${name}`
export const interferencePlusIsTight = (name: string) => `interference, ${name} (plus is tight)`
export const ofAssemblies = '% of assemblies'
export const runningClearanceUpper = 'Running clearance'
export const interference = 'Interference'
export const looseOfAssemblies = (of: string, count: number, loose: string) =>
  `${of} of ${count} assemblies: ${loose}`
export const of100000Assemblies = 'Of 100 000 assemblies 98 in 100 are between'
export const andM = (low: string, high: string) => `${low} and ${high} µm`
export const withoutClearance = (percent: string) => `, ${percent} without clearance`

/* SeatTab */
export const runningClearanceBehind = ' running clearance'
export const tight = ' tight'
export const looseBehind = ' loose'
export const fromLooseToTight = ', from loose to tight'
export const toM = (min: string, max: string, seat: string) => `${min} to ${max} µm${seat}`
export const bore = 'bore'
export const outsideLower = 'outside'
export const sizeInBoth = (mm: number, inches: string) => `${mm} mm (${inches} in)`
export const inItsSeat = (seat: {
  class: string
  /** mm, where it differs from the size before */
  nominal: number | null
  /** of the rings, where it is not Normal */
  precision: string | null
  min: string
  max: string
  isClearance: boolean
  meanUm: string
}) =>
  `in ${seat.class}${seat.nominal === null ? '' : ` of ${seat.nominal} mm`}${seat.precision === null ? '' : `, rings of class ${seat.precision}`}: ${seat.min} to ${seat.max} in. ${seat.isClearance ? 'Minus' : 'Plus'} is tight, mean ${seat.meanUm} µm.`
export const heat = 'Heat'
export const pressForce = 'Press force'
export const noneNeverPressed = 'none: never pressed'
export const toKnLbfAt = (min: number, max: number, pounds: number) =>
  `${min} to ${max} kN (${pounds} lbf at most), only through this ring`
export const noneByHand = 'none: by hand'
export const sleeve = 'Sleeve'
export const orRodThroughThis = (thread: string, bothUnits: string) =>
  `; or ${thread} rod through this sleeve, its far washer on the hub, wider than ${bothUnits}`
export const insideOutside = (inside: string, outside: string) => `${inside} inside, ${outside} outside`
export const bandOfTheClass = (name: string) =>
  `Band of the class in tint, nominal size dash-dot, ${name}; each depth its own dashes.`
export const expectedFitSimulation = 'Expected fit (simulation)'
export const clearanceNewMountedWarm = 'Clearance: new, mounted, warm'
export const toMOfLeft = (min: string, max: string, group: string) => `${min} to ${max} µm of ${group} left`
export const whenMounted = (otherClass: string | null) =>
  `when mounted${otherClass ? ` with ${otherClass} on the other ring` : ''}; warm with the inner ring 5 K hotter.`
export const whenDrawnUp = (by: { min: number; max: number }, otherClass: string | null) =>
  `once its nut has taken ${by.min} to ${by.max} µm of it, the least where there was little${otherClass ? `, with ${otherClass} on the other ring` : ''}; warm with the inner ring 5 K hotter. A guide: the maker’s table rules.`
export const leftOnItsSleeve =
  'Drawn up its taper by the maker’s figure; a self-aligning ball bearing until it still swivels freely.'
export const notATableOf = 'Not a table of the bearing: shaft, rolling elements and bore make it together.'
export const noTableOfThis = 'No table of this family here: set by adjustment, or see its maker.'

/* readStack */
export const lineIsNoLength = (i: number) =>
  `Line ${i} is no length. Write for example: + 46.0 0.1 between shoulders`

/* SpacerFigure */
export const betweenTheShouldersOf = 'between the shoulders of the hub'
export const spacer = 'spacer'
export const worstTo = (nominal: string, unit: string, min: string, max: string) =>
  `${nominal} ${unit} (worst ${min} to ${max})`
export const spacerThanTheShouldersBy = (isShorter: boolean, difference: string, unit: string) =>
  `Spacer ${isShorter ? 'shorter' : 'longer'} than the shoulders by ${difference} ${unit}`

/* SqueezeChart */
export const torqueOfTheNut = 'torque of the nut, N·m'
export const axialPlayLeft = (name: string) => `axial play left, ${name}`
export const playLeftAgainstThe = 'Play left against the torque of the nut'
export const lineThreadOiledDashed =
  'Line: thread oiled; dashed: dry. Below zero the balls are loaded sideways. Torque is known to a quarter at best.'

/* SpacingTab */
export const gapBesideIt = 'gap beside it'
export const standsOut = 'stands out'
export const left = 'left'
export const right = 'right'
export const typeTheSpacerAnd =
  'Type the spacer and the distance between the shoulders, as of carousel roller 12. Worst case and what is likely follow.'
export const worstCaseToMm = (min: string, max: string, likelyMin: string, likelyMax: string) =>
  `Worst case ${min} to ${max} mm; likely ${likelyMin} to ${likelyMax} mm.`
export const turningOneInnerRing = 'Turning one inner ring should just drag the other.'
export const clampedUpper = 'Clamped:'
export const theTubeGivesM = (mmPerKn: string, oiled: number, dry: number) =>
  `the tube gives ${mmPerKn} µm a kilonewton; its play is gone between about ${oiled} N·m with an oiled thread and ${dry} N·m dry. No torque to tighten to: the manual's counts.`
export const noPlayIsLeft = 'no play is left before the nut is touched: the spacer is short.'
export const stack = 'Stack:'
export const leftOver = 'left over'
export const mmWorst = 'mm, worst'
export const likely = ', likely'
export const mmLower = 'mm.'
export const axle = 'Axle:'
export const shiftToTheHalf = (shift: string, toward: string, turns: string | null, each: string) =>
  `shift ${shift} to the ${toward}, half the difference${turns === null ? '' : `: ${turns} turns of its thread`}. Each side then reads ${each}. Wheel, disc and chain line move with it.`
export const standsCentral = 'stands central.'
export const spacerBetweenTwoClampedBearings = 'Spacer between two clamped bearings'
export const shoulders = 'Shoulders'
export const spacerUpper = 'Spacer'
export const tolerance = 'Tolerance ±'
export const takenUp = 'Taken up'
export const tubeBore = 'Tube bore'
export const nutThread = 'Nut thread'
export const anotherStackSignLength = 'Another stack: sign, length, off, what'
export const exampleStack = '+ 46.0 0.1 shoulders\n- 30.0 0.05 tube\n- 15.9 0.05 shim'
export const axleBetweenItsSides = 'Axle between its sides, from the same feature'
export const whatWasMeasured = 'What was measured'
export const leftUpper = 'Left'
export const rightUpper = 'Right'
export const itsThread = 'Its thread'
export const locatingShoulderThisBearing = 'Locating shoulder: this bearing goes first'
export const locatingShoulder = 'Locating shoulder'
export const depthsFromAFace = 'Depths from a face that stays, recorded before removal'
export const what = 'What'
export const before = 'Before'
export const after = 'After'
export const depth = (i: number, name: string) => `Depth ${i}, ${name}`
export const outerCup = 'outer cup'

/* FitsScreen */
export const seatsSpacingSettingGreaseLife = 'seats, spacing, setting, grease, life'
export const innerOnItsShaft = 'inner, on its shaft'
export const outerInItsBore = 'outer, in its bore'
export const thisOneAloneHas = 'This one alone has no seat: type the whole bearing, such as LM11949/LM11910.'
export const typeTheBearingSuch =
  'Type the bearing, such as 6205-2RS of the carousel rollers. Limits, interference, the clearance that is left, heat and force follow.'
export const ring = 'Ring'
export const whichRingTurnsAgainst = 'Which ring turns against its load'
export const innerRingRotates = 'inner ring rotates'
export const outerRingRotates = 'outer ring rotates'
export const fitsAndSetting = 'Fits and setting'

/* FitStage */
export const seatsComeFromThe = 'Seats come from the kit of the job. Build it first, or use the other tabs.'
export const noRingOfThis =
  'No seat of this kit is judged here: what is in it goes in by hand or is bolted on, as its job card says.'
export const noBearingStandsIn = 'No bearing stands in the kit yet. Fill its places; their seats appear here.'
export const toTheKit = 'To the kit'
export const nothingToSetHere =
  'Nothing to set here: no tapered pair and no cones in this kit. A pair clamped over a spacer is checked under Spacing.'
export const seatHeading = 'Seat'
export const onItsShaft = 'on its shaft'
export const inItsBore = 'in its bore'
export const load = 'Load'
export const loadOfLoad = (load: string) => `${load} load`
