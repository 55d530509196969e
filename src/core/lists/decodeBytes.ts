export type Encoding = 'UTF-8' | 'UTF-16' | 'UTF-16 big-endian' | 'Windows-1252'

const DECODERS: Record<Encoding, string> = {
  'UTF-8': 'utf-8',
  'UTF-16': 'utf-16le',
  'UTF-16 big-endian': 'utf-16be',
  'Windows-1252': 'windows-1252',
}

/** What a spreadsheet may have saved as: UTF-8 with or without its mark, UTF-16 with its mark, else Windows-1252. */
export function encodingOf(bytes: Uint8Array): Encoding {
  const [a, b] = bytes
  if (a === 0xff && b === 0xfe) return 'UTF-16'
  if (a === 0xfe && b === 0xff) return 'UTF-16 big-endian'
  try {
    new TextDecoder('utf-8', { fatal: true }).decode(bytes)
    return 'UTF-8'
  } catch {
    return 'Windows-1252'
  }
}

export const decodeBytes = (bytes: Uint8Array): string =>
  new TextDecoder(DECODERS[encodingOf(bytes)]).decode(bytes)
