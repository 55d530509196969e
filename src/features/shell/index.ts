export { Finder } from './Finder'
export { Frame } from './Frame'
export type { KeyHint } from './KeyHelp'
export { PreferencesProvider, usePreferences } from './Preferences'
