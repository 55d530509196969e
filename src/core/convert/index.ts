export { conversionChanges, OPINIONS, WHOLE_ASSEMBLY } from './changes'
export { CARRIES, CONVERSIONS, partsForSeat, SEAT_MATCHES, type ConversionKind } from './convert'
