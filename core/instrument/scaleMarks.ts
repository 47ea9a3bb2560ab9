import type { Instrument } from './instrument'

/** One line on the scale of an instrument; `fraction` runs from 0 at the least to 1 at the greatest value. */
export interface ScaleMark {
  value: number
  fraction: number
  numbered: boolean
  /** How far it is drawn, from 1 for a numbered mark: halves, and quarters where the scale has them, stand out from the rest. */
  height: number
}

/**
 * The marks of an instrument's scale in order, for drawing it true to its definition. Scales with more
 * marks than `most` leave out unnumbered marks first, then every other numbered one, and so on.
 * @param most how many marks the drawing has room for
 * @example scaleMarks(metreStick, 20).length // 11: the numbered marks 0, 10, … 100
 */
export function scaleMarks(instrument: Instrument, most: number): ScaleMark[] {
  const { least, greatest, smallestMark, numberedEvery } = instrument
  const room = Math.max(2, most)
  let step = smallestMark
  if ((greatest - least) / step + 1 > room) step = numberedEvery
  while ((greatest - least) / step + 1 > room) step *= 2
  const marks: ScaleMark[] = []
  for (let index = Math.ceil(least / step - 1e-9); index * step <= greatest + step * 1e-9; index++) {
    const value = Number((index * step).toPrecision(12))
    const inNumbers = value / numberedEvery
    marks.push({
      height: heightOf(value, instrument),
      value,
      fraction: (value - least) / (greatest - least),
      numbered: Math.abs(inNumbers - Math.round(inNumbers)) < 1e-6,
    })
  }
  return marks
}

/** Halves stand out where they are marks; quarters only where everything is halved, as inches are. */
function heightOf(value: number, { smallestMark, numberedEvery }: Instrument): number {
  const isMultipleOf = (step: number) => Math.abs(value / step - Math.round(value / step)) < 1e-6
  const fits = (step: number) => Math.abs(step / smallestMark - Math.round(step / smallestMark)) < 1e-6
  if (isMultipleOf(numberedEvery)) return 1
  const half = numberedEvery / 2
  if (fits(half) && isMultipleOf(half)) return 0.75
  const isHalved = Number.isInteger(Math.log2(numberedEvery / smallestMark))
  return isHalved && isMultipleOf(numberedEvery / 4) ? 0.6 : 0.45
}
