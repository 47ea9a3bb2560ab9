/**
 * A cell of a CSV file that no spreadsheet takes for a formula: a text that begins like one is led by an apostrophe,
 * so that it stays a text. Numbers stay numbers.
 * @example safeCell('=SUM(A1)') // "'=SUM(A1)"
 */
export function safeCell(text: string): string {
  return /^[=+\-@\t\r]/.test(text) && Number.isNaN(Number(text)) ? `'${text}` : text
}

/** The apostrophe that keeps a text from being run as a formula goes again. */
export const unquoted = (text: string) => text.replace(/^'(?=[=+\-@\t\r])/, '')
