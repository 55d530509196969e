import type { Route } from 'next'

/** The sheet of a part. */
export const partPath = (designation: string): Route => `/parts/${encodeURIComponent(designation)}` as Route
