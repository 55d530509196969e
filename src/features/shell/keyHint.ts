/** A key of a screen and what it does. */
export interface KeyHint {
  keys: string
  label: string
  /** stands in the foot of the screen too */
  foot?: boolean
}
