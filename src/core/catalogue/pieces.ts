/** What a row is a piece of. */
export const PIECES = ['complete', 'cone', 'cup', 'innerRing', 'outerRing', 'seal', 'hardware'] as const
export type Piece = (typeof PIECES)[number]
