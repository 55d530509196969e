import { readdirSync, readFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { expect, it } from 'vitest'
import { ENDPOINTS } from '.'

const FOLDER = join(process.cwd(), 'src/app/api')
/** Answers whatever is not there, and the description itself. */
const BESIDE = ['/api/[...path]', '/api/openapi.json']

const routes = new Map(
  readdirSync(FOLDER, { recursive: true, encoding: 'utf8' })
    .filter((file) => file.endsWith('route.ts'))
    .map((file) => [`/api/${dirname(file)}`, readFileSync(join(FOLDER, file), 'utf8')] as const),
)

it('every path of the table has its route, every route is of the table, and each serves its own path', () => {
  const paths = [...new Set(Object.keys(ENDPOINTS).map((line) => line.split(' ')[1] ?? ''))]
  const served = [...routes].filter(([path]) => !BESIDE.includes(path))
  expect(served.map(([path]) => path.replace(/\[(\w+)\]/g, '{$1}')).sort()).toEqual(paths.sort())
  for (const [path, source] of served)
    expect(source, path).toContain(`serve('${path.replace(/\[(\w+)\]/g, '{$1}')}'`)
})

it('every route is made with serve or answer, which ask who may pass', () => {
  for (const [path, source] of routes) {
    const handlers = /export (?:const )?\{ (.*?) \}(?: = (\w+)\()?/.exec(source)
    expect(source.match(/^export (?!const dynamic)/gm), path).toHaveLength(1)
    expect(handlers?.[2] ?? /const nothing = (\w+)\(/.exec(source)?.[1], path).toMatch(
      /^(serve|methods|answer)$/,
    )
  }
})
