import { defined } from '#core/defined'
import { ideasToMeasure, instrument, item, kindLevels, same, type Starter, starterDefaults } from '../starter'
import { background } from './background'

const papers = [
  ['napkin', 'thin napkin', 'thin napkin, 40 x 40 cm', 40, 40],
  ['plain', 'plain kitchen paper', 'plain kitchen paper, 22 x 1000 cm', 22, 1000],
  ['bumpy', 'bumpy kitchen paper', 'bumpy kitchen paper, 22 x 1000 cm', 22, 1000],
] as const

/** What a dry piece weighs, in grams. */
const dry: Record<string, number> = { napkin: 0.7, plain: 1.4, bumpy: 1.8 }

export const paperTowels: Starter = {
  id: 'paper-towels',
  background,
  about: 'Weigh a piece of paper dry, dip it, weigh it wet: which paper soaks up most?',
  plan: {
    ...starterDefaults,
    ideas: ideasToMeasure(['time until it tears', 'height the water climbs']),
    title: 'Paper towels',
    question: 'Which kitchen paper soaks up the most water?',
    best: 'most',
    recording: {
      kind: 'before-after',
      moments: ['dry', 'wet'],
      stand: 'in-turn',
      container: 'none',
      change: 'gained',
      // The papers differ in their own mass; it is the water that is asked for.
      compare: 'amount',
    },
    changed: { name: 'kind of paper', kind: 'kinds', unit: null, range: null },
    levels: kindLevels(papers.map(([id, name]) => [id, name])),
    measured: { name: 'mass', unit: 'g', instrument: instrument('balance') },
    keptSame: [
      same('size', 'size of the piece', 'cut with the same 20 cm square'),
      same('water', 'amount of water', '200 mL in the same tray, filled up again each time'),
      same('time', 'time in the water', '10 seconds by the clock'),
      same('drip', 'way of dripping', 'hold it by one corner until 10 is counted'),
    ],
    prediction: { format: 'choice', because: true, who: 'group' },
    materials: [
      ...papers.map(([id, name, from, width, height]) =>
        item(`kit-level-${id}`, `${name}, 20 x 20 cm`, 'try', 'used-up', {
          level: id,
          percent: 10,
          made: { kind: 'pieces', width: 20, height: 20, from, sheetWidth: width, sheetHeight: height },
        }),
      ),
      item('tray', 'tray', 'group', 'reused'),
      item('jug', 'jug', 'group', 'reused'),
      item('water', 'water', 'group', 'used-up', { amount: 1000, unit: 'mL' }),
      item('cloth', 'cloth', 'group', 'reused'),
      item('timer', 'kitchen timer', 'group', 'reused'),
    ],
    times: { setUp: 30, run: 30, reset: 20 },
    steps: [
      'Weigh the dry paper.',
      'Lay it in the water and count to 10.',
      'Hold it by a corner, count to 10, weigh it again.',
      'The water it soaked up is what it has gained.',
    ],
    expected: { first: 4, last: 16, apart: 1.5 },
  },
  cautions: ['spills'],
  expected: {
    values: { napkin: 4, plain: 10, bumpy: 16 },
    row: (levelId, gained) => ({ dry: defined(dry[levelId]), wet: defined(dry[levelId]) + gained }),
    trySpread: 0.1,
    groupSpread: 0.05,
    basis:
      'A 20 cm square of 18, 36 or 44 g/m² paper weighs 0.7, 1.4 or 1.8 g; that it holds 5 to 9 times its own mass, the bumpy most, is a stated assumption.',
  },
}
