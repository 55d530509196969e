/** Of what time the views of the logbook are, unless another is chosen, months. */
export const USUAL_MONTHS = '24'

/** What every view of the logbook is asked for. @param machine id; empty = every machine */
export const viewQuery = (months: string, machine: string): string =>
  new URLSearchParams({ months, ...(machine && { machine }) }).toString()
