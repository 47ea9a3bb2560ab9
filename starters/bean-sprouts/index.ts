import { defined } from '#core/defined'
import { ideasToMeasure, instrument, item, kindLevels, same, type Starter, starterDefaults } from '../starter'
import { background } from './background'

const places = [
  ['light', 'on the window sill'],
  ['shade', 'at the back of the room'],
  ['dark', 'inside a cupboard'],
] as const

/** After ten school days, in mm. */
const tallest: Record<string, number> = { light: 60, shade: 75, dark: 95 }

export const beanSprouts: Starter = {
  id: 'bean-sprouts',
  background,
  about: 'Beans on wet cotton wool in light, shade and dark, measured every school day for two weeks.',
  plan: {
    ...starterDefaults,
    ideas: ideasToMeasure(['number of leaves', 'colour in words']),
    title: 'Sprouts in light and shade',
    question: 'Where do bean sprouts grow the tallest?',
    best: 'most',
    recording: { kind: 'daily', days: 10, score: 'end' },
    changed: { name: 'amount of light', kind: 'kinds', unit: null, range: null },
    levels: kindLevels(places),
    measured: { name: 'height', unit: 'mm', instrument: instrument('ruler') },
    keptSame: [
      same('beans', 'beans', 'the same packet, soaked overnight'),
      same('water', 'amount of water', '10 mL each morning'),
      same('warm', 'warmth', 'all in the same room'),
      same('pot', 'pot', 'all alike, five beans in each'),
    ],
    tries: 1,
    practiceTries: 0,
    prediction: { format: 'choice', because: true, who: 'group' },
    materials: [
      item('beans', 'mung beans', 'level', 'used-up', { amount: 5, percent: 20 }),
      item('pot', 'small pot', 'level', 'reused', { spare: 2 }),
      item('wool', 'cotton wool', 'level', 'used-up', { unit: 'pads', percent: 10 }),
      item('label', 'label', 'level', 'used-up', { percent: 10 }),
      item('spoon', 'measuring spoon, 10 mL', 'group', 'reused'),
    ],
    preparing: [{ id: 'water', what: 'water the pots, 10 mL each', nights: 1, due: 'every', keeps: null }],
    times: { setUp: 120, reset: 20 },
    steps: [
      'Lay five soaked beans on wet cotton wool.',
      'Stand the pots in their places. Water each morning.',
      'Measure the tallest sprout of each pot, every school day.',
    ],
    expected: { first: 60, last: 95, apart: 12 },
  },
  cautions: ['plants', 'spills'],
  expected: {
    values: tallest,
    // Nothing to see for two days, then about as much every day.
    course: (levelId, day) => (defined(tallest[levelId]) * Math.max(0, day - 2)) / 8,
    trySpread: 0.12,
    groupSpread: 0.06,
    basis:
      'Seedlings stretch in the dark: 6 to 10 cm after ten school days, tallest without light, is a stated assumption.',
  },
}
