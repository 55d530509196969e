/** Texts of the screens of compare. */

/* Differences */
export const verdict = 'Verdict'
export const feature = 'Feature'
export const old = 'Old'
export const newOne = 'New'
export const whatItMeans = 'What it means'
export const theSame = 'The same.'
export const differences = 'Differences'

/* sizes */
export const totalWidth = 'Total width'

/* PairForm */
export const measuredWhereThereIs = 'Measured, where there is no number: old, new'
export const hubUnitFeaturesOld = 'Hub unit features, old and new'

/* CompareScreen */
export const oldNewNextFeature = 'old, new, next feature'
export const compareOldAndNew = 'Compare old and new'
export const substitutes = 'Substitutes'
export const typeTheOldAnd = 'Type the old and the new number, such as'
export const exampleOld = '6003RS'
export const ofTheDeckchairTrolleysAgainst = 'of the deckchair trolleys against'
export const exampleNew = '6003-2RS'
export const orWhatWasMeasured = ', or what was measured on each.'
export const checksBeforeDismantling = 'Checks before dismantling'
export const comparison = 'Comparison'
