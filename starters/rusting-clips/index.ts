import { defined } from '#core/defined'
import { ideasToMeasure, instrument, item, kindLevels, same, type Starter, starterDefaults } from '../starter'
import { background } from './background'

const liquids = [
  ['oil', 'vegetable oil'],
  ['tap', 'tap water'],
  ['salt', 'salt water'],
  ['vinegar', 'white vinegar'],
] as const

/** The school day on which each word is usually reached, from the second word on. */
const reachedOn: Record<string, readonly number[]> = {
  oil: [99, 99, 99],
  tap: [3, 5, 99],
  salt: [2, 3, 6],
  vinegar: [1.6, 3.4, 7.4],
}

export const rustingClips: Starter = {
  id: 'rusting-clips',
  background,
  about:
    'Steel paper clips lie in different liquids; every school day the class puts into words how rusty they are.',
  plan: {
    ...starterDefaults,
    ideas: ideasToMeasure(['mass of the clips', 'colour of the liquid']),
    title: 'Paper clips in liquids',
    question: 'In which liquid does a paper clip rust first?',
    best: 'most',
    recording: {
      kind: 'word-scale',
      words: [
        'shiny (like new)',
        'dull (no shine, no brown)',
        'spotted (brown dots)',
        'rusty (brown all over)',
      ],
      seen: 'days',
      minutes: [0, 5, 10],
      days: 8,
      score: 'reached',
      awaited: 'spotted',
    },
    changed: { name: 'liquid', kind: 'kinds', unit: null, range: null },
    levels: kindLevels(liquids),
    measured: { name: 'rust', unit: 'count', instrument: instrument('tally') },
    keptSame: [
      same('clip', 'paper clips', 'steel, uncoated, from the same box, wiped first'),
      same('amount', 'amount of liquid', '30 mL, half over the clip'),
      same('cup', 'cup', 'all alike and clear, without a lid'),
      same('place', 'place', 'side by side on the same shelf'),
      same('look', 'way of looking', 'against white paper, beside one clip of each word'),
    ],
    tries: 1,
    practiceTries: 0,
    prediction: { format: 'choice', because: true, who: 'group' },
    materials: [
      item('clip', 'steel paper clip', 'level', 'used-up', { percent: 10 }),
      item('new-clip', 'steel paper clip, kept dry to compare with', 'group', 'reused'),
      item('cup', 'clear cup', 'level', 'reused', { spare: 2 }),
      item('label', 'label', 'level', 'used-up', { percent: 10 }),
      item('kit-level-oil', 'vegetable oil', 'group', 'used-up', { level: 'oil', amount: 30, unit: 'mL' }),
      item('kit-level-tap', 'tap water', 'group', 'used-up', { level: 'tap', amount: 30, unit: 'mL' }),
      item('kit-level-salt', 'salt water', 'group', 'used-up', {
        level: 'salt',
        amount: 30,
        unit: 'mL',
        made: { kind: 'solution', of: 'salt', unit: 'g', amount: 35, inMillilitres: 1000 },
      }),
      item('kit-level-vinegar', 'white vinegar', 'group', 'used-up', {
        level: 'vinegar',
        amount: 30,
        unit: 'mL',
      }),
      item('paper', 'white paper', 'group', 'reused', { unit: 'sheets' }),
      item('cloth', 'cloth', 'group', 'reused'),
    ],
    times: { setUp: 60, reset: 15 },
    steps: [
      'Lay one clip in each cup, half in the liquid. Label the cups.',
      'Every school day, look at each clip against white paper and choose its word.',
      'Put the clips back as they lay. Wash your hands afterwards.',
    ],
    expected: null,
  },
  cautions: ['sharp-points', 'small-parts', 'spills', 'stinging', 'rust'],
  expected: {
    values: { oil: 0, tap: 2, salt: 3, vinegar: 3 },
    course: (levelId, day) => defined(reachedOn[levelId]).filter((at) => day >= at).length,
    trySpread: 0.1,
    groupSpread: 0.1,
    basis:
      'Steel spots within days in water and salt speeds it up, oil keeps the air away; on which day each word is reached is a stated assumption.',
  },
}
