import type { Application } from '@/core/interchange'
import type { Intake } from '@/contract/job'

/** What the intake says of where the part works. */
export function applicationOf({ use }: Intake): Application {
  const said = (condition: (typeof use)[number]): boolean => use.includes(condition)
  return {
    ...(said('slow') && { speed: 'slow' }),
    ...(said('fast') && { speed: 'fast' }),
    ...((said('washed') || said('submerged') || said('salt air') || said('outdoors')) && { wet: true }),
    ...(said('heavy load') && { load: 'heavy' }),
  }
}

/** Where a part works, as a query; what is not known stays out. */
const applicationQuery = (application: Application): Record<string, string> =>
  Object.fromEntries(
    Object.entries(application).flatMap(([key, value]) =>
      value === undefined ? [] : [[key, String(value)]],
    ),
  )

/** What is asked of the server for a number and the place it works in. */
export const sheetQuestion = (designation: string, application: Application) => ({
  query: { designation, ...applicationQuery(application) },
})
