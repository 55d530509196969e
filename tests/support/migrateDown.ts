/** Takes migrations back, down to and with the one named. For the test of upgrades. */
import { database, migrateDown } from '@/db'

await migrateDown(process.argv[2] ?? '')
await database().close()
