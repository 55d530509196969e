export { PlanScreen } from './PlanScreen'
