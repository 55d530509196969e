export { USUAL_MONTHS, viewQuery } from './viewQuery'
export { LogbookScreen } from './LogbookScreen'
