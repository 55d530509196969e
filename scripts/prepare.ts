/** Brings the database up to date: a copy that was being put back, schema, shipped catalogue, and once the demo data. AMBER_DEMO=0 leaves that out. */
import { buildCatalogue } from '@/core/catalogue'
import { partKeyOf } from '@/core/designation'
import {
  countActive,
  database,
  hasData,
  keyDecisions,
  loadedFingerprint,
  migrate,
  pendingMigrations,
  rekeyStock,
  replaceStandardParts,
  storedFittings,
  writeSeatReadings,
} from '@/db'
import { fingerprintOf, readShippedParts, readShippedTokens } from '@/services/catalogue/dataFolder'
import { loadDemo } from '@/services/demo/load'
import { emptyBin } from '@/services/emptyBin'
import { seatReadings } from '@/services/jobs/seatReadings'
import { FittingDraft } from '@/contract/plan'
import { copyDatabase } from './copyDatabase'
import { endPending, noteUpgrade, putBackPending } from './putBack'

const say = (message: string): void => console.log(`  ${message}`)

await putBackPending(say)
const isNew = (await database().getQueryInterface().showAllTables()).length === 0
const pending = await pendingMigrations()
if (pending.length > 0) {
  const file = isNew ? null : await copyDatabase(`before-${pending[0] ?? ''}`)
  if (file && (await hasData())) say(`a copy before the upgrade: ${file}`)
  await noteUpgrade(file)
}
const run = await migrate()
if (run.length > 0) say(`schema: ${run.join(', ')}`)
// Readings of fittings from before they were rows.
if (run.includes('0008-found-and-came-back'))
  for (const { id, fitting } of await storedFittings()) {
    const read = fitting.ok ? FittingDraft.safeParse(fitting.value) : null
    if (read?.success) await writeSeatReadings(id, seatReadings(read.data))
  }
const [parts, tokens] = [readShippedParts(), readShippedTokens()]
const fingerprint = fingerprintOf(parts, tokens)
if ((await loadedFingerprint()) !== fingerprint) {
  await replaceStandardParts(parts, fingerprint)
  say(`catalogue: ${parts.length} parts`)
  const context = { catalogue: buildCatalogue(parts), tokens }
  const keyOf = (designation: string) => partKeyOf(designation, context)
  const rekeyed = await rekeyStock(keyOf)
  if (rekeyed > 0) say(`stock: ${rekeyed} items read anew`)
  await keyDecisions(keyOf)
}
endPending()
const emptied = await emptyBin()
if (emptied > 0) say(`bin: ${emptied} old items gone`)
if (process.env.AMBER_DEMO !== '0') {
  const jobs = await loadDemo()
  if (jobs > 0) say(`demo data: ${jobs} jobs`)
}
if (process.env.AMBER_SIGN_IN === 'on' && (await countActive('owner')) === 0) {
  await database().close()
  say('Nobody could sign in: there is no owner yet. Make one first: ./account add NAME owner')
  process.exit(1)
}
await database().close()
