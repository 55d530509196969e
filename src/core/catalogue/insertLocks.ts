const LOCKS = {
  UC: 'set screws',
  SB: 'set screws',
  ER: 'set screws',
  SA: 'an eccentric collar',
  HC: 'an eccentric collar',
  UEL: 'an eccentric collar',
} as const

/** Letters of inserts with a round outside, which may stand in one housing; UK sits on a sleeve (ISO 9628). */
export const ROUND_INSERTS: readonly string[] = ['UC', 'SB', 'SA', 'HC', 'UEL', 'UK']

const LETTERS = new RegExp(`^(${Object.keys(LOCKS).join('|')})`)

/**
 * What an insert is locked on its shaft by, from the letters of its number (ISO 9628, common practice).
 * @returns undefined for those on a sleeve, and for other parts
 * @example insertLock('SA205-16') // 'an eccentric collar'
 */
export const insertLock = (base: string): 'set screws' | 'an eccentric collar' | undefined =>
  LOCKS[LETTERS.exec(base)?.[1] as keyof typeof LOCKS]
