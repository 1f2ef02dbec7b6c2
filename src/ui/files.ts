/** Hands a file to the browser to be saved; its name is made safe for any system. */
export function saveFile(name: string, type: string, text: string): void {
  saveBlob(name, new Blob([text], { type }))
}

export function saveBlob(name: string, blob: Blob): void {
  const url = URL.createObjectURL(blob)
  const link = document.createElement('a')
  link.href = url
  link.download = name.replace(/[\\/:*?"<>|\p{Cc}]/gu, '-')
  link.click()
  setTimeout(() => URL.revokeObjectURL(url), 10_000)
}
