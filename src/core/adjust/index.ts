export { endPlay } from './endPlay'
export { rockTest } from './rockTest'
