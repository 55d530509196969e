export { NEWTON_PER_LBF, readTorque, TORQUE_UNITS, torqueProblemText, writeTorque } from './torque'
export { MM_PER_INCH, toMm, type LengthUnit, type UnitChoice } from './units'
export { endsInUnit, readLength, type TypedLength } from './readLength'
export { lengthInMm } from './lengthInMm'
export { lengthProblemText } from './lengthProblemText'
export { coarseStep, roundingStep } from './roundingStep'
export { guessUnits, type FormRole, type SizeRole } from './guessUnits'
export { lengthBeside, readForm, readStackOf } from './readForm'
export {
  FIELD_UNITS,
  storedFigure,
  figureProblem,
  readFigure,
  readFigures,
  shownFigure,
  type FieldQuantity,
} from './typedFigure'
export { readAmount, typedAmount } from './readAmount'
export { isSameThread, readThread, threadIn } from './thread'
export { unitReasonText } from './unitReasonText'
export { withTwins } from './withTwins'
export { writeCount } from './writeCount'
export { writeBoth, writeInch, writeInchFixed, writeMm, writeMmFixed } from './writeLength'
export {
  guessInstrument,
  INSTRUMENTS,
  INSTRUMENT_REPEATS,
  INSTRUMENT_SIGMA,
  INSTRUMENT_LABELS,
  type Instrument,
} from './instruments'
