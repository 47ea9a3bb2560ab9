import { ideasToMeasure, type Starter, starterDefaults } from './starter'

const distances = [30, 60, 90, 120]

export const shadowLength: Starter = {
  id: 'shadow-length',
  about: 'Move a lamp away from a small post and measure the shadow. Needs a room that can be darkened.',
  plan: {
    ...starterDefaults,
    ideas: ideasToMeasure(['width of the shadow']),
    title: 'Shadow length',
    question: 'What happens to the length of a shadow when the lamp is further away?',
    changed: { name: 'lamp distance', kind: 'number', unit: 'cm', range: null },
    levels: distances.map((value) => ({ id: `d${value}`, name: '', value, baseline: false, picture: null })),
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
      {
        id: 'lamp',
        name: 'battery lamp',
        amount: 1,
        unit: '',
        per: 'group',
        use: 'reused',
        spare: { kind: 'number', value: 1 },
      },
      {
        id: 'box',
        name: 'box, 40 cm high',
        amount: 1,
        unit: '',
        per: 'group',
        use: 'reused',
        spare: { kind: 'number', value: 0 },
      },
      {
        id: 'post',
        name: 'stick of glue, 10 cm',
        amount: 1,
        unit: '',
        per: 'group',
        use: 'reused',
        spare: { kind: 'number', value: 0 },
      },
      {
        id: 'paper',
        name: 'large sheet of paper',
        amount: 1,
        unit: '',
        per: 'level',
        use: 'used-up',
        spare: { kind: 'percent', value: 10 },
      },
    ],
    hazards: ['sun'],
    expected: { first: 10, last: 40, apart: 2 },
    steps: [
      'Stand the post on the zero of the stick.',
      'Put the lamp at its distance.',
      'Mark the tip of the shadow.',
      'Read its length.',
    ],
  },
  expected: {
    values: Object.fromEntries(distances.map((distance) => [`d${distance}`, distance / 3])),
    trySpread: 0.04,
    groupSpread: 0.03,
    basis: 'Similar triangles: a 10 cm post lit from 40 cm throws a shadow of distance x 10 / (40 − 10).',
  },
}
