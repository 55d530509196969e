export { addRecheck, answerRecheck, listRechecks, rechecksCalendar } from './rechecks'
export { logbookCsv } from './csv'
export { closures, cost, failures, season, seatTrends, service } from './views'
