/** What may be on or in a hub that its heat would spoil. */
export const HUB_ATTACHMENTS = ['tyre', 'plastic', 'paint', 'carbon', 'magnet', 'otherBearing'] as const
export type HubAttachment = (typeof HUB_ATTACHMENTS)[number]

export const HUB_ATTACHMENT_WORDS: Record<HubAttachment, string> = {
  tyre: 'tyre',
  plastic: 'plastic',
  paint: 'paint',
  carbon: 'carbon, glue',
  magnet: 'magnet ring',
  otherBearing: 'a greased bearing',
}
