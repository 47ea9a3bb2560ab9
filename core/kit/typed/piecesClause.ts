import { defined, itemAt } from '../../defined'
import type { Making } from '../../plan'
import { convertUnit, numberPattern, unitFromText } from '../../quantity'
import { readAmount, type Take } from './amounts'

/** Sizes of paper by name, in centimetres. */
const sheetSizes: Record<string, [number, number]> = {
  a2: [42, 59.4],
  a3: [29.7, 42],
  a4: [21, 29.7],
  a5: [14.8, 21],
  letter: [21.59, 27.94],
}

type Pieces = Extract<Making, { kind: 'pieces' }>

const tidy = (length: number) => Number(length.toPrecision(6))

/** A length as it was typed: in inches where the line was. */
const shown = (centimetres: number, inches: boolean | undefined) =>
  tidy(inches ? centimetres / 2.54 : centimetres)
const unitOf = ({ inches }: Pick<Pieces, 'inches'>) => (inches ? 'in' : 'cm')

/** What a sheet or roll is called by its size: "A4", "50 x 70 cm", "26 cm wide". */
export function sheetName({
  sheetWidth,
  sheetHeight,
  inches,
}: Pick<Pieces, 'sheetWidth' | 'sheetHeight' | 'inches'>): string {
  const known = Object.entries(sheetSizes).find(
    ([, [width, height]]) => width === sheetWidth && height === sheetHeight,
  )
  if (known) return known[0] === 'letter' ? 'Letter' : known[0].toUpperCase()
  const [width, height] = [shown(sheetWidth, inches), shown(sheetHeight, inches)]
  return sheetHeight === 0
    ? `${width} ${unitOf({ inches })} wide`
    : `${width} x ${height} ${unitOf({ inches })}`
}

/**
 * The size of a cut piece as it stands after its name: "12 x 8 cm", "8 cm across".
 * @example pieceSize({ width: 8, height: 8, round: true }) // '8 cm across'
 */
export function pieceSize({
  width,
  height,
  round,
  inches,
}: Pick<Pieces, 'width' | 'height' | 'round' | 'inches'>): string {
  const unit = unitOf({ inches })
  return round
    ? `${shown(width, inches)} ${unit} across`
    : `${shown(width, inches)} x ${shown(height, inches)} ${unit}`
}

const number = `(${numberPattern})`
const unit = String.raw`(cm|mm|m|in|inch|inches|["″])(?![\p{L}])`
const one = String.raw`${number}[\s-]*${unit}`
const two = String.raw`${number}\s*(?:${unit})?\s*(?:x|×|by)\s*${number}[\s-]*${unit}`
const shape = String.raw`(circles?|discs?|disks?|rounds?|squares?|pieces?|rectangles?|strips?|sheets?)`

/** A length and its unit in centimetres, or what to type instead. */
function inCentimetres(amount: string, typed: string): number | string {
  const value = readAmount(amount)
  const known = unitFromText(typed.replace('″', '"'))
  return typeof value === 'string' ? value : tidy(convertUnit(value, known ?? 'cm', 'cm'))
}
const isInches = (typed: string | undefined) => /^(?:in|["″])/i.test(typed ?? '')

interface Source {
  name: string
  width: number
  /** 0 for a roll. */
  height: number
}

/** "From A4", "from a 26 cm wide roll", "from 50 x 70 cm sheets of felt". */
function takeSource(take: Take): Source | string | null {
  const from = String.raw`[,]?\s*(?:cut )?(?:out of|from)\s+(?:an? |the )?`
  const named = take(
    new RegExp(
      String.raw`${from}(?:([\p{L}\- ]+?)\s+)?(a[2-5]|letter)\b(?:[\s-]+(?:size|sheets?|paper|card))*`,
      'iu',
    ),
  )
  if (named) {
    const [width, height] = defined(sheetSizes[itemAt(named, 2).toLowerCase()])
    return { name: named[1] ?? '', width, height }
  }
  const roll =
    take(new RegExp(String.raw`${from}${one}[\s-]*(?:wide\s+)([\p{L}\- ]*?)\s*rolls?\b`, 'iu')) ??
    take(
      new RegExp(
        String.raw`${from}rolls?\s*(?:of [\p{L}\- ]+?)?[\s,]*(?:that (?:is|are) |which (?:is|are) )?${one}\s*(?:wide|in width)`,
        'iu',
      ),
    )
  if (roll) {
    const width = inCentimetres(itemAt(roll, 1), itemAt(roll, 2))
    return typeof width === 'string' ? width : { name: roll[3]?.trim() ?? '', width, height: 0 }
  }
  const sheet = take(
    new RegExp(
      String.raw`${from}(?:([\p{L}\- ]*?)\s*)?${two}(?:\s*(?:sheets?|pieces?)\b(?: of ([\p{L}\- ]+))?)?`,
      'iu',
    ),
  )
  if (!sheet) return null
  const unitTyped = itemAt(sheet, 5)
  const width = inCentimetres(itemAt(sheet, 2), sheet[3] ?? unitTyped)
  const height = inCentimetres(itemAt(sheet, 4), unitTyped)
  if (typeof width === 'string') return width
  if (typeof height === 'string') return height
  return { name: (sheet[1] || sheet[6] || '').trim(), width, height }
}

/** The size of a piece, with its shape where that was said. */
function takeSize(
  take: Take,
): { width: number; height: number; round: boolean; inches: boolean } | string | null {
  const both = take(
    new RegExp(String.raw`[,]?\s*(?:cut )?(?:${shape}\s*(?:of\s+)?)?${two}\s*(?:${shape}(?:\s+of)?)?`, 'iu'),
  )
  if (both) {
    const unitTyped = itemAt(both, 5)
    const width = inCentimetres(itemAt(both, 2), both[3] ?? unitTyped)
    const height = inCentimetres(itemAt(both, 4), unitTyped)
    if (typeof width === 'string') return width
    if (typeof height === 'string') return height
    return { width, height, round: false, inches: isInches(unitTyped) }
  }
  const single =
    take(
      new RegExp(
        String.raw`[,]?\s*(?:cut )?(circles?|discs?|disks?|rounds?|squares?)[\s,]*(?:of\s+)?(?:diameter\s+)?${one}(?:\s*(?:across|wide|in diameter|diameter|each))?`,
        'iu',
      ),
    ) ??
    take(
      new RegExp(
        String.raw`[,]?\s*(?:cut )?${one}[\s-]*(?:across |diameter |wide )?(circles?|discs?|disks?|rounds?|squares?)(?:\s+of)?\b`,
        'iu',
      ),
    )
  if (!single) return takeSizeAfterName(take)
  const isFirst = /^\p{L}{2,}/u.test(itemAt(single, 1))
  const [word, value, typed] = isFirst ? [single[1], single[2], single[3]] : [single[3], single[1], single[2]]
  const side = inCentimetres(defined(value), defined(typed))
  if (typeof side === 'string') return side
  return { width: side, height: side, round: !/square/i.test(defined(word)), inches: isInches(typed) }
}

/** "Circles of felt, 5 cm": the name between stays in the line. */
function takeSizeAfterName(take: Take): ReturnType<typeof takeSize> {
  const word = take(/\b(circles?|discs?|disks?|squares?)\s+of\s+(?=\p{L})/iu)
  const found =
    word && take(new RegExp(String.raw`[,]?\s*${one}(?:\s*(?:across|wide|in diameter|each))?`, 'iu'))
  if (!word || !found) return null
  const side = inCentimetres(itemAt(found, 1), itemAt(found, 2))
  if (typeof side === 'string') return side
  const round = !/square/i.test(itemAt(word, 1))
  return { width: side, height: side, round, inches: isInches(found[2]) }
}

/**
 * How flat pieces are cut, taken out of a line: their size, and the sheet or roll that they come from. Null where a line says no such
 * source; a text says what to type instead.
 */
export function takePieces(take: Take): Pieces | string | null {
  const hem = take(
    new RegExp(
      String.raw`[,]?\s*(?:with|plus|\+)\s+(?:an? )?${one}[\s-]*(?:hems?|seams?|seam allowance|margins?|borders?|overlaps?|flaps?|turn-ins?)(?: all round| on each side| on every side| each side)?`,
      'iu',
    ),
  )
  const source = takeSource(take)
  if (source === null) return hem ? 'From what is it cut? Type the sheet or roll, like “from A4”.' : null
  if (typeof source === 'string') return source
  const size = takeSize(take)
  if (typeof size === 'string') return size
  if (size === null) return 'How large is a piece? Type it before the thing, like “12 x 8 cm card from A4”.'
  const turnedIn = hem ? inCentimetres(itemAt(hem, 1), itemAt(hem, 2)) : 0
  if (typeof turnedIn === 'string') return turnedIn
  const { width, height, round, inches } = size
  if (!(width > 0 && height > 0)) return 'A piece has a width and a height above 0.'
  const [cutWidth, cutHeight] = [width + 2 * turnedIn, height + 2 * turnedIn]
  const made: Pieces = {
    kind: 'pieces',
    width,
    height,
    from: source.name,
    sheetWidth: source.width,
    sheetHeight: source.height,
    ...(round ? { round } : {}),
    ...(turnedIn > 0 ? { hem: turnedIn } : {}),
    ...(inches ? { inches } : {}),
  }
  const isTooLarge =
    source.height === 0
      ? Math.min(cutWidth, cutHeight) > source.width
      : Math.min(cutWidth, cutHeight) > Math.min(source.width, source.height) ||
        Math.max(cutWidth, cutHeight) > Math.max(source.width, source.height)
  if (isTooLarge)
    return `A ${source.height === 0 ? 'roll' : 'sheet'} of ${sheetName(made)} is smaller than a piece of ${pieceSize(made)}${turnedIn > 0 ? ' with its hem' : ''}. Take a larger one or smaller pieces.`
  return made
}
