import { defined } from '../defined'
import { plainText } from './plainText'

/** A typed list in its pieces, or what to type instead where it can be cut in two ways. */
export type ListPieces = { ok: true; pieces: string[] } | { ok: false; message: string }

/** A number as it stands in a list, and a list of such alone with nothing but spaces, or slashes, between them: "20 40 60 cm", "20/40/60". */
const listed = String.raw`[-−–]?\d+(?:[.,]\d+)?`
const bySpaces = new RegExp(String.raw`^${listed}(?:\s+${listed})+(?:\s*[^\d\s.,/]+)?$`, 'u')
const bySlashes = new RegExp(String.raw`^${listed}(?:\s*/\s*${listed}){2,}(?:\s*[^\d\s.,/]+)?$`, 'u')

/**
 * Cuts a typed list at commas, semicolons, ends of lines and "and". Where commas with a space part the pieces, those without one are
 * decimal commas; a lone "12,5" may be one number or two, so it is asked about. Numbers alone may be parted by spaces or slashes.
 * @example listPieces('0,5, 1,5 and 2,5') // { ok: true, pieces: ['0,5', '1,5', '2,5'] }
 */
export function listPieces(text: string): ListPieces {
  const line = text.trim().replace(/[.;,\s]+$/u, '')
  const numbers = plainText(line)
  // "10,20 30,40" may be two decimals or four numbers: one digit behind a comma is a decimal.
  if (bySpaces.test(numbers) && !/,\d\d/u.test(numbers))
    return { ok: true, pieces: numbers.split(/\s+(?=[-−–\d])/u) }
  if (bySlashes.test(numbers)) return { ok: true, pieces: numbers.split(/\s*\/\s*/u) }
  if (/^[^,;\n]*\d,\d[^,;\n]*$/u.test(line) && !/\band\b/u.test(line)) {
    const [lone, before, after] = defined(/(\d+),(\d+)/u.exec(line))
    return {
      ok: false,
      message: `“${lone}” reads two ways. Type ${before}.${after} for one number, or “${before}, ${after}” for two.`,
    }
  }
  const commas = /,\s|[;\n]/u.test(line) ? ',\\s+(?:and\\s+)?' : '\\s*,\\s*'
  const parted = new RegExp(`${commas}|\\s*[;\\n]\\s*|\\s+and\\s+|\\s+&\\s+`, 'u')
  return {
    ok: true,
    pieces: line
      .split(parted)
      .map((piece) => piece.trim())
      .filter(Boolean),
  }
}
