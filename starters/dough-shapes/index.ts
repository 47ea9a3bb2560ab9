import { ideasToMeasure, instrument, item, kindLevels, same, type Starter, starterDefaults } from '../starter'
import { background } from './background'

const shapes = [
  ['rolled', 'rolled long and thin'],
  ['flat', 'pressed flat'],
  ['broken', 'broken into ten pieces'],
] as const

export const doughShapes: Starter = {
  id: 'dough-shapes',
  background,
  about: 'Roll it, press it, break it: does a lump of dough weigh more or less in another shape?',
  plan: {
    ...starterDefaults,
    ideas: ideasToMeasure(['how long it is', 'how long it takes to squash']),
    title: 'Dough in another shape',
    question: 'Does dough weigh less when its shape is changed?',
    recording: {
      kind: 'before-after',
      moments: ['as a lump', 'in another shape', 'as a lump again'],
      stand: 'in-turn',
      container: 'none',
      change: 'lost',
      compare: 'starts',
    },
    comparison: 'itself',
    changed: { name: 'way of shaping it', kind: 'kinds', unit: null, range: null },
    levels: kindLevels(shapes),
    measured: { name: 'mass', unit: 'g', instrument: instrument('balance') },
    keptSame: [
      same('dough', 'dough', 'the same lump, nothing left on table or hands'),
      same('pan', 'way of weighing', 'in the middle of the pan, read when it is still'),
    ],
    tries: 2,
    practiceTries: 0,
    prediction: { format: 'sides', because: true, who: 'group' },
    materials: [
      item('dough', 'dough', 'group', 'used-up', {
        amount: 200,
        unit: 'g',
        percent: 5,
        made: {
          kind: 'recipe',
          makes: 200,
          ingredients: [
            { name: 'plain flour', unit: 'g', amount: 100 },
            { name: 'salt', unit: 'g', amount: 50 },
            { name: 'water', unit: 'mL', amount: 50 },
          ],
        },
      }),
      item('board', 'wooden board', 'group', 'reused'),
      item('cloth', 'cloth', 'group', 'reused'),
    ],
    preparing: [{ id: 'dough', what: 'make the dough and keep it wrapped', nights: 1, keeps: 3 }],
    times: { setUp: 20, run: 60, reset: 20 },
    steps: [
      'Weigh the dough as one lump.',
      'Change its shape and weigh all of it again.',
      'Make one lump of it once more and weigh that.',
    ],
    expected: { first: 200, last: 200, apart: 0.6 },
  },
  cautions: ['allergens', 'stinging'],
  expected: {
    values: { rolled: 0, flat: 0, broken: 0 },
    row: (_, lost, normal) => {
      const read = () => 0.3 * normal()
      return {
        'as a lump': 200 + read(),
        'in another shape': 200 - lost + read(),
        'as a lump again': 200 - lost + read(),
      }
    },
    trySpread: 0,
    groupSpread: 0,
    basis:
      'Nothing is added and nothing taken away; that crumbs and readings are a third of a gram off is a stated assumption.',
  },
}
