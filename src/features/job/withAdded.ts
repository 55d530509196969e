import type { Job } from '@/contract/job'
import type { JobPatch } from './withPatch'

const beside = <T>(
  mine: Record<string, T> | undefined,
  sent: object = {},
  stored: Record<string, T> = {},
) => ({
  ...Object.fromEntries(Object.entries(stored).filter(([name]) => !(name in sent))),
  ...mine,
})

/**
 * A change that was made while another was on its way, with what the server put into the kit beside that one: decisions in their
 * places, sizes that were measured, counted pieces. Sent without them it would take them out again.
 * @param sent the change that was answered with `stored`
 */
export function withAdded(pending: JobPatch, sent: JobPatch, { kit: stored }: Job): JobPatch {
  const { kit } = pending
  if (!kit || !sent.kit || !stored || kit.arrangement !== stored.arrangement) return pending
  return {
    ...pending,
    kit: {
      ...kit,
      parts: beside(kit.parts, sent.kit.parts, stored.parts),
      sizes: beside(kit.sizes, sent.kit.sizes, stored.sizes),
      ...((kit.quantities ?? stored.quantities) && {
        quantities: beside(kit.quantities, sent.kit.quantities, stored.quantities),
      }),
    },
  }
}
