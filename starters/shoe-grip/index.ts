import { ideasToMeasure, item, kindLevels, type Starter, starterDefaults } from '../starter'
import { background } from './background'

const soles: [id: string, name: string, force: number][] = [
  ['smooth', 'smooth plastic', 3.1],
  ['felt', 'felt slipper', 2.4],
  ['flat', 'flat rubber', 5.2],
  ['ridged', 'ridged rubber', 6.9],
]

export const shoeGrip: Starter = {
  id: 'shoe-grip',
  background,
  about: 'Pull loaded shoes along a board with a force meter and find the sole that holds best.',
  plan: {
    ...starterDefaults,
    ideas: ideasToMeasure(['distance it slides']),
    title: 'Which sole grips',
    question: 'Which shoe sole grips the floor best?',
    best: 'most',
    changed: { name: 'sole', kind: 'kinds', unit: null, range: null },
    levels: kindLevels(soles),
    measured: {
      name: 'pulling force',
      unit: 'N',
      instrument: {
        name: 'force meter',
        unit: 'N',
        smallestMark: 0.1,
        numberedEvery: 1,
        least: 0,
        greatest: 10,
        secondsPerReading: 10,
      },
    },
    keptSame: [
      { id: 'load', name: 'weight in the shoe', how: 'the same 1 kg bag of sand', was: null },
      { id: 'board', name: 'surface', how: 'the same wooden board, wiped dry', was: null },
      {
        id: 'pull',
        name: 'way of pulling',
        how: 'level with the board, slowly, until it just slips',
        was: null,
      },
    ],
    prediction: { format: 'choice', because: true, who: 'group' },
    materials: [
      ...soles.map(([id, name]) =>
        item(`kit-level-${id}`, `shoe, ${name} sole`, 'level', 'reused', { level: id }),
      ),
      item('bag', 'bag of sand, 1 kg', 'group', 'reused'),
      item('loop', 'loop of string', 'group', 'reused', { amount: 40, unit: 'cm', percent: 20 }),
      item('board', 'wooden board', 'group', 'reused'),
      item('cloth', 'dry cloth', 'group', 'reused'),
    ],
    expected: { first: 3.1, last: 6.9, apart: 0.3 },
    times: { setUp: 25, run: 10, reset: 10 },
    steps: [
      'Put the bag in the shoe.',
      'Hook the force meter to the back of the shoe.',
      'Pull slowly, level with the board.',
      'Read the force at which the shoe begins to slip.',
    ],
  },
  cautions: ['falling-loads'],
  expected: {
    values: Object.fromEntries(soles.map(([id, , force]) => [id, force])),
    trySpread: 0.07,
    groupSpread: 0.04,
    basis:
      'A loaded shoe of about 1.1 kg presses with 11 N; friction numbers of 0.2 (felt) to 0.65 (ridged rubber) on dry wood are a stated assumption.',
  },
}
