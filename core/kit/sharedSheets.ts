import type { Size } from './cutting/rowsAndColumns'
import { packTogether, type SharedPiece } from './cutting/together'
import type { KitLine } from './kitAmounts'
import type { MadeReady } from './madeReady'

/** Sheets out of which the last pieces of several lines are cut together. */
export interface SharedSheets {
  from: string
  sheet: Size
  /** Which lines' pieces lie on them. */
  materialIds: string[]
  /** The pieces on each; `id` is the line that they are for. */
  sheets: SharedPiece[][]
}

/** More pieces than that are left as they are: nobody sorts that many scraps. */
const mostPieces = 400

/**
 * Where lines are cut from the same sheets: what is left over once each has its full sheets, packed together, as far as that takes fewer
 * sheets than one for each line.
 * @param made how each line is made ready, in the order of the lines
 * @example sharedSheets(lines, made) // []: each size has sheets of its own
 */
export function sharedSheets(
  lines: readonly KitLine[],
  made: readonly (MadeReady | { kind: 'problem' } | null)[],
): SharedSheets[] {
  const groups = new Map<string, Rest[]>()
  for (const [index, line] of lines.entries()) {
    const rest = restOf(line, made[index] ?? null)
    if (!rest) continue
    const key = `${rest.from.trim().toLowerCase()}|${rest.sheet.width}|${rest.sheet.height}`
    groups.set(key, [...(groups.get(key) ?? []), rest])
  }
  return [...groups.values()].flatMap((rests): SharedSheets[] => {
    const [first] = rests
    const count = rests.reduce((sum, one) => sum + one.count, 0)
    if (!first || rests.length < 2 || count > mostPieces) return []
    const sheets = packTogether(rests, first.sheet)
    if (sheets.length >= rests.length) return []
    return [{ from: first.from, sheet: first.sheet, materialIds: rests.map(({ id }) => id), sheets }]
  })
}

interface Rest {
  id: string
  from: string
  sheet: Size
  piece: Size
  count: number
}

/** What lies on the last sheet of a line where that is not full. */
function restOf(line: KitLine, made: MadeReady | { kind: 'problem' } | null): Rest | null {
  const { id, made: making } = line.material
  if (made?.kind !== 'pieces' || making?.kind !== 'pieces' || making.round === true) return null
  const { perSheet, onLast } = made.plan
  if (onLast === 0 || onLast === perSheet) return null
  const sheet = { width: making.sheetWidth, height: making.sheetHeight }
  return { id, from: made.from, sheet, piece: made.piece, count: onLast }
}
