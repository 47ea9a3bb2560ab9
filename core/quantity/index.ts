export {
  convertUnit,
  kitchenUnits,
  unitDefinition,
  unitFromText,
  units,
  type Dimension,
  type Unit,
} from './units'
export { numberPattern, parseNumber } from './parseNumber'
export { mostTyped, parseQuantity, type ParsedQuantity, type QuantityReading } from './parseQuantity'
export { hasRaisedDigit, plainText } from './plainText'
export { isOnMark, roundToMark } from './roundToMark'
export { decimalsOfMark, printNumber, printQuantity } from './printQuantity'
export { stripRoundingNoise } from './stripRoundingNoise'
export { countedThing } from './counted'
export { capital, listed } from './wording'
export { listPieces, type ListPieces } from './listPieces'
export { fractionStep, printFraction, printPlain } from './fractions'
export { printReading, printReadingIn } from './printReading'
export { unitSaid, withUnit } from './printQuantity'
