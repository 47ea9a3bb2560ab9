export {
  fromCupboard,
  instrumentCupboard,
  usualCupboard,
  type CupboardInstrument,
  type Instrument,
} from './instrument'
export { instrumentFor, readsIn } from './instrumentFor'
export { reactionSd, readingError } from './readingError'
export {
  nearestMark,
  resolutionOf,
  scaleInUnit,
  smallestDifference,
  type MeasuredScale,
  type ScaleInUnit,
} from './scaleInUnit'
export { scaleMarks, type ScaleMark } from './scaleMarks'
export { scaleFraction } from './scaleFraction'
export { instrumentLook, isUpright, type InstrumentLook } from './instrumentLook'
export { numberedMarks } from './numberedMarks'
