/** Many short texts in one piece of memory: a million of them are no million objects. */
export interface PackedTexts {
  bytes: Uint8Array
  /** place of the first byte of each text; one entry more than texts */
  starts: Uint32Array
}

export function packTexts(texts: readonly string[]): PackedTexts {
  const encoder = new TextEncoder()
  const starts = new Uint32Array(texts.length + 1)
  let bytes = new Uint8Array(1024)
  let end = 0
  texts.forEach((text, n) => {
    // At most three bytes a UTF-16 unit.
    while (end + text.length * 3 > bytes.length) {
      const larger = new Uint8Array(bytes.length * 2)
      larger.set(bytes)
      bytes = larger
    }
    end += encoder.encodeInto(text, bytes.subarray(end)).written
    starts[n + 1] = end
  })
  return { bytes: bytes.slice(0, end), starts }
}

const decoder = new TextDecoder()
export const textAt = ({ bytes, starts }: PackedTexts, n: number): string =>
  decoder.decode(bytes.subarray(starts[n] ?? 0, starts[n + 1] ?? 0))
