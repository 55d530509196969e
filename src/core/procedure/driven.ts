import type { HubAttachment } from './attachments'

/** How a ring goes in by force, mm; `overAxle`: its axle is in already, so nothing goes through the bore. */
export interface Pressed {
  ring: 'inner' | 'outer'
  sleeve: { insideMm: number; outsideMm: number } | null
  overAxle: boolean
  forceKn: number
  /** drawn in through the sleeve instead */
  rod: { thread: string; overMm: number } | null
  hub: string
}

/** Why a hub may not be heated: what is on or in it, or the bearing that is in it already. */
export type NoHeat = { on: readonly HubAttachment[] } | { bearingIn: string }

/** How a ring goes in. Where the hub is heated (`cools`), its ring is held seated until that is cool. */
export type Driven =
  | { how: 'unknown' }
  | { how: 'slides' }
  | { how: 'pressed'; press: Pressed }
  | { how: 'no heat'; why: NoHeat; press: Pressed }
  /** `advice`: how hot; `sayBare`: nobody has said what is on the hub */
  | { how: 'heated'; advice: string; sayBare: boolean; cools: string | null; press: Pressed }
  | { how: 'in the same heat'; cools: string; press: Pressed }

/** Which ring the force goes through. */
export type RingPressed = 'unknown' | 'both' | 'inner' | 'outer' | 'slides'

/** A range, in the unit of its field. */
export interface MinMax {
  min: number
  max: number
}

/** How far a bearing is drawn up on its sleeve: by the drop of its clearance, mm, or as the maker says. */
export type DrawnUp =
  { by: 'clearance'; reduction: MinMax; axial: MinMax } | { by: 'swivelling' } | { by: 'table' }
