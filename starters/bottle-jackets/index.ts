import { defined } from '#core/defined'
import { ideasToMeasure, instrument, item, kindLevels, same, type Starter, starterDefaults } from '../starter'
import { background } from './background'

const jackets = [
  ['none', 'no jacket'],
  ['paper', 'newspaper'],
  ['wool', 'woollen sock'],
  ['wrap', 'bubble wrap'],
] as const

/** How fast the water cools towards the room, a minute. */
const rates: Record<string, number> = { none: 0.012, paper: 0.009, wool: 0.007, wrap: 0.005 }

export const bottleJackets: Starter = {
  id: 'bottle-jackets',
  background,
  about: 'Warm water in dressed bottles, read every five minutes. Warm as a bath, never hot.',
  plan: {
    ...starterDefaults,
    ideas: ideasToMeasure(['time until it feels cold']),
    title: 'Jackets for a bottle',
    question: 'Which jacket keeps a bottle of warm water warm best?',
    best: 'least',
    recording: { kind: 'intervals', minutes: [0, 5, 10, 15, 20, 25, 30, 35, 40], score: 'lost' },
    changed: { name: 'jacket', kind: 'kinds', unit: null, range: null },
    levels: kindLevels(jackets, true),
    measured: { name: 'temperature', unit: 'C', instrument: instrument('thermometer') },
    keptSame: [
      same('bottle', 'bottle', 'all alike, 300 mL, lid with a hole'),
      same('water', 'amount of water', '250 mL from the same jug'),
      same('start', 'starting temperature', 'all poured at the same moment, 40 °C'),
      same('place', 'place', 'side by side, away from window and heater'),
    ],
    tries: 1,
    practiceTries: 0,
    rounding: 'half-mark',
    prediction: { format: 'order', because: true, who: 'group' },
    materials: [
      item('bottle', 'plastic bottle with a lid, 300 mL', 'level', 'reused', { spare: 2 }),
      item('kit-level-paper', 'newspaper', 'level', 'used-up', { unit: 'sheets', level: 'paper', amount: 2 }),
      item('kit-level-wool', 'woollen sock', 'level', 'reused', { level: 'wool' }),
      item('kit-level-wrap', 'bubble wrap', 'level', 'used-up', { unit: 'cm', level: 'wrap', amount: 30 }),
      item('tape', 'masking tape', 'group', 'used-up', { amount: 40, unit: 'cm', percent: 20 }),
      item('water', 'warm water, 40 °C', 'level', 'used-up', {
        amount: 250,
        unit: 'mL',
        percent: 10,
        place: 'teacher',
      }),
      item('jug', 'jug with a lid', 'class', 'reused', { amount: 2, place: 'teacher' }),
      item('timer', 'kitchen timer', 'class', 'reused'),
      item('cloth', 'cloth', 'group', 'reused'),
    ],
    preparing: [
      { id: 'holes', what: 'make a hole for the thermometer in each lid', nights: 1, keeps: null },
      { id: 'warm', what: 'get warm water ready, 40 °C by the thermometer', nights: 0, keeps: 0 },
    ],
    times: { lesson: 75, setUp: 60, reset: 30 },
    steps: [
      'Dress the bottles. An adult pours the warm water.',
      'Read all bottles at once, then every five minutes.',
      'The curve shows which bottle cools slowest.',
    ],
    expected: { first: 7.6, last: 3.6, apart: 0.5 },
  },
  cautions: ['warm-water', 'sharp-points', 'spills'],
  expected: {
    values: { none: 7.6, paper: 6, wool: 4.9, wrap: 3.6 },
    // From 40 °C towards the room's 20 °C, at the rate of each jacket.
    course: (levelId, minute) => 20 + 20 * Math.exp(-defined(rates[levelId]) * minute),
    trySpread: 0.05,
    groupSpread: 0.05,
    basis:
      'Cooling towards a 20 °C room, 20 x (1 − e^(−k x 40 min)); the rates k of 0.012, 0.009, 0.007 and 0.005 a minute are a stated assumption.',
  },
}
