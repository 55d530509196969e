import { readFileSync } from 'node:fs'
import { expect, it } from 'vitest'
import { z } from 'zod'
import { KitFile } from '@/contract/kitFile'

it('the schema of the kit file in docs/ is the one that is validated', () => {
  expect(JSON.parse(readFileSync('docs/kit-file.schema.json', 'utf8'))).toEqual(
    JSON.parse(JSON.stringify(z.toJSONSchema(KitFile))),
  )
})
