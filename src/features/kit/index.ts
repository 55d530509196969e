export { KitScreen } from './KitScreen'
export { useKit } from './useKit'
