export { fromCupboard, instrumentCupboard, type CupboardInstrument, type Instrument } from './instrument'
export { reactionSd, readingError } from './readingError'
export { scaleMarks, type ScaleMark } from './scaleMarks'
