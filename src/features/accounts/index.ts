export { AccountsScreen } from './AccountsScreen'
export { OwnAccount } from './OwnAccount'
export { SignIn } from './SignIn'
