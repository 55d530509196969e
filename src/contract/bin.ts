import { z } from 'zod'

/** What goes to the bin when it is removed. */
export const BinKind = z.enum(['job', 'photo', 'list', 'arrangement', 'partName'])
export type BinKind = z.output<typeof BinKind>

/** Something that was removed and can be put back. */
export const BinItem = z.object({
  kind: BinKind,
  /** number or code among those of its kind */
  id: z.string().min(1).max(80),
  label: z.string(),
  deletedAt: z.iso.datetime(),
  deletedBy: z.string(),
})
export type BinItem = z.output<typeof BinItem>

export const BinResponse = z.object({
  items: z.array(BinItem),
  /** how long it stays there */
  keptDays: z.number().int(),
})
export type BinResponse = z.output<typeof BinResponse>

export const BinRestore = BinItem.pick({ kind: true, id: true })
