import { ideasToMeasure, instrument, item, kindLevels, same, type Starter, starterDefaults } from '../starter'
import { background } from './background'

const rocks = [
  ['chalk', 'chalk'],
  ['slate', 'slate'],
  ['limestone', 'limestone'],
  ['granite', 'granite'],
  ['sandstone', 'sandstone'],
] as const

export const rockScratch: Starter = {
  id: 'rock-scratch',
  background,
  about: 'Two rocks at a time: which one scratches the other? An order of hardness grows out of the pairs.',
  plan: {
    ...starterDefaults,
    ideas: ideasToMeasure(['mass of a piece', 'water that it soaks up']),
    title: 'Which rock scratches which?',
    question: 'Which rock is the hardest?',
    best: 'most',
    recording: { kind: 'pairs' },
    changed: { name: 'kind of rock', kind: 'kinds', unit: null, range: null },
    levels: kindLevels(rocks),
    measured: { name: 'hardness', unit: 'count', instrument: instrument('tally') },
    keptSame: [
      same('rub', 'way of rubbing', 'one corner on a flat side, five strokes, as hard as writing'),
      same('look', 'way of looking', 'only a line that does not wipe away counts'),
      same('piece', 'size of the pieces', 'about as large as a matchbox'),
    ],
    tries: 1,
    practiceTries: 1,
    prediction: { format: 'choice', because: true, who: 'group' },
    materials: [
      item('kit-level-chalk', 'piece of rock chalk', 'level', 'reused', { level: 'chalk' }),
      item('lens', 'hand lens', 'group', 'reused'),
      item('cloth', 'damp cloth', 'group', 'reused'),
      item('tray', 'tray', 'group', 'reused'),
    ],
    times: { setUp: 15, run: 20, reset: 10 },
    steps: [
      'Rub a corner of the first rock over the second, then the other way round.',
      'Wipe with a damp cloth. A scratch stays; a line of powder wipes away.',
      'The one that scratches the other is the harder one. Both or neither: they are the same.',
    ],
    expected: null,
  },
  cautions: ['hammer-and-chips', 'dust'],
  expected: {
    values: { chalk: 1, slate: 3.3, limestone: 3, granite: 6.5, sandstone: 5 },
    trySpread: 0.05,
    groupSpread: 0,
    basis:
      'Chalk is scratched by all, granite by none of these; the grains of sandstone scratch slate and limestone, which lie close together. How often children take those two for the same is a stated assumption.',
  },
}
