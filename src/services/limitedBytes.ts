import 'server-only'

/** All bytes of a stream; null as soon as there are more than `most`, and the rest is not read. */
export async function limitedBytes(
  stream: ReadableStream<Uint8Array> | null,
  max: number,
): Promise<Uint8Array | null> {
  const reader = stream?.getReader()
  const chunks: Uint8Array[] = []
  let bytes = 0
  for (;;) {
    const { done, value } = (await reader?.read()) ?? { done: true, value: undefined }
    if (done || !value) return Buffer.concat(chunks)
    bytes += value.byteLength
    if (bytes > max) {
      await reader?.cancel()
      return null
    }
    chunks.push(value)
  }
}
