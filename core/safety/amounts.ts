import { itemAt } from '../defined'
import type { AgeBand } from '../class'
import type { HazardId } from '../catalogue'
import { convertUnit, parseNumber, unitFromText, unitDefinition, type Unit } from '../quantity'

/** Water as warm as this scalds in minutes, and above it faster; a bath is cooler. */
export const hotFrom = 44
/** From here on it is warm enough to be checked before it reaches the tables. */
export const warmFrom = 30
/** A mass that hurts a foot when it falls from a table. */
const heavyFrom = 1000
/** A mass that hurts nobody when it falls. */
const lightBelow = 100
/** A mass that a child does not lift alone. */
const tooHeavyFrom = 5000

/** How high a child of an age reaches without stretching, about its height, in centimetres. */
export const headHeight: Record<AgeBand, number> = { '5-7': 110, '7-9': 125, '9-11': 140 }

/** One amount that a text speaks of, in the small unit of its kind, with the words before it. */
interface Amount {
  value: number
  unit: Unit
  words: string
  before: string
}

const amountPattern =
  /(\d+(?:[.,]\d+)?)\s*(°\s?[CF]|degrees(?: (?:C|F|Celsius|Fahrenheit))?|celsius|mm|cm|m|metres?|meters?|kg|kilos?|kilograms?|g|grams?|mL|ml|L|litres?|liters?|feet|ft)(?![\p{L}\d/²³])/gu

function amountsIn(text: string): Amount[] {
  return [...text.matchAll(amountPattern)].flatMap((match) => {
    const parsed = parseNumber(itemAt(match, 1))
    const value = parsed.kind === 'number' ? parsed.value : parsed.kind === 'either' ? parsed.values[1] : null
    const word = itemAt(match, 2)
      .replace(/\s/g, '')
      .replace(/^degrees$/i, 'C')
    const unit =
      unitFromText(word) ??
      unitFromText(word.replace(/^degrees/i, '°')) ??
      (/^degreesf/i.test(word) ? 'F' : /^degrees|celsius/i.test(word) ? 'C' : null)
    return value === null || unit === null
      ? []
      : [{ value, unit, words: match[0], before: text.slice(0, match.index) }]
  })
}

const small: Partial<Record<string, Unit>> = { length: 'cm', mass: 'g', temperature: 'C', volume: 'mL' }

/**
 * Whether a text speaks of masses, and only of such as hurt nobody when they fall.
 * @example isLight('weights, 10 g') // true
 */
export function isLight(text: string): boolean {
  const masses = amountsIn(text).filter(({ unit }) => unitDefinition(unit).dimension === 'mass')
  return masses.length > 0 && masses.every(({ value, unit }) => convertUnit(value, unit, 'g') < lightBelow)
}

/** A hazard that an amount brings, with the words that say it. */
export interface AmountHazard {
  hazard: HazardId
  words: string
}

/**
 * Hazards that amounts bring: water above hand-hot, things dropped or reached for above head height, masses that
 * fall on feet.
 * @param text a step, a card, a level or a material
 * @param about what the amount is of where the text does not say: "drop height"
 * @example hazardsOfAmounts('water at 60 °C', '', '7-9')[0].hazard // 'hot-water'
 */
export function hazardsOfAmounts(text: string, about: string, age: AgeBand): AmountHazard[] {
  return amountsIn(text).flatMap(({ value, unit, words, before }): AmountHazard[] => {
    const { dimension } = unitDefinition(unit)
    const to = small[dimension]
    if (!to) return []
    const amount = convertUnit(value, unit, to)
    // Of "a drop of 2 m onto a 30 cm tray" each number is about the words just before it.
    const context = `${about} ${before.slice(-40)} ${text.slice(before.length + words.length, before.length + words.length + 25)}`
    switch (dimension) {
      case 'temperature':
        return amount >= hotFrom
          ? [{ hazard: /\b(?:oven|iron|lamp|plate|heater)\b/i.test(text) ? 'heating' : 'hot-water', words }]
          : amount >= warmFrom &&
              /\b(?:water|bath|bottle|temperature|pour\w*|start\w*|warm\w*|mix\w*|dough|yeast|milk)\b/i.test(
                `${about} ${text}`,
              )
            ? [{ hazard: 'warm-water', words }]
            : []
      case 'length':
        return amount > headHeight[age] &&
          /\b(?:drop\w*|height|high|above|tall|fall\w*|release\w*|let go|up|hang\w*|from)\b/i.test(context) &&
          !/\b(?:long|length|distance|apart|away|wide|cord|string|rope|jump\w*|rolls?|travel\w*)\b/i.test(
            context,
          )
          ? [{ hazard: 'climbing', words }]
          : []
      case 'mass':
        return amount >= tooHeavyFrom
          ? [
              { hazard: 'lifting', words },
              { hazard: 'falling-loads', words },
            ]
          : amount >= heavyFrom && !/\b(?:flour|sugar|salt|rice|packet|pasta|soil|compost)\b/i.test(context)
            ? [{ hazard: 'falling-loads', words }]
            : []
      default:
        return []
    }
  })
}
