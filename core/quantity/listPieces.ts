/** A typed list in its pieces, or what to type instead where it can be cut in two ways. */
export type ListPieces = { ok: true; pieces: string[] } | { ok: false; message: string }

/**
 * Cuts a typed list at commas, semicolons, ends of lines and "and". Where commas with a space part the pieces, those without one are
 * decimal commas; a lone "12,5" may be one number or two, so it is asked about.
 * @example listPieces('0,5, 1,5 and 2,5') // { ok: true, pieces: ['0,5', '1,5', '2,5'] }
 */
export function listPieces(text: string): ListPieces {
  const line = text.trim().replace(/[.;,\s]+$/u, '')
  if (/^[^,;\n]*\d,\d[^,;\n]*$/u.test(line) && !/\band\b/u.test(line)) {
    const [lone, before, after] = /(\d+),(\d+)/u.exec(line)!
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
