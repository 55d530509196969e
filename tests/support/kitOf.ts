import { arrangementOf, proposeKit, type Kit, type KitRequest, type SupplyOf } from '@/core/kit'
import { shippedKnowledge } from './shipped'

/** The kit of an arrangement that ships. */
export const propose = (code: string, request: KitRequest, supplyOf?: SupplyOf) =>
  proposeKit(arrangementOf(code), request, shippedKnowledge, { supplyOf })

/** Two different sets, seal, nut and cap of a trailer hub. */
export const PARTS = { innerCone: 'L68149', innerCup: 'L68110', outerCone: 'LM12749', outerCup: 'LM12710' }
export const SIZES = { sealShaft: 42, sealHousing: 62, sealWidth: 8, cavityLength: 48, hubMouth: 45.24 }
export const kit = (change: Partial<KitRequest> = {}) =>
  propose('A1', { positions: 4, parts: PARTS, sizes: SIZES, thread: '3/4-16', ...change })
export const line = (k: Kit, slot: string) => k.lines.find((l) => l.slot === slot)
