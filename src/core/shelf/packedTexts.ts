/** Many short texts in one piece of memory: a million of them are no million objects. */
export interface PackedTexts {
  at: (n: number) => string
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
  const kept = bytes.slice(0, end)
  const decoder = new TextDecoder()
  return { at: (n) => decoder.decode(kept.subarray(starts[n] ?? 0, starts[n + 1] ?? 0)) }
}
