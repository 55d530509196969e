/** Texts of the screens of arrangements. */

/* ArrangementFigure */
export const newPlace = 'new place'
export const arrangement = 'Arrangement'

/* SlotRow */
export const mayStay = 'may stay'
export const againstTheOneBefore = 'against the one before'
export const inTheCarrier = 'in the carrier'
export const byThumb = 'by thumb'
export const dragPlace = (n: number) => `Drag place ${n}`
export const movePlaceTowardThe = (n: number, side: string) => `Move place ${n} toward the ${side}`
export const nameOfPlace = (n: number) => `Name of place ${n}`
export const shim = 'Shim'
export const kindOfPlace = (n: number) => `Kind of place ${n}`
export const placeStandsAfter = (n: number) => `Place ${n} stands after`
export const atTheEnd = 'at the end'
export const theUnnamedPlace = 'the unnamed place'
export const after = (label: string) => `after ${label}`
export const howManyOfPlace = (n: number) => `How many of place ${n}`
export const sideOfPlace = (n: number) => `Side of place ${n}`
export const noSide = 'no side'
export const takePlaceAway = (n: number) => `Take place ${n} away`

/* SlotRows */
export const placesAdded = 'Places added'
export const addAPlace = 'Add a place'

/* ArrangementsScreen */
export const nothing = 'nothing'
export const saved = (code: string) => `${code} saved`
export const theNewArrangement = 'the new arrangement'
export const changesOfNotSaved = (code: string) => `Changes of ${code} not saved`
export const thisIsNoJson = 'This is no JSON. Choose a file saved here.'
export const newArrangement = 'New arrangement'
export const ships = 'ships'
export const places = (origin: string, places: number) => `${origin}, ${places} places`
export const arrangementOfCode = (code: string) => `Arrangement ${code}`
export const anArrangementOfYourOwn = 'An arrangement of your own'
export const startFromOneThat =
  'Start from one that is nearly right; add what this machine has more, and take away what it has not. The same checks hold for it.'
export const code = 'Code'
export const exampleCode = 'roller-3'
export const whatItIs = 'What it is'
export const carouselRollerWithShim = 'Carousel roller with shim'
export const onePositionIsA = 'One position is a'
export const basedOn = 'Based on'
export const placesOfCrossedOut = (code: string) => `Places of ${code}; crossed-out items are omitted`
export const json = 'JSON'
export const remove = 'Remove'
export const removed = (code: string) => `${code} removed`
export const isBack = (code: string) => `${code} is back`
export const kindsOfPlace = (slotRoles: string) => `Kinds of place: ${slotRoles}.`
