/** Pattern of a LIKE that finds this text anywhere; its own marks are no wildcards. */
export const likeText = (text: string): string => `%${text.replace(/[\\%_]/g, (mark) => `\\${mark}`)}%`
