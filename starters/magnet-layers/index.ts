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

const layers = [0, 2, 4, 6]

export const magnetLayers: Starter = {
  id: 'magnet-layers',
  background,
  about: 'Put layers of card between a magnet and paper clips and count how many it still holds.',
  plan: {
    ...starterDefaults,
    ideas: ideasToMeasure(['distance at which the first clip jumps']),
    title: 'Magnet through card',
    question: 'What happens to the number of clips a magnet holds when there is more card in between?',
    recording: { kind: 'count' },
    changed: { name: 'layers of card', kind: 'number', unit: 'count', range: { least: 0, greatest: 10 } },
    levels: numberLevels('l', layers),
    measured: { name: 'number of clips held', unit: 'count', instrument: instrument('tally') },
    keptSame: [
      same('magnet', 'magnet', 'the same one every time'),
      same('clips', 'clips', 'the same box, all of one size'),
      same('way', 'way of lifting', 'slowly, straight up, then count to three'),
    ],
    prediction: { format: 'direction', because: true, who: 'group' },
    materials: [
      item('magnet', 'bar magnet', 'group', 'reused', { spare: 1 }),
      item('clips', 'paper clips', 'group', 'reused', { amount: 30, spare: 30 }),
      item('card', 'card, 10 x 10 cm', 'group', 'reused', {
        amount: 6,
        spare: 6,
        made: { kind: 'pieces', width: 10, height: 10, from: 'card, A4', sheetWidth: 21, sheetHeight: 29.7 },
      }),
      item('tray', 'tray', 'group', 'reused'),
    ],
    times: { setUp: 20, run: 10, reset: 15 },
    steps: [
      'Lay the card on the clips.',
      'Put the magnet on the card and lift both slowly.',
      'Count to three, then count the clips that hang on.',
    ],
    expected: { first: 14, last: 4, apart: 2 },
  },
  cautions: ['magnets', 'small-parts'],
  expected: {
    values: { l0: 14, l2: 9, l4: 6, l6: 4 },
    trySpread: 0.12,
    groupSpread: 0.08,
    basis:
      'The pull of a small magnet falls off within millimetres; that two layers of card (about 0.7 mm) take a third of the clips away is a stated assumption.',
  },
}
