import type { Plan } from '../plan'

/** A sound plan for tests: drop heights of 20, 40 and 60 cm, three tries, read in whole centimetres. */
export function examplePlan(changes: Partial<Plan> = {}): Plan {
  return {
    title: 'Ball bounce',
    question: 'Does the drop height change the bounce?',
    best: null,
    changed: { name: 'drop height', kind: 'number', unit: 'cm' },
    levels: [20, 40, 60].map((value) => ({ id: `h${value}`, name: '', value, baseline: false })),
    measured: {
      name: 'bounce height',
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
    keptSame: [{ id: 'ball', name: 'ball', how: 'the same one every time' }],
    tries: 3,
    practiceTries: 1,
    summary: 'median',
    rounding: 'mark',
    whoTests: 'all-levels',
    levelOrder: 'own',
    prediction: { format: 'direction', because: true },
    materials: [],
    hazards: [],
    steps: [],
    expected: null,
    ...changes,
  }
}

/** The same test with named kinds in place of numbers. */
export function kindsPlan(names: string[], changes: Partial<Plan> = {}): Plan {
  return examplePlan({
    changed: { name: 'surface', kind: 'kinds', unit: null },
    levels: names.map((name) => ({ id: name, name, value: null, baseline: false })),
    prediction: { format: 'choice', because: true },
    ...changes,
  })
}
