export { addRecheck, answerRecheck, listRechecks, rechecksCalendar } from './rechecks'
export { logbookCsv, logbookView } from './csv'
export { season } from './views'
