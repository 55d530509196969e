/** Texts of the screens of accounts. */

/* AccountsScreen */
export const locked = 'locked'
export const roleOf = (name: string) => `Role of ${name}`
export const newPasswordOf = (name: string) => `New password of ${name}`
export const newPassword = 'new password'
export const set = 'Set'
export const block = 'Block'
export const allow = 'Allow'
export const signingInIsAsked = 'Signing in is asked for on this server.'
export const nobodyHasToSign =
  'Nobody has to sign in here: the server listens on this machine only. Make an owner before you open it to the shop.'
export const name = 'Name'
export const role = 'Role'
export const password = 'Password'
export const passwordAtLeastCharacters = (min: number) => `Password, at least ${min} characters`
export const addAccount = 'Add account'
export const newAccount = 'New account'
export const auditTrail = 'Audit trail'
export const from = (address: string) => ` from ${address}`
export const more = 'More'
export const nothingYet = 'Nothing yet.'
export const accounts = (items: number) => `${items} accounts`

/* SignOut */
export const notStoredYet = 'Not stored yet.'
export const openTheJobAnd =
  'Open the job and it is stored; signing out now discards what was typed or photographed:'
export const discardAndSignOut = 'Discard and sign out'
export const signOut = 'Sign out'

/* OwnAccount */
export const passwordChangedEveryOther = 'Password changed. Every other session of yours has ended.'
export const nobodyHasToSignIn =
  'Nobody has to sign in on this server: it listens on this machine only. Listening beyond it asks for accounts.'
export const presentPassword = 'Present password'
export const newPasswordAtLeastCharacters = (min: number) => `New password, at least ${min} characters`
export const changePassword = 'Change password'
export const yourAccount = 'Your account'

/* SignIn */
export const signIn = 'Sign in'
export const forgottenAnOwnerSets =
  'Forgotten: an owner sets a new password, under Accounts or on the machine with ./account reset NAME.'
