import { ideasToMeasure, instrument, item, kindLevels, same, type Starter, starterDefaults } from '../starter'
import { background } from './background'

const mixtures = [
  ['rice-rice', 'rice and rice'],
  ['peas-peas', 'peas and peas'],
  ['rice-peas', 'rice and peas'],
] as const

/** Dry rice and dried peas weigh about as much for what they fill, gaps and all. */
const grams = 0.82

export const pouredTogether: Starter = {
  id: 'poured-together',
  background,
  about: 'Two small cups, poured together: does it fill as much as both of them, and weigh as much?',
  plan: {
    ...starterDefaults,
    ideas: ideasToMeasure(['how high it stands']),
    title: 'Poured together',
    question: 'Do two cups poured together fill less than both of them?',
    recording: {
      kind: 'parts-whole',
      parts: ['first cup', 'second cup'],
      second: { name: 'mass', unit: 'g', instrument: instrument('balance') },
      container: 'zeroed',
      change: 'lost',
      compare: 'amount',
    },
    comparison: 'parts',
    changed: { name: 'what is poured', kind: 'kinds', unit: null, range: null },
    levels: kindLevels(mixtures, true),
    measured: { name: 'volume', unit: 'mL', instrument: instrument('measuring-cylinder') },
    keptSame: [
      same('amount', 'amount in a cup', '40 mL by the measuring cylinder'),
      same('shake', 'shaking', 'ten taps on the table, then level'),
    ],
    tries: 2,
    practiceTries: 1,
    prediction: { format: 'sides', because: true, who: 'group' },
    materials: [
      item('rice', 'rice', 'group', 'reused', { amount: 120, unit: 'mL', percent: 10 }),
      item('peas', 'dried peas', 'group', 'reused', { amount: 120, unit: 'mL', percent: 10 }),
      item('cups', 'small cup', 'group', 'reused', { amount: 2 }),
      item('sieve', 'sieve', 'class', 'reused', { amount: 2 }),
      item('tray', 'tray', 'group', 'reused'),
    ],
    times: { setUp: 30, run: 20, reset: 30 },
    steps: [
      'Zero the balance with the empty measuring cylinder on it.',
      'Fill in one cup, ten taps, level: read how much it fills, then what it weighs.',
      'Pour both together, ten taps, level, and read both again.',
      'Separate rice and peas with the sieve before the next try.',
    ],
    expected: { first: 80, last: 75, apart: 2 },
  },
  cautions: ['allergens', 'rolling', 'small-parts'],
  expected: {
    values: { 'rice-rice': 0, 'peas-peas': 0, 'rice-peas': 14 },
    row: (_, less, normal) => {
      const [first, second] = [40 + 0.8 * normal(), 40 + 0.8 * normal()]
      return {
        'first cup': first,
        'second cup': second,
        'all together': first + second - less + 0.6 * normal(),
        'first cup, mass': grams * first,
        'second cup, mass': grams * second,
        'all together, mass': grams * (first + second) + 0.3 * normal(),
      }
    },
    trySpread: 0.08,
    groupSpread: 0.05,
    basis:
      'Rice falls into the gaps between peas, which are about two fifths of their volume; that a third of 40 mL goes in after ten taps is a stated assumption. What is poured weighs what it weighed.',
  },
}
