import { summarise, emptyTable, type ScoreTable } from '../../core/evidence'
import { normalRandom, seededRandom } from '../../core/random'
import type { Summary } from '../../core/plan'

/** A design whose classes are drawn again and again. */
export interface VirtualDesign {
  groups: number
  levels: number
  tries: number
  /** Expected value of each level, in sd of a try; all 0 when left out. */
  effects?: number[]
  /** How far groups lie apart, in sd of a try. */
  offset?: number
  /** How far the set-up of a cell is off, in sd of a try. */
  setUp?: number
  /** Marks to one sd of a try. */
  marks?: number
  summary?: Summary
  tails?: 'normal' | 'heavy'
  /** The chance of a slip of x10, or 'one' for exactly one in the class. */
  slip?: number | 'one'
  /** Which levels each group tests; all when left out. */
  tests?: (group: number) => number[]
}

/** Where the values lie, in sd of a try: far enough from nought that a slip of x10 shows. */
const middle = 10

/** Draws classes of a design, one after another, into the same table; values are in marks. */
export function virtualTable(design: VirtualDesign, seed: number): { table: ScoreTable; draw: () => void } {
  const { groups, levels, tries, marks = 3, offset = 1, setUp = 0, summary = 'median' } = design
  const random = seededRandom(seed)
  const normal = normalRandom(random)
  const table = { ...emptyTable(levels, groups, tries), mark: 1 }
  const own = Array.from({ length: groups }, (_, group) =>
    design.tests ? design.tests(group) : Array.from({ length: levels }, (_, level) => level),
  )
  own.forEach((chosen, group) => chosen.forEach((level) => (table.counts[group * levels + level] = tries)))
  // A t of three degrees of freedom has the tails of a class in a hurry; its sd is √3.
  const noise =
    design.tails === 'heavy'
      ? () => normal() / Math.sqrt((normal() ** 2 + normal() ** 2 + normal() ** 2) / 3)
      : normal
  function draw() {
    const cells: number[] = []
    own.forEach((chosen, group) => {
      const high = offset * normal()
      for (const level of chosen) {
        const cell = group * levels + level
        const off = setUp * normal()
        for (let one = 0; one < tries; one++) {
          const value = middle + (design.effects?.[level] ?? 0) + high + off + noise()
          const slipped = typeof design.slip === 'number' && random() < design.slip ? 10 : 1
          table.values[cell * tries + one] = Math.round(value * marks) * slipped
          cells.push(cell * tries + one)
        }
      }
    })
    if (design.slip === 'one') table.values[cells[Math.floor(random() * cells.length)]!]! *= 10
    summarise(table, summary)
  }
  return { table, draw }
}
