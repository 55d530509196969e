/** A text with a capital at its beginning. */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)

/** With `a` or `an` before it, by its first letter. @example withArticle('inch ball bearing') // 'an inch ball bearing' */
export const withArticle = (noun: string): string => `${/^[aeiou]/i.test(noun) ? 'an' : 'a'} ${noun}`
