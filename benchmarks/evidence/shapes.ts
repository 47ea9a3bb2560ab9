import {
  judgeTrend,
  levelEffects,
  shapeOf,
  testedLevels,
  turningSteps,
  type Shape,
} from '../../core/evidence'
import type { Figure } from '../figure'
import { judging } from './errors'
import { virtualTable, type VirtualDesign } from './virtualTable'

const levelsOff = (at: number) => (shape: Shape) =>
  (shape.kind === 'levels-off' && shape.at === at) ||
  (shape.kind === 'mostly' && shape.from === 0 && shape.to === at)
const lastStep = (last: number) => (shape: Shape) =>
  (shape.kind === 'starts-late' && shape.at === last - 1) ||
  (shape.kind === 'mostly' && shape.from === last - 1 && shape.to === last)

/** How often the shape of a clear trend is named right, and how often a steady one is called another. */
export function shapes(classes: number): Figure[] {
  const named: [size: [number, number], effects: number[], right: (shape: Shape) => boolean, what: string][] =
    [
      [[6, 4], [0, 3, 3, 3], levelsOff(1), 'plateau of 3 sd'],
      [[6, 4], [0, 4, 4, 4], levelsOff(1), 'plateau of 4 sd'],
      [[6, 4], [0, 2, 4, 4], levelsOff(2), 'later plateau of 4 sd'],
      [[6, 4], [0, 0, 0, 3], lastStep(3), 'last step only, 3 sd'],
      [[6, 4], [0, 0, 0, 4], lastStep(3), 'last step only, 4 sd'],
      [[8, 5], [0, 3, 6, 6, 6], levelsOff(2), 'plateau of 6 sd'],
      [[8, 5], [0, 3, 6, 3, 0], (shape) => shape.kind === 'turns' && shape.at === 2, 'up and down'],
    ]
  const steady = [
    [6, 4, 2],
    [6, 4, 4],
    [3, 3, 4],
    [8, 5, 4],
    [12, 3, 3],
  ].map(([groups, levels, rise]) => {
    const effects = Array.from({ length: levels! }, (_, level) => (rise! * level) / (levels! - 1))
    return share(
      { groups: groups!, levels: levels!, tries: 3, effects },
      4 * classes,
      (shape) => shape.kind !== 'steady',
    )
  })
  return [
    ...named.map(([[groups, levels], effects, right, what]): Figure => ({
      name: `shape named right, ${groups}x${levels}x3, ${what}`,
      value: share({ groups, levels, tries: 3, effects }, classes, right),
      unit: '%',
      goal: { least: 60 },
    })),
    {
      name: 'a steady trend called anything else, largest of 5 designs',
      value: Math.max(...steady),
      unit: '%',
      goal: { most: 5 },
    },
  ]
}

function share(design: VirtualDesign, classes: number, seen: (shape: Shape) => boolean): number {
  const { table, draw } = virtualTable(design, 20)
  let count = 0
  for (let one = 0; one < classes; one++) {
    draw()
    const { direction, verdict } = judgeTrend(table, judging)
    if (verdict.word !== 'clear') continue
    const tested = testedLevels(table)
    const { effects } = levelEffects(table, 'number')
    const steps = turningSteps(table, tested)
    if (seen(shapeOf({ table, tested, steps, direction, effects, along: tested, measured: true }))) count++
  }
  return (100 * count) / classes
}
