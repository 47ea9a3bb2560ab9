import type { ScaleMark } from './scaleMarks'

/**
 * The numbered marks that a drawing has room to write numbers at: all of them, or every second, third, … one.
 * @param most how many numbers fit
 * @example numberedMarks(marks, 4).map((mark) => mark.value) // [0, 40, 80] of 0, 20, … 100
 */
export function numberedMarks(marks: readonly ScaleMark[], most: number): ScaleMark[] {
  const all = marks.filter((mark) => mark.numbered)
  const every = Math.max(1, Math.ceil(all.length / Math.max(1, most)))
  return all.filter((_, index) => index % every === 0)
}
