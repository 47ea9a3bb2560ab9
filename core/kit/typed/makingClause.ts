import { itemAt, defined } from '../../defined'
import type { Making } from '../../plan'
import { numberPattern } from '../../quantity'
import { decimal, readAmount, type Take } from './amounts'

/** Sizes of paper by name, in centimetres. */
const sheetSizes: Record<string, [number, number]> = {
  a2: [42, 59.4],
  a3: [29.7, 42],
  a4: [21, 29.7],
  a5: [14.8, 21],
  letter: [21.59, 27.94],
}

/** What a sheet is called by its size: "A4", or "50 x 70 cm". */
export function sheetName({ sheetWidth, sheetHeight }: { sheetWidth: number; sheetHeight: number }): string {
  const known = Object.entries(sheetSizes).find(
    ([, [width, height]]) => width === sheetWidth && height === sheetHeight,
  )
  if (!known) return `${sheetWidth} x ${sheetHeight} cm`
  return known[0] === 'letter' ? 'Letter' : known[0].toUpperCase()
}

/** How a line is made ready, taken out of its text: mixed, let down, cut. A text says what to type instead. */
export function takeMaking(take: Take): Making | string | null {
  const ratio = take(
    new RegExp(
      String.raw`[,(]?\s*(?:mixed |made |of |with )*(${numberPattern})\s*(g|kg|ml|l)\s+(?:of )?([\p{L}][\p{L}\- ]*?)\s+(?:to|in|per|a|for|on)\s+(?:(?:the|every|each)\s+)?(${numberPattern})?\s*(ml|l|litre|liter|litres|liters)\b(?:\s+(?:of )?water)?\)?`,
      'iu',
    ),
  )
  if (ratio) {
    const [added, into] = [readAmount(itemAt(ratio, 1)), ratio[4] ? readAmount(ratio[4]) : 1]
    if (typeof added === 'string') return added
    if (typeof into === 'string') return into
    const large = /^(kg|l)$/i.test(itemAt(ratio, 2))
    const millilitres = /^ml$/i.test(itemAt(ratio, 5)) ? into : into * 1000
    if (!(millilitres > 0)) return 'A mixture is in some water. Type how much, like “60 g sugar to 1 L”.'
    return {
      kind: 'solution',
      of: itemAt(ratio, 3).trim(),
      unit: /g$/i.test(itemAt(ratio, 2)) ? 'g' : 'mL',
      amount: large ? added * 1000 : added,
      inMillilitres: millilitres,
    }
  }
  const series = take(
    new RegExp(
      String.raw`[,(]?\s*(g|ml)\s+(?:of )?([\p{L}][\p{L}\- ]*?)\s+(?:to|in|per)\s+(${numberPattern})?\s*(ml|l|litre)\s*(?:by|at each|of each) level\b\)?`,
      'iu',
    ),
  )
  if (series) {
    const into = series[3] ? readAmount(series[3]) : 1
    if (typeof into === 'string') return into
    return {
      kind: 'series',
      of: itemAt(series, 2).trim(),
      unit: /g$/i.test(itemAt(series, 1)) ? 'g' : 'mL',
      inMillilitres: /^ml$/i.test(itemAt(series, 4)) ? into : into * 1000,
    }
  }
  const size = String.raw`(\d+(?:[.,]\d+)?)\s*(?:cm\s*)?(?:x|×|by)\s*(\d+(?:[.,]\d+)?)\s*cm`
  const pieces = take(
    new RegExp(
      String.raw`[,]?\s*(?:(?:cut|pieces?) )?${size}\s*(?:(?:pieces?|strips?|squares?) (?:of )?)?(?=[^,]*\bfrom\b)`,
      'iu',
    ),
  )
  if (pieces) {
    const from = take(
      new RegExp(
        String.raw`[,]?\s*(?:cut )?from\s+(?:(?:a |an )?(a[2-5]|letter)\b(?:\s+(?:sheets?|paper|card))?|(?:(?:a |an )?((?:[\p{L}\- ])*?)\s*)?${size})`,
        'iu',
      ),
    )
    if (!from) return 'From what is it cut? Type the size of the sheet, like “from A4” or “from 50 x 70 cm”.'
    const [width, height] = [decimal(itemAt(pieces, 1)), decimal(itemAt(pieces, 2))]
    const [sheetWidth, sheetHeight] = from[1]
      ? defined(sheetSizes[from[1].toLowerCase()])
      : [decimal(itemAt(from, 3)), decimal(itemAt(from, 4))]
    if (!(width > 0 && height > 0)) return 'A piece has a width and a height above 0.'
    if (
      Math.min(width, height) > Math.min(sheetWidth, sheetHeight) ||
      Math.max(width, height) > Math.max(sheetWidth, sheetHeight)
    )
      return `A sheet of ${sheetWidth} x ${sheetHeight} cm is smaller than a piece of ${width} x ${height} cm. Take a larger sheet or smaller pieces.`
    return { kind: 'pieces', width, height, from: from[2]?.trim() ?? '', sheetWidth, sheetHeight }
  }
  const lengths = take(
    new RegExp(
      String.raw`[,]?\s*(\d+(?:[.,]\d+)?)\s*(cm|m)\s*(?:lengths?|pieces?)?(?: of)?\s*(?=[^,]*\bfrom\b)`,
      'iu',
    ),
  )
  if (lengths) {
    const from = take(
      new RegExp(
        String.raw`[,]?\s*(?:cut )?from\s+(?:a )?(\d+(?:[.,]\d+)?)\s*(cm|m)\b\s*(sticks?|balls?|rolls?|lengths?|rods?)?|[,]?\s*(?:cut )?from\s+(?:a )?(sticks?|balls?|rolls?)\s+of\s+(\d+(?:[.,]\d+)?)\s*(cm|m)\b`,
        'iu',
      ),
    )
    if (!from) return 'From how long a stick or ball? Type it, like “from 3 m sticks”.'
    const inCm = (value: string, unit: string) => decimal(value) * (unit.toLowerCase() === 'm' ? 100 : 1)
    const length = inCm(itemAt(lengths, 1), itemAt(lengths, 2))
    const stickLength = inCm(defined(from[1] ?? from[5]), defined(from[2] ?? from[6]))
    if (!(length > 0)) return 'A length is above 0.'
    if (length > stickLength)
      return `A stick of ${stickLength} cm is shorter than a piece of ${length} cm. Take longer ones.`
    return { kind: 'lengths', length, from: '', stickLength }
  }
  return null
}
