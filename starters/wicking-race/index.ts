import { ideasToMeasure, instrument, item, kindLevels, same, type Starter, starterDefaults } from '../starter'
import { background } from './background'

const papers = [
  ['kitchen', 'kitchen paper', 50, 40],
  ['filter', 'filter paper', 40, 40],
  ['news', 'newspaper', 40, 28],
  ['writing', 'writing paper', 29.7, 21],
] as const

export const wickingRace: Starter = {
  id: 'wicking-race',
  background,
  about: 'Strips of paper hang into water side by side: in which does the water climb to the line first?',
  plan: {
    ...starterDefaults,
    ideas: ideasToMeasure(['height the water reaches', 'mass of water taken up']),
    title: 'Wicking race',
    question: 'Which paper draws water up the fastest?',
    best: 'most',
    recording: { kind: 'race' },
    changed: { name: 'kind of paper', kind: 'kinds', unit: null, range: null },
    levels: kindLevels(papers.map(([id, name]) => [id, name])),
    measured: { name: 'speed of the water', unit: 'count', instrument: instrument('tally') },
    keptSame: [
      same('strip', 'size of the strips', '2 x 12 cm, no other'),
      same('line', 'finishing line', 'a pencil line 6 cm above the lower end'),
      same('dip', 'depth in the water', 'the lowest 1 cm, all from one ruler'),
      same('start', 'start', 'the ruler is lowered, so that all start at the same moment'),
      same('end', 'way of ending', 'after 10 minutes by the clock; what is not there has not finished'),
    ],
    tries: 3,
    practiceTries: 0,
    prediction: { format: 'choice', because: true, who: 'group' },
    materials: [
      ...papers.map(([id, name, width, height]) =>
        item(`kit-level-${id}`, `${name}, 2 x 12 cm`, 'try', 'used-up', {
          level: id,
          percent: 10,
          made: {
            kind: 'pieces',
            width: 2,
            height: 12,
            from: `${name}, ${width} x ${height} cm`,
            sheetWidth: width,
            sheetHeight: height,
          },
        }),
      ),
      item('bar', 'ruler', 'group', 'reused'),
      item('pencil', 'pencil', 'group', 'reused'),
      item('pegs', 'clothes pegs', 'group', 'reused', { amount: 4 }),
      item('tray', 'tray', 'group', 'reused'),
      item('water', 'water', 'group', 'used-up', { amount: 500, unit: 'mL' }),
      item('timer', 'kitchen timer', 'group', 'reused'),
      item('cloth', 'cloth', 'group', 'reused'),
    ],
    times: { setUp: 90, run: 600, reset: 60 },
    steps: [
      'Peg one strip of each paper to the ruler, all lower ends level.',
      'Lower the ruler so that all strips touch the water together.',
      'Tap the papers in the order in which the water reaches their line.',
      'Take new, dry strips for the next heat.',
    ],
    expected: null,
  },
  cautions: ['spills'],
  expected: {
    // Seconds until the water reaches the line.
    values: { kitchen: 70, filter: 80, news: 150, writing: 560 },
    trySpread: 0.2,
    groupSpread: 0.05,
    basis:
      'Open, unsized papers draw water up a strip of 6 cm in one to three minutes and sized writing paper hardly at all; the seconds and their scatter are a stated assumption.',
  },
}
