/** Puts a copy of the database back; with `--ask` it is only asked for, and the start that comes next does it. */
import { database } from '@/db'
import { askToPutBack, putBackPending } from './putBack'

const [file, mode] = process.argv.slice(2)
if (!file) throw new Error('Use ./restore FILE.')
await askToPutBack(file)
if (mode !== '--ask') await putBackPending((words) => console.log(`  ${words}`))
await database().close()
