import { judgeKinds, judgeTrend, turningSteps, testedLevels, type Judging } from '../../core/evidence'
import type { Figure } from '../figure'
import { nullDesigns, type NullDesign } from './designs'
import { virtualTable } from './virtualTable'

/** Readings can show one mark; three marks are one sd of a try. */
export const judging: Judging = {
  scale: 'number',
  best: 'most',
  worth: { least: 1, share: 0 },
  hasNought: true,
}

/** How often the classes of a null were told something wrong. */
export interface Errors {
  /** A clear first statement that is not so. */
  first: number
  /** A further statement that is not so: a step, or two levels of the order set apart. */
  further: number
  /** Two levels, or the direction, the wrong way round. */
  reversed: number
}

/** Counts wrong statements over many classes of a design. */
export function errorsOf(design: NullDesign, classes: number, seed: number): Errors {
  const { table, draw } = virtualTable(design, seed)
  const truth = design.effects ?? new Array<number>(design.levels).fill(0)
  const tested = testedLevels(table)
  const found: Errors = { first: 0, further: 0, reversed: 0 }
  for (let one = 0; one < classes; one++) {
    draw()
    if (design.asked === 'numbers') {
      const { verdict } = judgeTrend(table, judging)
      if (verdict.word === 'clear') found.first++
      if (turningSteps(table, tested).some((step) => step.direction !== 'open')) found.further++
    } else {
      const { verdict, order, first } = judgeKinds(table, judging)
      const lead = truth.every((effect, level) => level === first || effect < truth[first]!)
      const stated = verdict.word === 'clear' && verdict.because !== 'level-at-top'
      if (stated && !lead) found.first++
      // What is left when the first statement is taken out of the order.
      const further =
        stated && order[0]!.length === 1 ? [[...order[0]!, ...(order[1] ?? [])], ...order.slice(2)] : order
      if (wrongPair(further, (above, below) => truth[above]! <= truth[below]!)) found.further++
      if (wrongPair(order, (above, below) => truth[above]! < truth[below]!)) found.reversed++
    }
  }
  return {
    first: (100 * found.first) / classes,
    further: (100 * found.further) / classes,
    reversed: (100 * found.reversed) / classes,
  }
}

function wrongPair(order: readonly number[][], wrong: (above: number, below: number) => boolean): boolean {
  return order.some((rank, index) =>
    order.slice(index + 1).some((lower) => rank.some((above) => lower.some((below) => wrong(above, below)))),
  )
}

/** The null grid: the largest shares of wrong statements over all designs. */
export function nullGrid(classes: number): Figure[] {
  const designs = nullDesigns()
  const all = designs.map((design, index) => ({ design, errors: errorsOf(design, classes, 100 + index) }))
  const worst = (key: keyof Errors, name: string, most: number): Figure => {
    const [top] = [...all].sort((a, b) => b.errors[key] - a.errors[key])
    return {
      name: `${name}, largest of ${designs.length} nulls x ${classes}`,
      value: top!.errors[key],
      unit: '%',
      goal: { most },
      note: `${top!.design.name}, ${top!.design.asked}`,
    }
  }
  return [
    worst('first', 'wrong first statement called clear', 5.5),
    worst('further', 'wrong further statement', 5.5),
    worst('reversed', 'reversed', 0.5),
    reversedTrend(classes),
  ]
}

/** A direction the wrong way round where the true one is slight. */
function reversedTrend(classes: number): Figure {
  const shares = [
    [3, 3, 3],
    [6, 4, 3],
    [12, 3, 2],
  ].map(([groups, levels, tries]) => {
    const effects = Array.from({ length: levels! }, (_, level) => (0.5 * level) / (levels! - 1))
    const { table, draw } = virtualTable({ groups: groups!, levels: levels!, tries: tries!, effects }, 7)
    let wrong = 0
    for (let one = 0; one < classes; one++) {
      draw()
      const { verdict, direction } = judgeTrend(table, judging)
      if (verdict.word === 'clear' && direction === 'falling') wrong++
    }
    return (100 * wrong) / classes
  })
  return {
    name: `direction reversed, rising half an sd from end to end`,
    value: Math.max(...shares),
    unit: '%',
    goal: { most: 0.5 },
  }
}

/** The same errors where the set-up of each cell is off by half an sd of a try, or by a whole one, by number of tries. */
export function wobblingSetUps(classes: number): Figure[] {
  const sizes = [
    { groups: 6, levels: 4 },
    { groups: 12, levels: 3 },
    { groups: 3, levels: 3 },
    { groups: 2, levels: 2 },
    { groups: 4, levels: 2 },
  ]
  return [0.5, 1].flatMap((setUp) =>
    [1, 2, 3, 5, 10].flatMap((tries) =>
      (['numbers', 'kinds'] as const).map((asked): Figure => {
        const shares = sizes.map(
          (size, index) =>
            errorsOf({ ...size, tries, setUp, asked, name: '' }, classes / 2, 900 + index).first,
        )
        return {
          name: `wrong first statement with set-ups off by ${setUp} sd, ${tries} ${tries === 1 ? 'try' : 'tries'}, ${asked}`,
          value: Math.max(...shares),
          unit: '%',
          goal: { most: setUp === 1 ? 7 : 5.5 },
        }
      }),
    ),
  )
}
