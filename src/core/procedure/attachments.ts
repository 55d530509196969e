/** What may be on or in a hub that its heat would spoil. */
export const HUB_ATTACHMENTS = ['tyre', 'plastic', 'paint', 'carbon', 'magnet', 'otherBearing'] as const
export type HubAttachment = (typeof HUB_ATTACHMENTS)[number]

export const HUB_ATTACHMENT_LABELS: Record<HubAttachment, string> = {
  tyre: 'tyre',
  plastic: 'plastic',
  paint: 'paint',
  carbon: 'carbon, glue',
  magnet: 'magnet ring',
  otherBearing: 'a greased bearing',
}

/** Said beside every advice to heat a hub, while nobody has said what is on it. */
export const HUB_BARE = 'The hub bare: no tyre, plastic or paint on it, no sealed bearing in it.'

/**
 * What stands beside the advice to heat a hub: that it must be bare, or that it is not heated with what is on it.
 * @param has what is on or in the hub; null = nobody has said
 * @example hubHeatCaution(['tyre']) // 'Not with this on or in the hub: tyre. Press it.'
 */
export function hubHeatCaution(has: readonly HubAttachment[] | null): string {
  if (has === null) return HUB_BARE
  const labels = has.map((what) => HUB_ATTACHMENT_LABELS[what]).join(', ')
  return labels === '' ? '' : `Not with this on or in the hub: ${labels}. Press it.`
}
