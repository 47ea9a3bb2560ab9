import {
  ideasToMeasure,
  instrument,
  item,
  numberLevels,
  same,
  type Starter,
  starterDefaults,
} from '../starter'
import { background } from './background'

const spoons = [0, 1, 2, 3]

export const bubbleLifetime: Starter = {
  id: 'bubble-lifetime',
  background,
  about: 'Blow bubbles onto a wet plate and time how long they live, with more and more sugar in the mix.',
  plan: {
    ...starterDefaults,
    ideas: ideasToMeasure(['size of the bubble']),
    title: 'Bubble lifetime',
    question: 'What happens to the lifetime of a bubble when we add more sugar?',
    changed: { name: 'spoons of sugar', kind: 'number', unit: 'count', range: { least: 0, greatest: 6 } },
    levels: numberLevels('s', spoons),
    measured: { name: 'lifetime', unit: 's', instrument: instrument('stopwatch') },
    keptSame: [
      same('mix', 'amount of mix', '100 mL water, 10 mL washing-up liquid'),
      same('size', 'size of the bubble', 'as wide as the ring on the plate, 8 cm'),
      same('plate', 'plate', 'wet all over, away from the window'),
      same('stop', 'start and stop', 'start when the straw leaves, stop when it bursts'),
    ],
    tries: 5,
    prediction: { format: 'direction', because: true, who: 'group' },
    materials: [
      item('cup', 'cup with lid', 'level', 'reused', { spare: 2 }),
      item('mix', 'bubble mix', 'level', 'used-up', {
        amount: 110,
        unit: 'mL',
        percent: 10,
        made: { kind: 'solution', of: 'washing-up liquid', unit: 'mL', amount: 10, inMillilitres: 100 },
      }),
      item('jug', 'measuring jug', 'class', 'reused', { place: 'front' }),
      item('sugar', 'sugar', 'value', 'used-up', { amount: 5, unit: 'g', percent: 10 }),
      item('spoon', 'teaspoon', 'group', 'reused'),
      item('label', 'label', 'level', 'used-up', { percent: 10 }),
      item('straw', 'straw', 'child', 'used-up', { spare: 4 }),
      item('plate', 'plate with a ring drawn on', 'group', 'reused'),
      item('cloth', 'cloth', 'group', 'reused'),
    ],
    times: { setUp: 15, reset: 10 },
    steps: [
      'Wet the plate.',
      'Blow a bubble up to the ring. Each child has a straw of its own; blow, never suck.',
      'Start the watch when the straw leaves, stop when the bubble bursts.',
    ],
    expected: { first: 8, last: 20, apart: 5 },
  },
  cautions: ['allergens', 'spills', 'stinging', 'mouth-things'],
  expected: {
    values: { s0: 8, s1: 12, s2: 16, s3: 20 },
    trySpread: 0.3,
    groupSpread: 0.1,
    basis:
      'Sugar thickens the film so that it drains more slowly; lifetimes of 8 to 20 s that scatter by a third are a stated assumption.',
  },
}
