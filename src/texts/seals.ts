/** Texts of the screens of seals. */

/* SealsScreen */
export const journal = 'Journal'
export const counterbore = 'Counterbore'
export const room = 'Room'
export const atTheLip = 'At the lip'
export const lip = (lip: string) => `${lip} lip, `
export const runsIn = 'Runs in'
export const notSaid = 'not said'
export const lipWanted = 'Lip wanted'
export const either = 'either'
export const oneLip = 'one lip'
export const withDustLip = 'with dust lip'
export const measureTheJournalThe =
  'Measure the journal the lip runs on, beside the groove, and the counterbore the seal sits in. Such as 42 and 62 for the inner end of a coach wheel.'
export const noListedSealFits = 'No listed seal fits; the next size is not close enough'
export const sealsFit = (n: number) => `${n} ${n === 1 ? 'seal fits' : 'seals fit'}`
export const mSAtTheLip = (lipSpeed: string) => `${lipSpeed} m/s at the lip. `
export const elastomersThatStandThisWork = (materials: string) =>
  `Elastomers that stand this work: ${materials}.`
export const noElastomerListedStands = 'No elastomer listed stands this work: ask a seal maker.'
export const theSealMakersSheetRules = (elastomers: string) => `${elastomers} The seal maker's sheet rules.`
export const overAGroovedJournal = 'Over a grooved journal'
export const nearSizesDoNotFit = 'Near sizes, do not fit'
export const capsForABore = (housing: string) => `Caps for a bore of ${housing} mm:`
export const seals = 'Seals'
export const sealsAndWearSleeves = 'Seals and wear sleeves'
