/** JSON as it is stored: read, or set aside with what stood there. */
export type StoredJson = { ok: true; value: unknown } | { ok: false; text: string }

/** Reads a JSON column. An unreadable one is set aside and shown, never an error for others. Nothing stored is null. */
export function readJson(text: string | null | undefined): StoredJson {
  if (text === null || text === undefined) return { ok: true, value: null }
  try {
    return { ok: true, value: JSON.parse(text) as unknown }
  } catch {
    return { ok: false, text }
  }
}

export const writeJson = (value: unknown): string | null => (value === null ? null : JSON.stringify(value))
