import Papa from 'papaparse'

/**
 * The rows and cells of what a spreadsheet puts on the clipboard: tab-separated, quoted where needed, a last
 * line break ignored.
 * @example gridFromClipboard('1\t2\n3\t4\n') // [['1', '2'], ['3', '4']]
 */
export function gridFromClipboard(text: string): string[][] {
  const { data } = Papa.parse<string[]>(text.replace(/(\r\n|\n|\r)$/, ''), { delimiter: '\t' })
  return data.map((row) => row.map((cell) => cell.trim()))
}
