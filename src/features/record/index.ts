export { Record } from './Record'
