/** Writes the schemas of the exchange files to docs/, as JSON Schema. Run after a change with `npm run schemas`. */
import { writeFileSync } from 'node:fs'
import { z } from 'zod'
import { KitFile } from '@/contract/kitFile'

writeFileSync('docs/kit-file.schema.json', `${JSON.stringify(z.toJSONSchema(KitFile), null, 2)}\n`)
