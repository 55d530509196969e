/** Puts a copy of the database back; with `--ask` it is only asked for, and the start that comes next does it. */
import { database } from '@/db'
import { runCommand } from './runCommand'
import { askToPutBack, putBackPending } from './putBack'

const [file, mode] = process.argv.slice(2)
await runCommand(async () => {
  if (!file) throw new Error('use ./restore FILE.')
  await askToPutBack(file)
  if (mode !== '--ask') await putBackPending((message) => console.log(`  ${message}`))
  await database().close()
})
