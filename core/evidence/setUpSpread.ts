import { defined } from '../defined'
import type { ScoreTable } from './scoreTable'

/** How far set-ups seem to be off, as far as a class shows it. */
export interface SetUpSpread {
  /** Mean tries of a cell. */
  tries: number
  /** How much more than their tries the cells scatter about groups and levels: about 1 + n · (set-ups' variance / a try's). */
  ratio: number
  /** How many cells it rests on beyond those that groups and levels take up. */
  freedom: number
}

let ranks = new Float64Array(64)
let own = new Float64Array(64)
let means = new Float64Array(144)

/**
 * Compares how far cells scatter, groups and levels taken off, with how far tries scatter inside them: the F ratio of the interaction
 * of group and level, on the ranks of the tries inside their groups, so that a slip of x10 weighs as any other.
 * @param levels places of the levels compared
 * @returns with one group, or with one try each, nothing can be told: no freedom
 * @example setUpSpread(table, [0, 1]).freedom // 1: two groups at two levels
 */
export function setUpSpread(
  { counts, levels: wide, groups, values, room }: ScoreTable,
  levels: readonly number[],
): SetUpSpread {
  const across = levels.length
  if (means.length < groups * across) means = new Float64Array(groups * across)
  let [tries, cells, within, withinFreedom, comparing] = [0, 0, 0, 0, 0]
  for (let group = 0; group < groups; group++) {
    const size = gather(group)
    tries += size
    rankInto(size)
    let at = 0
    let present = 0
    for (let place = 0; place < across; place++) {
      const count = defined(counts[group * wide + defined(levels[place])])
      let sum = 0
      for (let one = 0; one < count; one++) sum += defined(ranks[at + one])
      const mean = sum / count
      means[comparing * across + place] = mean
      for (let one = 0; one < count; one++) within += (defined(ranks[at + one]) - mean) ** 2
      at += count
      if (count > 0) present++
    }
    cells += present
    withinFreedom += size - present
    // A group at one level compares nothing; its row is written over.
    if (present >= 2) comparing++
  }
  const ofTries = { tries: cells === 0 ? 0 : tries / cells, ratio: 0, freedom: 0 }
  if (comparing < 2 || withinFreedom === 0) return ofTries
  const { squares, freedom } = interaction(comparing, across)
  // Where no try differs from another of its cell the ranks still know no more than that.
  const ofTry = Math.max(within / withinFreedom, leastSpread)
  return freedom === 0 ? ofTries : { ...ofTries, ratio: (ofTries.tries * squares) / freedom / ofTry, freedom }

  function gather(group: number): number {
    let size = 0
    for (const level of levels) {
      const cell = group * wide + level
      for (let one = 0; one < defined(counts[cell]); one++) {
        if (size === own.length) {
          own = Float64Array.from({ length: 2 * size }, (_, index) => own[index] ?? 0)
          ranks = new Float64Array(2 * size)
        }
        own[size++] = defined(values[cell * room + one])
      }
    }
    return size
  }
}

/** Tied ranks of a group have no spread of their own; so much is left by what a rank is rounded to. */
const leastSpread = 1 / 4800

/** Mid-ranks about their middle, as shares of how many there are, so that groups of any size weigh alike. */
function rankInto(size: number): void {
  for (let one = 0; one < size; one++) {
    let [below, equal] = [0, 0]
    for (let other = 0; other < size; other++)
      if (defined(own[other]) < defined(own[one])) below++
      else if (own[other] === own[one]) equal++
    ranks[one] = (below + equal / 2 - size / 2) / (size + 1)
  }
}

/** The squares of what is left of the means when groups and levels are taken off. */
function interaction(rows: number, across: number): { squares: number; freedom: number } {
  let [squares, cells] = [0, 0]
  const ofLevel = Array.from({ length: across }, (_, place) => {
    let [sum, count] = [0, 0]
    for (let row = 0; row < rows; row++) {
      const mean = defined(means[row * across + place])
      if (Number.isNaN(mean)) continue
      sum += mean
      count++
    }
    return sum / count
  })
  for (let row = 0; row < rows; row++) {
    let [sum, count] = [0, 0]
    for (let place = 0; place < across; place++) {
      const left = defined(means[row * across + place]) - defined(ofLevel[place])
      if (Number.isNaN(left)) continue
      sum += left
      count++
    }
    for (let place = 0; place < across; place++) {
      const left = defined(means[row * across + place]) - defined(ofLevel[place])
      if (!Number.isNaN(left)) squares += (left - sum / count) ** 2
    }
    cells += count
  }
  const known = ofLevel.filter((mean) => !Number.isNaN(mean)).length
  return { squares, freedom: Math.max(0, cells - rows - known + 1) }
}
