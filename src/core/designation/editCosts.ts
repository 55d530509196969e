/** Costs (−ln of a probability) of what befalls a stamped number besides look-alikes. Estimates, common practice. */

/** A mark that is on the ring but was not read: whoever writes `?` for a lost one hardly overlooks another. */
export const MISSED = 6.9
/** A mark that was read but is not there (a scratch, a dent). */
export const EXTRA = 6.9
/** `?`: one lost mark, whatever it was. */
export const LOST_ONE = 0.05
/** `?` for a slash: whoever counts lost marks counts figures and letters, and seldom a sign between them. */
export const LOST_SLASH = 3
/** `?` standing where there was no mark after all. */
export const LOST_NONE = 5
/** `*`: a lost run; each mark in it costs a little so that shorter runs come first. */
export const LOST_RUN_MARK = 0.1
/** In a clear stamp a mark missed or one too many is this much rarer still. */
export const CLEAR_EDIT = 1
