import 'server-only'
import { z } from 'zod'
import * as convert from '@/contract/convert'
import * as evidence from '@/contract/evidence'
import * as fit from '@/contract/fit'
import * as job from '@/contract/job'
import * as judgement from '@/contract/judgement'
import * as kit from '@/contract/kit'
import * as kitFile from '@/contract/kitFile'
import * as list from '@/contract/list'
import * as lookUp from '@/contract/lookUp'
import * as machine from '@/contract/machine'
import * as ownPart from '@/contract/ownPart'
import * as partName from '@/contract/partName'
import * as plan from '@/contract/plan'
import * as setting from '@/contract/setting'
import * as supply from '@/contract/supply'

type Io = 'input' | 'output'
type JsonSchema = Record<string, unknown>

const MODULES: readonly Record<string, unknown>[] = [
  ...[convert, evidence, fit, job, judgement, kit, kitFile, list, lookUp, machine, ownPart, partName],
  ...[plan, setting, supply],
]

/** Every schema of the interface under the name it has in the code. */
function registry(): z.core.$ZodRegistry<{ id?: string }> {
  const named = z.registry<{ id?: string }>()
  for (const [name, value] of MODULES.flatMap((module) => Object.entries(module)))
    if (value instanceof z.ZodObject && !named.has(value)) named.add(value, { id: name })
  return named
}

const named = registry()

/** What is asked has its own name: fields with a default may be left out there. */
const componentName = (id: string, io: Io): string => (io === 'input' ? `${id}Input` : id)
const referenceTo = (id: string, io: Io): string => `#/components/schemas/${componentName(id, io)}`

/** A schema as part of a document: what only a document of its own says is left out. */
const withoutHead = (schema: JsonSchema): JsonSchema =>
  Object.fromEntries(Object.entries(schema).filter(([key]) => key !== '$schema' && key !== '$id'))

/** The JSON schema of what is sent or answered: a reference where it has a name. */
export function schemaOf(schema: z.ZodType, io: Io): JsonSchema {
  const id = named.get(schema)?.id
  if (id !== undefined) return { $ref: referenceTo(id, io) }
  return withoutHead(z.toJSONSchema(schema, { io, unrepresentable: 'any' }) as JsonSchema)
}

/** All named schemas, each referring to the others by name. */
function allSchemas(io: Io): Record<string, JsonSchema> {
  const { schemas } = z.toJSONSchema(named, {
    io,
    unrepresentable: 'any',
    uri: (id) => referenceTo(id, io),
  })
  return Object.fromEntries(
    Object.entries(schemas).map(([id, schema]) => [componentName(id, io), withoutHead(schema as JsonSchema)]),
  )
}

/** Names of the components some text of JSON refers to. */
const namesIn = (text: string): string[] =>
  [...text.matchAll(/"#\/components\/schemas\/(\w+)"/g)].map(([, name]) => name ?? '')

/** The named schemas that the paths need, and those these need. */
export function componentsFor(paths: object): Record<string, JsonSchema> {
  const all = { ...allSchemas('output'), ...allSchemas('input') }
  const used: Record<string, JsonSchema> = {}
  const open = ['Problem', ...namesIn(JSON.stringify(paths))]
  for (let name = open.pop(); name !== undefined; name = open.pop()) {
    const schema = all[name]
    if (!schema || name in used) continue
    used[name] = schema
    open.push(...namesIn(JSON.stringify(schema)))
  }
  return Object.fromEntries(Object.entries(used).sort(([a], [b]) => (a < b ? -1 : 1)))
}
