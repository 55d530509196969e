export { KitScreen } from './KitScreen'
export { kitQuestion } from './kitQuestion'
export { useKit } from './useKit'
