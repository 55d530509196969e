export { addDays, isDay, isTimeZone, shopDay, shopTime } from './dates'
