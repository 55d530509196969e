/** A part that is taken for another and never right in its place. */
export interface Trap {
  designation: string
  why: string
  /** what is taken for it: the sizes, or the number as it is stamped */
  kind: 'size' | 'number'
}

/** A part taken for another by its size. */
export const sizeTrap = (designation: string, why: string): Trap => ({ designation, kind: 'size', why })
