import { Ajv2020, type ValidateFunction } from 'ajv/dist/2020.js'

/** What the application says of itself. */
interface Described {
  paths: Record<string, Record<string, { responses?: Record<string, unknown> }>>
}

/** Routes of the screens alone are not described. */
const SCREENS = /^\/api\/(kits\/draw|part-sheet|search)\b/

const pointer = (text: string): string => text.replace(/~/g, '~0').replace(/\//g, '~1')

interface Checker {
  described: Described
  ajv: Ajv2020
  compiled: Map<string, ValidateFunction>
}
let checker: Promise<Checker> | undefined

async function prepare(address: string): Promise<Checker> {
  const described = (await (await fetch(`${address}/api/openapi.json`)).json()) as Described
  const ajv = new Ajv2020({ strict: false, validateFormats: false, allErrors: false })
  ajv.addSchema({ ...described, $id: 'api' })
  return { described, ajv, compiled: new Map() }
}

/** The path of the description that a path of a request belongs to: one with fewer parameters first. */
function templateOf(described: Described, path: string): string | undefined {
  const segments = path.split('/')
  const fits = Object.keys(described.paths).filter((template) => {
    const parts = template.split('/')
    return parts.length === segments.length && parts.every((p, i) => p.startsWith('{') || p === segments[i])
  })
  return fits.sort((a, b) => a.split('{').length - b.split('{').length)[0]
}

/**
 * Checks an answer against what the application says of itself at /api/openapi.json.
 * @throws Error when an answer is not as described, or its status is not
 */
export async function checkConforms(
  address: string,
  method: string,
  path: string,
  status: number,
  body: unknown,
): Promise<void> {
  const bare = path.split('?')[0] ?? path
  if (SCREENS.test(bare) || bare === '/api/openapi.json') return
  const { described, ajv, compiled } = await (checker ??= prepare(address))
  const problem = status >= 400
  const template = templateOf(described, bare)
  const call = template && described.paths[template]?.[method.toLowerCase()]
  if (!problem && (!template || !call)) throw new Error(`${method} ${bare} is not described`)
  const where = problem
    ? 'api#/components/schemas/Problem'
    : `api#/paths/${pointer(template ?? '')}/${method.toLowerCase()}/responses/${status}/content/application~1json/schema`
  if (!problem && call && !(String(status) in (call.responses ?? {})))
    throw new Error(`${method} ${template} answers ${status}, which is not described`)
  let validate = compiled.get(where)
  if (!validate) {
    validate = ajv.compile({ $ref: where })
    compiled.set(where, validate)
  }
  if (validate(body)) return
  throw new Error(
    `${method} ${bare} (${status}) is not as described: ${ajv.errorsText(validate.errors)} in ${JSON.stringify(body).slice(0, 400)}`,
  )
}
