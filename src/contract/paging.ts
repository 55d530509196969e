import { z } from 'zod'

/** Items of a page, when nobody says how many. */
const USUAL = 50

/** How many items a page of a list has. */
export const pageLimit = (usual = USUAL) =>
  z.coerce.number().int().min(1).max(200, 'At most 200 a page.').default(usual)

/** Number of the last item of the page before. */
export const idCursor = z.coerce.number('Use the cursor of the page before.').int().positive().optional()

/** What a list is searched for. */
export const searchText = z.string().trim().max(80, 'At most 80 characters.').default('')

/** A page of a list: go on with `next` as cursor; null = this is the last. */
export const pageSchemaOf = <T extends z.ZodType>(item: T) =>
  z.object({ items: z.array(item), next: z.string().nullable() })
