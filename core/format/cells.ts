/** Signs with which a spreadsheet begins a formula, those of full width among them. */
const formula = '[=+\\-@\\uff1d\\uff0b\\uff0d\\uff20]'
/** Where a cell may begin: at the front, or behind what other spreadsheets take for the end of a cell or a line. */
const beginning = '(^|[;,\\t\\r\\n])(\\s*)'
const formulaLike = new RegExp(`${beginning}(?='*${formula})`, 'g')
const led = new RegExp(`${beginning}'(?='*${formula})`, 'g')

/**
 * A cell of a CSV file that no spreadsheet takes for a formula, whether it divides cells at commas, semicolons or tabs: what begins like
 * one is led by an apostrophe, so that it stays a text. Numbers stay numbers.
 * @example safeCell('=SUM(A1)') // "'=SUM(A1)"
 * @example safeCell('wet; =1+1') // "wet; '=1+1"
 */
export function safeCell(text: string): string {
  const isNumber = text.trim() !== '' && !Number.isNaN(Number(text))
  // A tab or a line break at the front is cut off by some, and what follows is then at the front.
  return isNumber ? text : text.replace(formulaLike, "$1$2'")
}

/**
 * The apostrophes that keep a text from being run as a formula go again.
 * @example unquoted("'=SUM(A1)") // '=SUM(A1)'
 */
export const unquoted = (text: string) => text.replace(led, '$1$2')
