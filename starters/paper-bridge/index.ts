import { ideasToMeasure, instrument, item, kindLevels, same, type Starter, starterDefaults } from '../starter'
import { background } from './background'

const rounds = [
  ['r1', 'round 1'],
  ['r2', 'round 2'],
  ['r3', 'round 3'],
] as const

export const paperBridge: Starter = {
  id: 'paper-bridge',
  background,
  about: 'Build a bridge from one sheet, load it with washers, alter one thing, and beat your own best.',
  plan: {
    ...starterDefaults,
    ideas: ideasToMeasure(['how far it sags']),
    title: 'Paper bridge',
    question: 'How many washers can a bridge made of one sheet of paper hold?',
    best: 'most',
    recording: { kind: 'rounds' },
    changed: { name: 'our design', kind: 'kinds', unit: null, range: null },
    levels: kindLevels(rounds),
    measured: { name: 'number of washers held', unit: 'count', instrument: instrument('tally') },
    keptSame: [
      same('paper', 'paper', 'one sheet, 80 g/m², for each round'),
      same('gap', 'gap', '20 cm between the two piles of books'),
      same('load', 'way of loading', 'one washer at a time, in the middle'),
    ],
    tries: 1,
    practiceTries: 0,
    prediction: { format: 'number', because: true, who: 'group' },
    materials: [
      item('paper', 'paper, A4', 'level', 'used-up', { unit: 'sheets', spare: 12 }),
      item('washers', 'washers, 5 g', 'group', 'reused', { amount: 40, spare: 20 }),
      item('books', 'books', 'group', 'reused', { amount: 6 }),
      item('ruler', 'ruler', 'group', 'reused'),
    ],
    times: { build: 8, setUp: 15, run: 60, reset: 30 },
    steps: [
      'Build a bridge from one sheet. No glue, no tape.',
      'Lay on washers one by one until it falls. The one before counts.',
      'Write down what you alter, one thing only, and build again.',
    ],
    expected: { first: 6, last: 20, apart: 3 },
  },
  cautions: ['small-parts'],
  expected: {
    values: { r1: 6, r2: 13, r3: 20 },
    altered: {
      r2: ['folded the sides up', 'folded it in a zigzag', 'rolled the edges'],
      r3: ['narrower folds', 'a second zigzag across', 'feet at both ends'],
    },
    trySpread: 0.2,
    groupSpread: 0.15,
    basis:
      'A flat sheet sags under a few washers and folds carry several times more; how much each round gains is a stated assumption.',
  },
}
