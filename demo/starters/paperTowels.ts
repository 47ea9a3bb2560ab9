import { ideasToMeasure, instrument, item, kindLevels, same, type Starter, starterDefaults } from './starter'

const papers = [
  ['napkin', 'thin napkin'],
  ['plain', 'plain kitchen paper'],
  ['bumpy', 'bumpy kitchen paper'],
] as const

export const paperTowels: Starter = {
  id: 'paper-towels',
  about: 'Weigh a piece of paper dry, dip it, weigh it wet: which paper soaks up most?',
  plan: {
    ...starterDefaults,
    ideas: ideasToMeasure(['time until it tears', 'height the water climbs']),
    title: 'Paper towels',
    question: 'Which kitchen paper soaks up the most water?',
    best: 'most',
    recording: { kind: 'before-after' },
    changed: { name: 'kind of paper', kind: 'kinds', unit: null, range: null },
    levels: kindLevels(papers),
    measured: { name: 'water soaked up', unit: 'g', instrument: instrument('balance') },
    keptSame: [
      same('size', 'size of the piece', 'cut with the same 20 cm square'),
      same('water', 'amount of water', '200 mL in the same tray, filled up again each time'),
      same('time', 'time in the water', '10 seconds by the clock'),
      same('drip', 'way of dripping', 'hold it by one corner until 10 is counted'),
    ],
    prediction: { format: 'choice', because: true, who: 'group' },
    materials: [
      item('papers', 'paper, 20 cm square, of each kind', 'level-try', 'used-up', { spare: 6 }),
      item('tray', 'tray', 'group', 'reused'),
      item('water', 'water', 'group', 'used-up', { amount: 1000, unit: 'mL' }),
      item('balance', 'balance', 'group', 'reused'),
    ],
    hazards: ['spills'],
    steps: [
      'Weigh the dry paper.',
      'Lay it into the water and count to 10.',
      'Hold it by a corner, count to 10, weigh it again.',
      'Write down how much heavier it has become.',
    ],
    expected: { first: 4, last: 16, apart: 1.5 },
  },
  expected: {
    values: { napkin: 4, plain: 10, bumpy: 16 },
    trySpread: 0.1,
    groupSpread: 0.05,
    basis:
      'A 20 cm square of 18, 36 or 44 g/m² paper weighs 0.7, 1.4 or 1.8 g; that it holds 5 to 9 times its own mass, the bumpy most, is a stated assumption.',
  },
}
