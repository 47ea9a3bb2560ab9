import convert, { type Unit as LibraryUnit } from 'convert'

/** What a number on a bench can be a number of. Things counted have no unit, so nothing is written after them. */
export type Dimension = 'length' | 'time' | 'mass' | 'volume' | 'temperature' | 'force' | 'count' | 'share'

interface UnitDefinition {
  dimension: Dimension
  /** How the unit is written after a number. */
  symbol: string
  /** How a teacher says it, in the plural. */
  spoken: string
  /** What a child or a teacher may type for it, in lower case. */
  typed: string[]
}

const definitions = {
  mm: {
    dimension: 'length',
    symbol: 'mm',
    spoken: 'millimetres',
    typed: ['mm', 'millimetre', 'millimetres', 'millimeter', 'millimeters'],
  },
  cm: {
    dimension: 'length',
    symbol: 'cm',
    spoken: 'centimetres',
    typed: ['cm', 'cms', 'centimetre', 'centimetres', 'centimeter', 'centimeters'],
  },
  m: {
    dimension: 'length',
    symbol: 'm',
    spoken: 'metres',
    typed: ['m', 'metre', 'metres', 'meter', 'meters'],
  },
  in: { dimension: 'length', symbol: 'in', spoken: 'inches', typed: ['in', 'inch', 'inches', '"', '″'] },
  ft: { dimension: 'length', symbol: 'ft', spoken: 'feet', typed: ['ft', 'foot', 'feet', "'", '′'] },
  s: { dimension: 'time', symbol: 's', spoken: 'seconds', typed: ['s', 'sec', 'secs', 'second', 'seconds'] },
  min: { dimension: 'time', symbol: 'min', spoken: 'minutes', typed: ['min', 'mins', 'minute', 'minutes'] },
  g: {
    dimension: 'mass',
    symbol: 'g',
    spoken: 'grams',
    typed: ['g', 'gr', 'gram', 'grams', 'gramme', 'grammes'],
  },
  kg: {
    dimension: 'mass',
    symbol: 'kg',
    spoken: 'kilograms',
    typed: ['kg', 'kgs', 'kilo', 'kilos', 'kilogram', 'kilograms', 'kilogramme', 'kilogrammes'],
  },
  mL: {
    dimension: 'volume',
    symbol: 'mL',
    spoken: 'millilitres',
    typed: ['ml', 'mls', 'millilitre', 'millilitres', 'milliliter', 'milliliters', 'cm3', 'ccm', 'cc'],
  },
  L: {
    dimension: 'volume',
    symbol: 'L',
    spoken: 'litres',
    typed: ['l', 'litre', 'litres', 'liter', 'liters'],
  },
  oz: { dimension: 'mass', symbol: 'oz', spoken: 'ounces', typed: ['oz', 'ounce', 'ounces'] },
  lb: { dimension: 'mass', symbol: 'lb', spoken: 'pounds', typed: ['lb', 'lbs', 'pound', 'pounds'] },
  floz: {
    dimension: 'volume',
    symbol: 'fl oz',
    spoken: 'fluid ounces',
    typed: ['fl oz', 'fl. oz', 'fl. oz.', 'floz', 'fluid ounce', 'fluid ounces'],
  },
  pt: { dimension: 'volume', symbol: 'pt', spoken: 'pints', typed: ['pt', 'pts', 'pint', 'pints'] },
  qt: { dimension: 'volume', symbol: 'qt', spoken: 'quarts', typed: ['qt', 'qts', 'quart', 'quarts'] },
  C: {
    dimension: 'temperature',
    symbol: '°C',
    spoken: 'degrees Celsius',
    typed: ['c', '°c', 'celsius', 'degrees c', 'degrees celsius', 'degree celsius'],
  },
  F: {
    dimension: 'temperature',
    symbol: '°F',
    spoken: 'degrees Fahrenheit',
    typed: ['f', '°f', 'fahrenheit', 'degrees f', 'degrees fahrenheit', 'degree fahrenheit'],
  },
  N: { dimension: 'force', symbol: 'N', spoken: 'newtons', typed: ['n', 'newton', 'newtons'] },
  count: { dimension: 'count', symbol: '', spoken: 'things counted', typed: ['times', 'things', 'pieces'] },
  percent: { dimension: 'share', symbol: '%', spoken: 'per cent', typed: ['%', 'percent', 'per cent'] },
} as const satisfies Record<string, UnitDefinition>

/** A unit that the product measures in. */
export type Unit = keyof typeof definitions

/** Units of kitchens, in which things are poured and weighed out and nothing is read; with how much they are, in mL or g. */
export const kitchenUnits = {
  oz: 28.349523125,
  lb: 453.59237,
  floz: 28.4130625,
  pt: 568.26125,
  qt: 1136.5225,
} as const
const isKitchenUnit = (unit: Unit): unit is keyof typeof kitchenUnits => unit in kitchenUnits

/** Every unit that something is read in, in the order a list offers them; shares are worked out, never read. */
export const units = (Object.keys(definitions) as Unit[]).filter(
  (unit) => unit !== 'percent' && !isKitchenUnit(unit),
)

/**
 * The definition of a unit: what it measures, how it is written and said.
 * @example unitDefinition('cm').symbol // 'cm'
 */
export function unitDefinition(unit: Unit): UnitDefinition {
  return definitions[unit]
}

/**
 * The unit that typed letters stand for, or null when no unit is written that way.
 * @example unitFromText('Metres') // 'm'
 */
export function unitFromText(text: string): Unit | null {
  const typed = text.trim().toLowerCase()
  return (
    (Object.keys(definitions) as Unit[]).find((unit) =>
      (definitions[unit].typed as readonly string[]).includes(typed),
    ) ?? null
  )
}

/**
 * A value in another unit of the same dimension, freed of floating-point dust (12 significant digits).
 * @throws RangeError when the two units measure different things.
 * @example convertUnit(1.2, 'm', 'cm') // 120
 */
export function convertUnit(value: number, from: Unit, to: Unit): number {
  if (from === to) return value
  if (definitions[from].dimension !== definitions[to].dimension)
    throw new RangeError(`${definitions[from].spoken} cannot be turned into ${definitions[to].spoken}`)
  // The imperial ones, which are the larger where two countries differ.
  if (isKitchenUnit(from)) return convertUnit(value * kitchenUnits[from], metricOf(from), to)
  if (isKitchenUnit(to)) return stripped(convertUnit(value, from, metricOf(to)) / kitchenUnits[to])
  return Number(
    convert(value, from as LibraryUnit)
      .to(to as LibraryUnit)
      .toPrecision(12),
  )
}

const metricOf = (unit: Unit): Unit => (definitions[unit].dimension === 'mass' ? 'g' : 'mL')
const stripped = (value: number) => Number(value.toPrecision(12))
