/**
 * Hands the rows to the browser as a CSV file; the mark at its start tells spreadsheets that it is UTF-8, and a cell that they
 * would take for a formula is text.
 */
export async function saveCsv(name: string, rows: readonly (readonly string[])[]): Promise<void> {
  const { default: Papa } = await import('papaparse')
  const link = document.createElement('a')
  link.href = URL.createObjectURL(
    new Blob([`\ufeff${Papa.unparse(rows as string[][], { escapeFormulae: true })}\r\n`], { type: 'text/csv;charset=utf-8' }),
  )
  link.download = name
  link.click()
  URL.revokeObjectURL(link.href)
}
