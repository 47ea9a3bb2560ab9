import { judgeKinds, judgeTrend, type Judging } from '../../core/evidence'
import type { Figure } from '../figure'
import { neighboursOfFour } from './designs'
import { judging } from './errors'
import { virtualTable, type VirtualDesign } from './virtualTable'

const rising = (levels: number, rise: number) =>
  Array.from({ length: levels }, (_, level) => (rise * level) / (levels - 1))
const oneAhead = (levels: number, ahead: number) =>
  Array.from({ length: levels }, (_, level) => (level === 0 ? ahead : 0))

function share(
  design: VirtualDesign,
  classes: number,
  seed: number,
  seen: (table: ReturnType<typeof virtualTable>['table']) => boolean,
) {
  const { table, draw } = virtualTable(design, seed)
  let count = 0
  for (let one = 0; one < classes; one++) {
    draw()
    if (seen(table)) count++
  }
  return (100 * count) / classes
}

/** How often a true answer is clear and right. */
export function clearAndRight(classes: number): Figure[] {
  const trend = (groups: number, levels: number, tries: number, least: number): Figure => ({
    name: `clear and right, ${groups}x${levels}x${tries}, numbers rising 2 sd from end to end`,
    value: share({ groups, levels, tries, effects: rising(levels, 2) }, classes, 11, (table) => {
      const { verdict, direction } = judgeTrend(table, judging)
      return verdict.word === 'clear' && direction === 'rising'
    }),
    unit: '%',
    goal: { least },
  })
  const kinds = (
    groups: number,
    levels: number,
    tries: number,
    least: number,
    more: Partial<VirtualDesign> = {},
    what = '',
  ): Figure => ({
    name: `clear and right, ${groups}x${levels}x${tries}, one kind 2 sd ahead${what}`,
    value: share({ groups, levels, tries, effects: oneAhead(levels, 2), ...more }, classes, 12, (table) => {
      const { verdict, first } = judgeKinds(table, judging)
      return verdict.word === 'clear' && verdict.because !== 'level-at-top' && first === 0
    }),
    unit: '%',
    goal: { least },
  })
  return [
    trend(6, 4, 3, 99),
    trend(3, 3, 3, 86),
    kinds(6, 4, 3, 98.5),
    kinds(4, 3, 3, 90),
    kinds(4, 4, 3, 80),
    kinds(3, 3, 3, 70),
    kinds(6, 4, 3, 90, { summary: 'mean', slip: 'one' }, ', by mean with one slip of x10'),
    kinds(
      6,
      4,
      3,
      25,
      { tests: (group) => neighboursOfFour[group]! },
      ', four kinds shared by six groups, two each',
    ),
  ]
}

/** When "no difference" is said, and when it must not be. */
export function noDifference(classes: number): Figure[] {
  const worth = (least: number): Judging => ({ ...judging, worth: { least, share: 0 } })
  const designs: { design: VirtualDesign; asked: 'numbers' | 'kinds'; least: number }[] = [
    [8, 5, 3],
    [6, 4, 3],
    [12, 3, 3],
    [3, 3, 3],
    [4, 4, 10],
  ].flatMap(([groups, levels, tries]) =>
    [0.5, 1, 2, 4].flatMap((marks) =>
      (['numbers', 'kinds'] as const).map((asked) => {
        // What is worth noticing is one mark, and the true difference a little more than may still be said to be left.
        const size = { groups: groups!, levels: levels!, tries: tries! }
        return { design: { ...size, marks, effects: oneAhead(levels!, 1.1 / marks) }, asked, least: 1 }
      }),
    ),
  )
  const said = designs.map(({ design, asked, least }, index) =>
    share(design, classes, 300 + index, (table) => {
      const { verdict } =
        asked === 'numbers' ? judgeTrend(table, worth(least)) : judgeKinds(table, worth(least))
      return verdict.word === 'no-difference'
    }),
  )
  return [
    {
      name: `“no difference” where the true one is more than may be left, largest of ${designs.length} designs`,
      value: Math.max(...said),
      unit: '%',
      goal: { most: 5 },
    },
    {
      name: '“no difference” where there is none, 8x5x3, sd of a try half a mark',
      value: share(
        { groups: 8, levels: 5, tries: 3, marks: 0.5 },
        classes,
        15,
        (table) =>
          judgeTrend(table, { ...judging, worth: { least: 1, share: 0 } }).verdict.word === 'no-difference',
      ),
      unit: '%',
      goal: { least: 50 },
    },
  ]
}
