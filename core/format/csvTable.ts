import Papa from 'papaparse'

/** A file of lines under a header, or why it cannot be read. */
export type CsvTable =
  { ok: true; /** In lower case. */ header: string[]; rows: string[][] } | { ok: false; problem: string }

/**
 * Reads CSV with a header; commas, semicolons and tabs part the columns.
 * @param most how many lines may stand under the header
 * @example readCsvTable('name,amount\ncard,40', 500) // { ok: true, header: ['name', 'amount'], rows: [['card', '40']] }
 */
export function readCsvTable(csv: string, most: number): CsvTable {
  // No database keeps a NUL, and nothing typed has one.
  const text = csv.replace(/^\uFEFF/, '').replaceAll('\0', '')
  if (text.trim() === '') return { ok: false, problem: 'The file is empty.' }
  const parsed = Papa.parse<string[]>(text, { skipEmptyLines: 'greedy', delimitersToGuess: [',', ';', '\t'] })
  const quoting = parsed.errors.find((error) => error.type === 'Quotes')
  if (quoting)
    return {
      ok: false,
      problem: `Line ${(quoting.row ?? 0) + 1} has a quotation mark that is never closed.`,
    }
  const header = (parsed.data[0] ?? []).map((cell) => cell.trim().toLowerCase())
  const rows = parsed.data.slice(1)
  if (rows.length === 0) return { ok: false, problem: 'There is a header but nothing under it.' }
  if (rows.length > most)
    return { ok: false, problem: `${rows.length} lines are too many. At most ${most} can be read.` }
  return { ok: true, header, rows }
}
