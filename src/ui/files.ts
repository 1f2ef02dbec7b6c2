/** Hands a file to the browser to be saved; its name is made safe for any system. */
export function saveFile(name: string, type: string, text: string): void {
  const url = URL.createObjectURL(new Blob([text], { type }))
  const link = document.createElement('a')
  link.href = url
  link.download = name.replace(/[\\/:*?"<>|\p{Cc}]/gu, '-')
  link.click()
  setTimeout(() => URL.revokeObjectURL(url), 10_000)
}
