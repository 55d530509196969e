/** Texts of the screens of inspect. */

/* ClockDial */
export const tintedLoad = 'tinted: load'
export const byWeight = 'by weight'
export const oclock = (hour: number) => `${hour} o’clock`
export const where = (label: string) => `Where: ${label}`

/* InspectionAnswer */
export const mayRun = 'May run'
export const mayRunUnderWatch = 'May run under watch until repaired'
export const notUntilRepaired = 'Not until repaired'
export const replacedAsASet = 'replaced as a set'
export const verdicts = 'Verdicts'
export const likelyCauses = 'Likely causes'
export const alsoReplace = 'Also replace:'
export const alsoCheck = 'Also check:'

/* InspectScreen */
export const partLower = 'part'
export const traceMarkedSevereGone = 'trace, marked, severe, gone'
export const inspectedNoDamage = 'inspected, no damage'
export const weeks = 'weeks'
export const aFewYears = 'a few years'
export const manyYears = 'many years'
export const whereAsItWas =
  'Where? As it was fitted, seen from outside, 12 at the top. Mark the rings before they come out.'
export const partsToLookAt = 'Parts to look at'
/** A failure mode of ISO 15243 by its group, or a term of the trade. */
export const failureMode = (term: string, group: string) =>
  group === '' ? `${term}.` : `ISO 15243: ${term}, ${group}.`
export const rowAsItStood = 'Row, as it stood in the machine'
export const row = (label: string) => `Row: ${label}`
export const damage = 'Damage'
export const timeInService = 'Time in service'
export const nothingNotedYet = 'nothing noted yet'
export const pickWhatYouSee = (noted: string) =>
  `Pick what you see. Verdict, what goes with it and the likely cause follow, with what was heard and how it is used: ${noted}.`
export const intoTheKit = (missing: string) => `Into the kit: ${missing}`
export const verdict = 'Verdict'
