export { addRecheck, answerRecheck, listRechecks, rechecksCalendar } from './rechecks'
export { logbookCsv } from './csv'
export { identification } from './identification'
export { closures, cost, failures, season, seatTrends, service } from './views'
