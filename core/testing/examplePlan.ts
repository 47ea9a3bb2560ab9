import { planFormat, type Level, type Material, type Plan } from '../plan'

/** A number level for tests. */
export function numberLevel(value: number | null, id = `h${value}`): Level {
  return { id, name: '', value, baseline: false, picture: null }
}

/** A sound plan for tests: drop heights of 20, 40 and 60 cm, three tries, read in whole centimetres. */
export function examplePlan(changes: Partial<Plan> = {}): Plan {
  return {
    formatVersion: planFormat,
    title: 'Ball bounce',
    question: 'Does the drop height change the bounce?',
    best: null,
    recording: { kind: 'measure' },
    ideas: { change: [], measure: [] },
    changed: { name: 'drop height', kind: 'number', unit: 'cm', range: null },
    levels: [20, 40, 60].map((value) => numberLevel(value)),
    properties: [],
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
    keptSame: [{ id: 'ball', name: 'ball', how: 'the same one every time', was: null }],
    tries: 3,
    practiceTries: 1,
    summary: 'median',
    rounding: 'mark',
    whoTests: 'all-levels',
    levelOrder: 'own',
    prediction: { format: 'direction', because: true, who: 'group' },
    materials: [],
    leftOut: [],
    preparing: [],
    hazards: [],
    steps: [],
    times: {},
    expected: null,
    ...changes,
  }
}

/** The same test with named kinds in place of numbers. */
export function kindsPlan(names: string[], changes: Partial<Plan> = {}): Plan {
  return examplePlan({
    changed: { name: 'surface', kind: 'kinds', unit: null, range: null },
    levels: names.map((name) => ({ id: name, name, value: null, baseline: false, picture: null })),
    prediction: { format: 'choice', because: true, who: 'group' },
    ...changes,
  })
}

/** One line of a kit list; what is not given is ordinary: one for each group, used again. */
export function material(changes: Partial<Material> = {}): Material {
  return {
    id: 'm',
    name: 'thing',
    amount: 1,
    unit: '',
    per: 'group',
    use: 'reused',
    spare: { kind: 'number', value: 0 },
    level: null,
    place: 'tray',
    made: null,
    ...changes,
  }
}
