import type { z } from 'zod'

/** What a request or an answer holds where it is no JSON (media types of the IANA). */
export type MediaType =
  'text/csv' | 'text/plain' | 'text/calendar' | 'application/pdf' | 'image/jpeg' | 'image/*'

/** A parameter of a query: text, checked by the use-case. */
export interface QueryParameter {
  name: string
  required: boolean
  description: string
}

/** What a request to one path by one method takes and answers. */
export interface Endpoint {
  summary: string
  query?: readonly QueryParameter[]
  /** the body; none when left out */
  input?: z.ZodType | MediaType
  output: z.ZodType | MediaType
  /** what the answer is */
  answer: string
  /** of a success; 200 when left out */
  status?: 201 | 202
  /** a write that happens once however often it is sent with one `Idempotency-Key`; it changes nothing but the database */
  repeatable?: true
  /** asked by our own screens alone: not part of the interface others may rely on */
  screensOnly?: true
}

/** Endpoints by request line: method and path, `{name}` for a part of the path that varies. */
export type Endpoints = Readonly<
  Record<`${'GET' | 'POST' | 'PUT' | 'PATCH' | 'DELETE'} /api/${string}`, Endpoint>
>

export const optional = <N extends string>(name: N, description: string) => ({
  name,
  required: false,
  description,
})
export const required = <N extends string>(name: N, description: string) => ({
  name,
  required: true,
  description,
})

/** Parameters of every list. */
export const PAGING = [
  optional('limit', 'at most 200, usually 50'),
  optional('cursor', '`next` of the page before'),
] as const

export const SEARCH = optional('q', 'part of a name, title, number or decided part')
