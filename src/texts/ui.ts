/** Texts of the components that every screen uses. */

/* call */
export const noConnectionToThe = 'No connection to the server. Keep this page open and try again in a moment.'

/* notify */
export const undo = 'Undo'

/* PracticeBox */
export const alternative = (other: string) => `Alternative: ${other}.`
export const workshopPractice = (mine: string, others: string) => `Workshop practice: ${mine}. ${others}`

/* ShowExample */
export const showThisExample = 'Show this example'

/* ReadAs */
export const mm = (name: string, mm: string) => `${name} ${mm} mm`
export const readAsInchesWrite = (inches: string) =>
  `Read as inches: ${inches}. Write mm behind it if it is not.`

/* VerdictMark */
export const lookAgain = 'look again'

/* ColumnMenu */
export const columns = 'Columns'

/* DataTable */
export const tooManyRowsTo = 'Too many rows to order here. Filter the list first.'

/* useSentForm */
export const somethingElseWasSaved =
  'Something else was saved since this was typed here. Saving replaces it; discard the changes to see it.'

/* SaveButtons */
export const discardChanges = 'Discard changes'

/* ExplodedFigure */
export const explodedViewInFitting = (title: string) => `${title}, exploded view in fitting order`

/* OverlayFigure */
export const theCatalogueGivesToo = 'The catalogue gives too little to lay these two over each other.'
export const dashed = (designation: string) => `${designation}, dashed`
export const laidOverToScale = (upper: string, lower: string) => `${upper} laid over ${lower}, to scale`

/* SectionFigure */
export const cone = 'cone '
export const cup = 'cup '
export const coneWidthCupWidth = (coneWidth: string, cupWidth: string) =>
  `cone width ${coneWidth} · cup width ${cupWidth}`
export const openWithShieldsOrSeals = (width: string, closedWidth: string) =>
  `open ${width} · with shields or seals ${closedWidth}`
export const theCatalogueGivesTooLittle = (designation: string) =>
  `The catalogue gives too little of ${designation} to draw it.`
export const inSectionToScale = (designation: string) => `${designation} in section, to scale`

/* DamageSketch */
export const sketch = (label: string) => `Sketch: ${label}`

/* DidYouMean */
export const didYouMean = 'Did you mean'

/* HousingFigure */
export const pillowBlock = 'pillow block'
export const plummerBlock = 'plummer block'
export const seenAlongTheShaft = (designation: string, kind: string) =>
  `${designation}, ${kind}, seen along the shaft, to scale`

/* ChangeList */
export const whoChangedWhat = 'Who changed what'
export const nothingWasChangedSince = 'Nothing was changed since changes are kept.'
export const changesTheLatestFirst = (zone: string) => `Changes, the latest first. Times in ${zone}`
export const theLatestThereAre = (items: number) => `The latest ${items}; there are earlier ones.`
