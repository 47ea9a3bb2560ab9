export { convertUnit, unitDefinition, unitFromText, units, type Dimension, type Unit } from './units'
export { parseQuantity, type ParsedQuantity } from './parseQuantity'
export { isOnMark, roundToMark } from './roundToMark'
export { decimalsOfMark, printNumber, printQuantity } from './printQuantity'
