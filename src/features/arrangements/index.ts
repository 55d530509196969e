export { ArrangementsScreen } from './ArrangementsScreen'
