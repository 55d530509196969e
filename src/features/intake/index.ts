export { TakeIn } from './TakeIn'
