import { judgeKinds, judgeTrend, summarise, type Judging, type ScoreTable } from '../../core/evidence'
import { seededRandom } from '../../core/random'
import type { Figure } from '../figure'
import { judging } from './errors'
import { virtualTable } from './virtualTable'

const sizes: [groups: number, levels: number, tries: number][] = [
  [6, 4, 3],
  [8, 4, 2],
  [3, 3, 3],
  [4, 2, 6],
  [12, 3, 2],
]

/**
 * Classes in which nothing is true and whose teacher looks again after every reading, and says “we’ve finished testing” as soon as the
 * sentence would be clear; who never sees it waits for all readings.
 */
export function looksWhileTesting(classes: number): Figure[] {
  return (['numbers', 'kinds'] as const).flatMap((asked) => {
    const judge = asked === 'numbers' ? judgeTrend : judgeKinds
    const shares = sizes.map(([groups, levels, tries], index) => {
      const design = { groups, levels, tries }
      const { table: whole, draw } = virtualTable(design, 500 + index)
      const order = orderOfReading(design, 900 + index)
      let wrong = 0
      for (let one = 0; one < classes; one++) {
        draw()
        if (seesClear(whole, order(), judge, judging)) wrong++
      }
      return (100 * wrong) / classes
    })
    return {
      name: `clear on nothing, looked at after every reading and stopped when clear, ${asked}, largest of ${sizes.length} designs`,
      value: Math.max(...shares),
      unit: '%',
      goal: { most: 5.5 },
      note: shares.map((value) => value.toFixed(1)).join(', '),
    }
  })
}

/** Cells in the order in which a class fills them: all groups go on side by side, each with its levels in an order of its own. */
function orderOfReading(
  { groups, levels, tries }: { groups: number; levels: number; tries: number },
  seed: number,
): () => number[] {
  const random = seededRandom(seed)
  return () => {
    const own = Array.from({ length: groups }, (_, group) =>
      Array.from({ length: levels }, (_unused, level) => ({ cell: group * levels + level, at: random() }))
        .sort((a, b) => a.at - b.at)
        .flatMap(({ cell }) => new Array<number>(tries).fill(cell)),
    )
    return Array.from({ length: levels * tries }, (_, place) => own.map((cells) => cells[place]!)).flat()
  }
}

function seesClear(
  whole: ScoreTable,
  cells: readonly number[],
  judge: (table: ScoreTable, how: Judging) => { verdict: { word: string; because: string } },
  how: Judging,
): boolean {
  const counts = new Int32Array(whole.counts.length)
  const part: ScoreTable = { ...whole, counts, centres: new Float64Array(whole.centres.length).fill(NaN) }
  return cells.some((cell, index) => {
    counts[cell]!++
    // One look a round: the Board is looked at more often than that, but hardly says anything new.
    if ((index + 1) % whole.groups !== 0) return false
    part.looks = { share: (index + 1) / cells.length, open: false }
    summarise(part, 'median')
    const { word, because } = judge(part, how).verdict
    return word === 'clear' && because !== 'level-at-top'
  })
}
