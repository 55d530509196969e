export { accounts, addAccount, audit, changeAccount, changePassword, signedOut, signIn } from './accounts'
export { accountIn, inNameOf, nameIn } from './sessionHeader'
export { CALENDAR_PATH, calendarKey, isSignInRequired, sessionOptions, type Sealed } from './seal'
