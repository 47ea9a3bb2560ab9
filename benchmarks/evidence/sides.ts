import { emptyTable, judgeSide, summarise } from '../../core/evidence'
import { normalRandom, seededRandom } from '../../core/random'
import { comparisonOf } from '../../core/recording'
import { dough } from '../../core/testing/sidesPlans'
import type { Figure } from '../figure'

/** Groups, and how many tries each of them makes. */
const designs = [
  [2, 3],
  [3, 1],
  [3, 2],
  [3, 6],
  [4, 1],
  [6, 1],
  [6, 2],
  [8, 3],
  [1, 3],
  [1, 8],
] as const

const comparison = comparisonOf(dough(), [], 1)

/**
 * One thing beside itself, in classes that are made up.
 * @param difference between its sides, in marks
 * @param sd of one reading beside its mark, in marks
 * @param setUp sd of what a whole group does otherwise at one side, in marks
 */
function judged(
  [groups, tries]: readonly [number, number],
  classes: number,
  { difference, sd, setUp }: { difference: number; sd: number; setUp: number },
) {
  const normal = normalRandom(seededRandom(groups * 100 + tries))
  const table = { ...emptyTable(2, groups, tries), mark: 1, inHeats: true }
  table.counts.fill(tries)
  const found = { clear: 0, right: 0, wrong: 0, same: 0 }
  for (let one = 0; one < classes; one++) {
    for (let group = 0; group < groups; group++) {
      const off = setUp * normal()
      for (let index = 0; index < tries; index++) {
        const own = 200 + 5 * normal()
        table.values[2 * group * tries + index] = Math.round(own + sd * normal())
        table.values[(2 * group + 1) * tries + index] = Math.round(own + difference + off + sd * normal())
      }
    }
    summarise(table, 'mean')
    const { verdict, ahead } = judgeSide(table, comparison, 1)
    if (verdict.word === 'clear') found[ahead === Math.sign(difference) ? 'right' : 'wrong']++
    if (verdict.word === 'clear') found.clear++
    if (verdict.word === 'no-difference') found.same++
  }
  return found
}

const named = ([groups, tries]: readonly [number, number]) =>
  groups === 1
    ? `one group with ${tries} tries`
    : `${groups} groups of ${tries} ${tries === 1 ? 'try' : 'tries'}`

/** How often one thing beside itself is said to differ where it doesn't, and how often it is seen where it does. */
export function sides(classes: number): Figure[] {
  const share = (count: number) => (100 * count) / classes
  return designs.flatMap((design): Figure[] => {
    const none = judged(design, classes, { difference: 0, sd: 3, setUp: 0 })
    const rounded = judged(design, classes, { difference: 0.5, sd: 0.2, setUp: 0 })
    const there = judged(design, classes, { difference: 15, sd: 3, setUp: 1.5 })
    const level = judged(design, classes, { difference: 0, sd: 0.5, setUp: 0 })
    const of = `sides, ${named(design)}:`
    const wobbling: Figure | null =
      design[0] === 1
        ? null
        : {
            name: `${of} clear, with nothing true and groups that differ`,
            value: share(judged(design, classes, { difference: 0, sd: 3, setUp: 2.1 }).clear),
            unit: '%',
            goal: { most: 5.5 },
          }
    return [
      { name: `${of} clear, with nothing true`, value: share(none.clear), unit: '%', goal: { most: 5 } },
      ...(wobbling === null ? [] : [wobbling]),
      {
        name: `${of} the wrong way round, at half a mark`,
        value: share(rounded.wrong),
        unit: '%',
        goal: { most: 0.5 },
      },
      { name: `${of} clear and right, at 5 sd`, value: share(there.right), unit: '%', goal: null },
      { name: `${of} level where nothing differs`, value: share(level.same), unit: '%', goal: null },
    ]
  })
}
