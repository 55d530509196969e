import { DRAFTS } from './drafts'

const keys = (): string[] => Object.keys(localStorage).filter((key) => key.startsWith(DRAFTS))

/** Jobs that something was typed for which the server has not got, in any window of this browser. */
export const jobsTyped = (): number[] =>
  [...new Set(keys().map((key) => Number(key.slice(DRAFTS.length).split('.')[0])))].sort((a, b) => a - b)

/** Forgets all drafts: after signing out they are nobody's. */
export const forgetDrafts = (): void => keys().forEach((key) => localStorage.removeItem(key))
