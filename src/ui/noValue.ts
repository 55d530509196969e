/** Stands for the choice that is nothing: lists and groups of the library have no item without a value. */
export const NO_VALUE = '\u2205'
