/**
 * The text of a file from wherever it comes: Unicode by its first bytes, else UTF-8, else what Windows writes in the west of Europe, which
 * every sequence of bytes is.
 * @example decodeText(new Uint8Array([0x48, 0xf6, 0x68, 0x65])) // 'Höhe'
 */
export function decodeText(bytes: Uint8Array): string {
  return new TextDecoder(encodingOf(bytes)).decode(bytes)
}

function encodingOf(bytes: Uint8Array): string {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return 'utf-16le'
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return 'utf-16be'
  // Western letters in two bytes each, without a mark in front.
  if (bytes.length > 3 && bytes[1] === 0 && bytes[3] === 0) return 'utf-16le'
  try {
    new TextDecoder('utf-8', { fatal: true }).decode(bytes)
    return 'utf-8'
  } catch {
    return 'windows-1252'
  }
}

/**
 * Why a file is no table of text, where its first bytes say so: a workbook is packed like an archive.
 * @example notText(new Uint8Array([0x50, 0x4b, 3, 4])) // 'This is a spreadsheet file, which we can’t read. …'
 */
export function notText(bytes: Uint8Array): string | null {
  const begins = (...those: number[]) => those.every((byte, at) => bytes[at] === byte)
  if (begins(0x50, 0x4b, 3, 4) || begins(0xd0, 0xcf, 0x11, 0xe0))
    return 'This is a spreadsheet file, which we can’t read. Save the sheet as CSV and choose that file, or copy its cells and paste them here.'
  if (begins(0x25, 0x50, 0x44, 0x46)) return 'This is a PDF, which holds no cells. Choose a CSV file.'
  return null
}
