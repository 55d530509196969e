export { CONVERSIONS, conversionChanges, OPINIONS, partsForSeat, type ConversionKind } from './convert'
