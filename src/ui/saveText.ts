/** Offers text as a file to save. */
export function saveText(name: string, type: string, text: string): void {
  const address = URL.createObjectURL(new Blob([text], { type }))
  Object.assign(document.createElement('a'), { href: address, download: name }).click()
  URL.revokeObjectURL(address)
}
