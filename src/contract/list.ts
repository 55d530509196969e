import { z } from 'zod'
import { LIST_FIELDS } from '@/core/lists'

const Column = z.string().max(80)

/** Which column holds what; the number must have one. */
export const Columns = z
  .partialRecord(z.enum(LIST_FIELDS), Column)
  .refine((columns) => columns.designation !== undefined, {
    message: 'Say which column holds the number.',
    path: ['designation'],
  })

export const LIST_KINDS = ['own', 'supplier'] as const

/** Columns come as JSON in the query, the file as the body. */
const jsonColumns = z
  .string()
  .max(4000)
  .transform((text, context) => {
    try {
      return JSON.parse(text) as unknown
    } catch {
      context.addIssue({
        code: 'custom',
        message: 'Give the columns as JSON, such as {"designation":"Number"}.',
      })
      return z.NEVER
    }
  })

const Unit = z.enum(['mm', 'in']).default('mm')

export const PreviewQuery = z.object({ columns: jsonColumns.pipe(Columns).optional(), unit: Unit })
export type PreviewQuery = z.infer<typeof PreviewQuery>

export const ImportQuery = z.object({
  name: z.string().trim().min(1, 'Give the list a name.').max(120),
  kind: z.enum(LIST_KINDS),
  columns: jsonColumns.pipe(Columns),
  unit: Unit,
})
export type ImportQuery = z.infer<typeof ImportQuery>

const Length = z.number().nullable()
const Item = z.object({
  row: z.number().int(),
  designation: z.string(),
  base: z.string().nullable(),
  bore: Length,
  outside: Length,
  width: Length,
  quantity: z.number().nullable(),
  price: z.number().nullable(),
  bin: z.string(),
})

export const PreviewResponse = z.object({
  encoding: z.string(),
  delimiter: z.string(),
  rows: z.number().int(),
  header: z.array(z.string()),
  columns: z.partialRecord(z.enum(LIST_FIELDS), Column),
  sample: z.array(
    z.object({ row: z.number().int(), text: z.string(), item: Item.nullable(), problem: z.string() }),
  ),
})
export type PreviewResponse = z.infer<typeof PreviewResponse>

export const ListSummary = z.object({
  id: z.number().int(),
  name: z.string(),
  kind: z.enum(LIST_KINDS),
  state: z.enum(['running', 'done', 'cancelled', 'failed']),
  read: z.number().int(),
  all: z.number().int(),
  listed: z.number().int().describe('rows that name a part of the catalogue'),
  own: z.number().int().describe('rows kept as parts of your own'),
  duplicates: z.number().int().describe('rows that mean the same as an earlier one'),
  problems: z.number().int(),
  createdAt: z.string(),
})
export type ListSummary = z.infer<typeof ListSummary>

export const ListDetail = ListSummary.extend({
  remarks: z.array(z.object({ row: z.number().int(), text: z.string(), message: z.string() })),
  items: z.array(Item).describe('the first rows kept'),
})
export type ListDetail = z.infer<typeof ListDetail>
export const ListsResponse = z.object({ lists: z.array(ListSummary) })

export const ListDropped = z.object({ id: z.number().int(), state: z.enum(['cancelled', 'removed']) })
export type ListDropped = z.output<typeof ListDropped>
