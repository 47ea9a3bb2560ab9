import { ideasToMeasure, item, numberLevels, type Starter, starterDefaults } from '../starter'
import { background } from './background'

const distances = [30, 60, 90, 120]

export const shadowLength: Starter = {
  id: 'shadow-length',
  background,
  about: 'Move a lamp away from a small post and measure the shadow. Needs a room that can be darkened.',
  plan: {
    ...starterDefaults,
    ideas: ideasToMeasure(['width of the shadow']),
    title: 'Shadow length',
    question: 'What happens to the length of a shadow when the lamp is further away?',
    changed: { name: 'lamp distance', kind: 'number', unit: 'cm', range: null },
    levels: numberLevels('d', distances),
    measured: {
      name: 'shadow length',
      unit: 'cm',
      instrument: {
        name: 'metre stick',
        unit: 'cm',
        smallestMark: 1,
        numberedEvery: 10,
        least: 0,
        greatest: 100,
        secondsPerReading: 8,
      },
    },
    keptSame: [
      { id: 'post', name: 'post', how: 'the same 10 cm stick of glue', was: null },
      { id: 'lamp', name: 'height of the lamp', how: 'standing on the same box, 40 cm high', was: null },
      { id: 'table', name: 'table', how: '', was: null },
    ],
    prediction: { format: 'direction', because: true, who: 'group' },
    materials: [
      item('lamp', 'battery lamp', 'group', 'reused', { spare: 1 }),
      item('box', 'box, 40 cm high', 'group', 'reused'),
      item('post', 'stick of glue, 10 cm', 'group', 'reused'),
      item('paper', 'paper, A3', 'level', 'used-up', { unit: 'sheets', percent: 10 }),
      item('tape', 'tape measure', 'group', 'reused'),
      item('pencil', 'pencil', 'group', 'reused'),
    ],
    expected: { first: 10, last: 40, apart: 2 },
    times: { setUp: 25, run: 3, reset: 5 },
    steps: [
      'Darken the room.',
      'Stand the post on the zero of the stick.',
      'Put the lamp at its distance.',
      'Mark the tip of the shadow.',
      'Read its length.',
    ],
  },
  cautions: ['bright-light', 'batteries', 'dark-room'],
  expected: {
    values: Object.fromEntries(distances.map((distance) => [`d${distance}`, distance / 3])),
    trySpread: 0.04,
    groupSpread: 0.03,
    basis: 'Similar triangles: a 10 cm post lit from 40 cm throws a shadow of distance x 10 / (40 − 10).',
  },
}
