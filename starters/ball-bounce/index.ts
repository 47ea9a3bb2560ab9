import { ideasToMeasure, item, numberLevels, type Starter, starterDefaults } from '../starter'
import { background } from './background'

const heights = [25, 50, 75, 100]

export const ballBounce: Starter = {
  id: 'ball-bounce',
  background,
  about:
    'Drop a ball from four heights and read its first bounce from a stick. 45 minutes, no water, no mess.',
  plan: {
    ...starterDefaults,
    ideas: ideasToMeasure(['number of bounces', 'time until it lies still']),
    title: 'Ball bounce',
    question: 'Does the height we drop from change how high the ball bounces?',
    changed: { name: 'drop height', kind: 'number', unit: 'cm', range: null },
    levels: numberLevels('h', heights),
    measured: {
      name: 'bounce height',
      unit: 'cm',
      instrument: {
        name: 'metre stick',
        unit: 'cm',
        smallestMark: 1,
        numberedEvery: 10,
        least: 0,
        greatest: 100,
        secondsPerReading: 8,
      },
    },
    keptSame: [
      { id: 'ball', name: 'ball', how: 'the same one every time', was: null },
      { id: 'floor', name: 'floor', how: 'the same hard spot, stick against the wall', was: null },
      {
        id: 'drop',
        name: 'way of dropping',
        how: 'let go, do not push; bottom of the ball at the mark',
        was: null,
      },
      {
        id: 'reader',
        name: 'who reads',
        how: 'the same child, eyes level with the top of the bounce',
        was: null,
      },
    ],
    prediction: { format: 'direction', because: true, who: 'group' },
    materials: [
      item('ball', 'bouncy ball', 'group', 'reused', { spare: 2 }),
      item('tape', 'masking tape', 'group', 'used-up', { amount: 30, unit: 'cm', percent: 20 }),
      item('dots', 'sticky dots', 'level', 'used-up', { spare: 6 }),
    ],
    expected: { first: 14, last: 55, apart: 3 },
    times: { setUp: 20, run: 3, reset: 12 },
    steps: [
      'Tape the stick upright against the wall, zero at the floor.',
      'Hold the ball with its bottom at the drop height.',
      'Let go. Do not push.',
      'Read the top of the first bounce, at the bottom of the ball.',
    ],
  },
  cautions: ['rolling'],
  expected: {
    values: Object.fromEntries(heights.map((height) => [`h${height}`, 0.55 * height])),
    trySpread: 0.05,
    groupSpread: 0.03,
    basis:
      'A rubber ball on a hard floor comes back with about 0.74 of its speed, so with 0.74² ≈ 0.55 of its height; by-eye readings scatter by about a twentieth.',
  },
}
