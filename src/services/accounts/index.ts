export { accounts, addAccount, audit, changeAccount, changePassword, signedOut, signIn } from './accounts'
export { accountIn, inNameOf, nameOf } from './sessionHeader'
export { CALENDAR_PATH, calendarKey, isSignInRequired, sessionOptions, type Sealed } from './seal'
