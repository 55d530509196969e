export { ToolboxScreen } from './ToolboxScreen'
