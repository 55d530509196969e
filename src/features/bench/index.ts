export { BenchScreen } from './BenchScreen'
