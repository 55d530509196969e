/** Accounts on the machine itself: for the first owner, and for an owner who forgot the password. See ./account. */
import { AccountChange, NewAccount } from '@/contract/account'
import { database, findAccount, migrate } from '@/db'
import { accounts, addAccount, changeAccount } from '@/services/accounts'
import { ServiceError } from '@/services/errors'
import { parse } from '@/services/parse'
import { runCommand } from './runCommand'

const USE = 'use ./account list · ./account add NAME counter|bench|owner · ./account reset NAME'
const BY = 'on the machine'
const [command, name = '', role, ...more] = process.argv.slice(2)
const password = process.env['AMBER_PASSWORD'] ?? ''
const say = (message: string): void => console.log(message)

async function run(): Promise<void> {
  if (more.length > 0) throw new ServiceError('unreadable', USE)
  await migrate()
  if (command === 'list') {
    const { items } = await accounts()
    for (const a of items) say(`${a.name}\t${a.role}${a.isActive ? '' : '\tblocked'}`)
  } else if (command === 'add' && name) {
    const made = await addAccount(parse(NewAccount, { name, role, password }), BY)
    say(`${made.name} may sign in as ${made.role}.`)
  } else if (command === 'reset' && name) {
    const found = await findAccount({ name })
    if (!found)
      throw new ServiceError('notFound', `There is no account “${name}”. ./account list shows them.`)
    await changeAccount(found.id, parse(AccountChange, { password, isActive: true }), BY)
    say(`${found.name} has a new password and may sign in.`)
  } else {
    throw new ServiceError('unreadable', USE)
  }
}

await runCommand(async () => {
  await run()
  await database().close()
})
