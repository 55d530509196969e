/** How a row was written down, behind what it is: said to whoever mends the data, not across a counter. */
const WRITTEN_DOWN = /[,;]?\s*(?:(?:bore|outside)\s+)?(?:from memory|recalled (?:once|twice))/

/**
 * What the sizes of a part go back to, without how they were written down.
 * @example citation('ISO 104 dimension series 22, from memory') // 'ISO 104 dimension series 22'
 */
export const citation = (text: string): string => text.split(WRITTEN_DOWN)[0] ?? text
