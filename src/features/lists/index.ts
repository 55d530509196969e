export { ListsScreen } from './ListsScreen'
