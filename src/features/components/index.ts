export { ComponentsScreen } from './ComponentsScreen'
