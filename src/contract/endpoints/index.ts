import type { z } from 'zod'
import { accountEndpoints } from './accounts'
import { jobEndpoints } from './jobs'
import { judgementEndpoints } from './judgement'
import { kitEndpoints } from './kits'
import { listEndpoints } from './lists'
import { logbookEndpoints } from './logbook'
import { lookUpEndpoints } from './lookUp'
import { machineEndpoints } from './machines'
import { supplyEndpoints } from './supply'

export type { Endpoint, MediaType } from './endpoint'

/**
 * Every endpoint there is, by its request line. From this table come the handlers of the routes (`src/app/api/_http/serve.ts`), the
 * calls of the screens (`src/ui/call.ts`) and the description at `/api/openapi.json` (`src/services/openApi`).
 */
export const ENDPOINTS = {
  ...lookUpEndpoints,
  ...jobEndpoints,
  ...kitEndpoints,
  ...judgementEndpoints,
  ...machineEndpoints,
  ...supplyEndpoints,
  ...listEndpoints,
  ...logbookEndpoints,
  ...accountEndpoints,
} as const

type Table = typeof ENDPOINTS

/** Method and path, such as `PATCH /api/jobs/{id}`. */
export type RequestLine = keyof Table

/** The paths there are. */
export type Path = RequestLine extends infer L ? (L extends `${string} ${infer P}` ? P : never) : never

/** The methods a path answers. */
export type MethodOf<P extends Path> = RequestLine extends infer L
  ? L extends `${infer M} ${P}`
    ? M
    : never
  : never

/** Names of the parts of a path that vary. */
export type ParameterOf<P extends string> = P extends `${string}{${infer N}}${infer Rest}`
  ? N | ParameterOf<Rest>
  : never

/** Parts of a path that are numbers; the others are text. */
export const NUMBERED = ['id', 'bearing', 'photo'] as const

/** What an endpoint answers: its JSON; `never` where it is a file. */
export type Output<L extends RequestLine> = Table[L]['output'] extends infer O extends z.ZodType
  ? z.output<O>
  : never

/** The JSON an endpoint takes, before defaults are filled in; `never` where it takes a file or nothing. */
export type Input<L extends RequestLine> = Table[L] extends { input: infer I extends z.ZodType }
  ? z.input<I>
  : never

/** The same as it is read, with the defaults filled in. */
export type Body<L extends RequestLine> = Table[L] extends { input: infer I extends z.ZodType }
  ? z.output<I>
  : never

/** Names of the parameters of its query. */
export type QueryOf<L extends RequestLine> = Table[L] extends {
  query: readonly { name: infer N extends string }[]
}
  ? N
  : never
