import 'server-only'
import type { z } from 'zod'
import { CLASH, merged } from '@/core/history'
import { ServiceError } from './errors'
import { parse } from './parse'

/**
 * What is to stand when somebody saves what was changed over `over`, while `now` stands: both changes where they are of
 * different things.
 * @param over what stood when it was opened; undefined = whatever stands now is replaced
 * @throws ServiceError `conflict` where both changed one thing; it carries what stands now
 */
export function mergedOver<S extends z.ZodType>(
  schema: S,
  over: z.output<S> | undefined,
  mine: z.output<S>,
  now: z.output<S>,
): z.output<S> {
  if (over === undefined) return mine
  const value = merged(over, mine, now)
  if (value === CLASH)
    throw new ServiceError(
      'conflict',
      'Somebody else saved this meanwhile, and changed what you changed. Save again to replace it, or discard your changes to see it.',
      [],
      now,
    )
  return parse(schema, value)
}
