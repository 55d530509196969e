import pluralize from 'pluralize'

/** More than one of it. @example many('clutch') // 'clutches' */
export const many = (noun: string): string => pluralize(noun)

/** So many of it. @example counted(2, 'wheel end') // '2 wheel ends' */
export const counted = (count: number, noun: string): string => pluralize(noun, count, true)
