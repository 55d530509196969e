export { knownPart, PartValue, type KnownPart } from './partValue'
export { listedPart, partBySizes, resolvePart, type Knowledge } from './resolvePart'
export { isTaperedSet, ringOfSet } from './ringOfSet'
export { writePart } from './writePart'
