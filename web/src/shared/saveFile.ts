/** Hands a text to the browser as a file, as a link to it would; marked as UTF-8 where a spreadsheet opens it. */
export function saveFile(name: string, type: string, text: string, isMarked = false): void {
  const address = URL.createObjectURL(
    new Blob([text.startsWith('\uFEFF') || !isMarked ? text : `\uFEFF${text}`], { type }),
  )
  const link = document.createElement('a')
  link.href = address
  link.download = name
  link.click()
  URL.revokeObjectURL(address)
}
