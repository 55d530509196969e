import { z } from 'zod'
import { idCursor, pageLimit, searchText } from './paging'
import { isTimeZone } from '@/core/dates'
import {
  DEFAULT_PRACTICES,
  PRACTICE_NAMES,
  PRACTICES,
  type PracticeName,
  type PracticePreferences,
} from '@/core/procedure'
import { MOVE_KINDS } from '@/core/stock'
import { StampText } from './evidence'
import { KitProposal, KitResponse } from './kit'

const pieces = z
  .number('A quantity is a figure.')
  .int('Whole pieces only.')
  .min(0, 'A quantity is zero or more.')
  .max(1_000_000, 'At most a million pieces.')
const some = pieces.min(1, 'At least one piece.')
const who = z.string().trim().max(60, 'At most 60 characters.').default('')
const idempotencyKey = z.string().min(8, 'A key of at least 8 characters.').max(80).optional()
const designation = z.string().trim().min(1, 'Which part?').max(80, 'At most 80 characters.').pipe(StampText)
const bin = z.string().trim().max(40, 'At most 40 characters.').default('')
const price = z.number('A price is a figure.').min(0, 'A price is zero or more.').max(1_000_000).nullable()

export const NewStockItem = z.object({
  designation,
  bin,
  quantity: pieces.default(0),
  /** null = as it is: a part that lies there already keeps its minimum */
  minimum: pieces.nullable().default(null),
  price: price.default(null),
  who,
})

export const StockChange = z.object({ minimum: pieces.optional(), price: price.optional() })

export const Move = z
  .object({
    kind: z.enum(MOVE_KINDS),
    pieces,
    note: z.string().trim().max(200, 'At most 200 characters.').default(''),
    who,
    jobId: z.number().int().positive().nullable().default(null),
    idempotencyKey,
  })
  .refine((m) => m.kind === 'count' || m.pieces > 0, { path: ['pieces'], message: 'At least one piece.' })

export const StockItem = z.object({
  id: z.number().int(),
  designation: z.string(),
  bin: z.string(),
  quantity: z.number().int(),
  reserved: z.number().int(),
  free: z.number().int(),
  minimum: z.number().int(),
  price: z.number().nullable(),
  countedAt: z.string().nullable(),
})
export type StockItem = z.output<typeof StockItem>
/** An item after a move; where fewer were counted than reserved, which jobs lost theirs. */
export const Moved = StockItem.extend({
  shortened: z.array(z.object({ jobId: z.number().int(), pieces: z.number().int() })).optional(),
})
export type Moved = z.output<typeof Moved>

/** Items an answer begins with; `cursor` is the `next` of the page before. */
export const StockListQuery = z.object({
  limit: pageLimit(100),
  cursor: z.string().max(400).optional(),
  q: searchText,
  low: z.enum(['true', 'false']).default('false'),
})
export const StockResponse = z.object({
  items: z.array(StockItem),
  next: z.string().nullable(),
  /** items that are asked for, over all pages; how many of them are short */
  all: z.number().int(),
  low: z.number().int(),
  currency: z.string(),
})
export type StockResponse = z.output<typeof StockResponse>

export const StockMove = z.object({
  id: z.number().int(),
  kind: z.enum(MOVE_KINDS),
  changeQuantity: z.number().int(),
  changeReserved: z.number().int(),
  quantityAfter: z.number().int(),
  reservedAfter: z.number().int(),
  note: z.string(),
  who: z.string(),
  jobId: z.number().int().nullable(),
  at: z.string(),
})
export type StockMove = z.output<typeof StockMove>
export const MovesQuery = z.object({
  limit: pageLimit(),
  cursor: idCursor,
})
export const StockMoves = z.object({ items: z.array(StockMove), next: z.string().nullable() })
export type StockMoves = z.output<typeof StockMoves>

export const StockDetail = StockItem.extend({
  moves: z.array(StockMove),
  /** where the earlier moves go on; null = these are all */
  moreMoves: z.string().nullable(),
})
export type StockDetail = z.output<typeof StockDetail>

export const StockImported = z.object({
  rows: z.number().int(),
  counted: z.number().int(),
  problems: z.array(z.object({ row: z.number().int(), text: z.string(), message: z.string() })),
})
export type StockImported = z.output<typeof StockImported>

export const ReservedResponse = z.object({
  reserved: z.array(z.object({ designation: z.string(), pieces: z.number().int(), bin: z.string() })),
  short: z.array(z.object({ designation: z.string(), pieces: z.number().int() })),
})
export type ReservedResponse = z.output<typeof ReservedResponse>

export const BasketQuery = z.object({
  lines: z
    .array(z.object({ designation, quantity: some }))
    .min(1, 'At least one line.')
    .max(200, 'At most 200 lines in one basket.'),
  /** what a day of waiting is worth */
  dayWorth: z.number().min(0, 'Zero or more.').max(100_000).default(0),
})

export const BasketResponse = z.object({
  picks: z.array(
    z.object({
      designation: z.string(),
      wanted: z.number().int(),
      supplier: z.string(),
      supplierName: z.string(),
      price: z.number(),
      pack: z.number().int(),
      pieces: z.number().int(),
      cost: z.number(),
      leadTimeDays: z.number().int(),
    }),
  ),
  missing: z.array(z.string()),
  away: z.array(z.string()),
  subtotal: z.number(),
  freight: z.number(),
  total: z.number(),
  leadTimeDays: z.number().int(),
  exact: z.boolean(),
  /** how far the cheapest basket may be below this one, per cent; 0 = this is it */
  gapPercent: z.number(),
  currency: z.string(),
})
export type BasketResponse = z.output<typeof BasketResponse>

export const NewOrders = z.object({
  /** the same key again is the same orders, not new ones */
  idempotencyKey: z.string().min(8, 'A key of at least 8 characters.').max(60),
  note: z.string().trim().max(200).default(''),
  picks: z
    .array(
      z.object({
        designation,
        supplier: z.string().min(1).max(40),
        pieces: some,
        /** of one piece, as it was shown: another price is not ordered unasked */
        price: z.number().min(0).max(1_000_000).optional(),
      }),
    )
    .min(1, 'At least one line.')
    .max(200),
})

export const OrderResponse = z.object({
  id: z.number().int(),
  supplier: z.string(),
  supplierName: z.string(),
  state: z.enum(['pending', 'sent', 'partiallyReceived', 'received', 'cancelled']),
  supplierOrderNo: z.string().nullable(),
  subtotal: z.number(),
  freight: z.number(),
  leadTimeDays: z.number().int(),
  lastError: z.string(),
  note: z.string(),
  createdAt: z.string(),
  lines: z.array(
    z.object({
      id: z.number().int(),
      designation: z.string(),
      quantity: z.number().int(),
      received: z.number().int(),
      price: z.number(),
    }),
  ),
})
export type OrderResponse = z.output<typeof OrderResponse>
export const OrderListQuery = z.object({
  limit: pageLimit(),
  cursor: idCursor,
  q: searchText,
})
export const OrdersResponse = z.object({
  items: z.array(OrderResponse),
  next: z.string().nullable(),
  currency: z.string(),
})
export type OrdersResponse = z.output<typeof OrdersResponse>

export const Receipt = z.object({
  lines: z
    .array(z.object({ id: z.number().int().positive(), pieces: some }))
    .min(1, 'At least one line.')
    .max(200),
  bin,
  who,
})

export const CampaignQuery = z.object({
  kits: z
    .array(
      z.object({
        name: z.string().trim().min(1, 'Name the kit.').max(120),
        /** a job whose kit is meant, or the kit itself */
        job: z.number().int().positive().optional(),
        kit: KitProposal.optional(),
        /** how many times */
        times: z.number().int('Whole machines only.').min(1, 'At least one.').max(1000).default(1),
      }),
    )
    .min(1, 'Choose at least one kit.')
    .max(100, 'At most 100 kits in one list.'),
})

export const CampaignResponse = z.object({
  kits: z.array(
    z.object({ name: z.string(), times: z.number().int(), complete: z.boolean(), gaps: z.array(z.string()) }),
  ),
  lines: z.array(
    z.object({
      designation: z.string(),
      label: z.string(),
      quantity: z.number(),
      unit: z.enum(['pcs', 'g']),
      singleUse: z.boolean(),
      wantedBy: z.array(z.object({ kit: z.string(), quantity: z.number() })),
      stock: KitResponse.shape.lines.element.shape.stock,
      /** to buy: wanted less what is free */
      short: z.number(),
    }),
  ),
  complete: z.boolean(),
})
export type CampaignResponse = z.output<typeof CampaignResponse>

export const Settings = z.object({
  shop: z.string().trim().max(80).default('Our shop'),
  currency: z.string().trim().min(1, 'Name the currency.').max(8).default('EUR'),
  /** where the shop is: days and times are told as its clocks show them */
  timeZone: z
    .string()
    .trim()
    .max(60)
    .refine(isTimeZone, 'No time zone. Write it as Europe/Lisbon or UTC.')
    .default(() => new Intl.DateTimeFormat().resolvedOptions().timeZone),
  /** days a quote holds */
  validDays: z.number().int('Whole days.').min(1).max(365).default(30),
  /** added to the parts for a quote, per cent */
  marginPercent: z.number().min(0, 'Zero or more.').max(1000).default(0),
  taxes: z
    .array(z.object({ label: z.string().trim().min(1).max(40), percent: z.number().min(0).max(100) }))
    .max(4, 'At most four taxes.')
    .default([{ label: 'Sales tax', percent: 20 }]),
  /** what one stroke of the shop's grease gun gives, g, weighed once; null = not weighed */
  gunGrams: z
    .number('Grams of a stroke are a figure.')
    .min(0.05, 'At least 0.05 g: weigh ten strokes and divide.')
    .max(20, 'At most 20 g.')
    .nullable()
    .default(null),
  /** what this shop does where practice differs */
  practices: z
    .object(
      Object.fromEntries(
        PRACTICE_NAMES.map((name) => [
          name,
          z.enum(Object.keys(PRACTICES[name].ways) as [string, ...string[]]).default(DEFAULT_PRACTICES[name]),
        ]),
      ) as Record<PracticeName, z.ZodDefault<z.ZodEnum<Record<string, string>>>>,
    )
    .prefault({}) as unknown as z.ZodType<PracticePreferences, Partial<PracticePreferences> | undefined>,
})
export type Settings = z.output<typeof Settings>
/** Settings to keep, changed over those that stood when they were opened; without these they replace whatever stands. */
export const SettingsChange = Settings.extend({ over: Settings.optional() })
