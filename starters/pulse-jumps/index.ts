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

const jumps = [0, 10, 20, 30]
/** The pulse is counted for a quarter of a minute. */
const seconds = 15

export const pulseJumps: Starter = {
  id: 'pulse-jumps',
  background,
  about:
    'Star jumps, then fingers on the wrist and a count of fifteen seconds: how fast does the heart beat?',
  plan: {
    ...starterDefaults,
    ideas: ideasToMeasure(['breaths in 15 s', 'time until it is calm again']),
    title: 'Pulse after star jumps',
    question: 'What happens to our pulse when we do more star jumps?',
    recording: { kind: 'count', seconds },
    changed: {
      name: 'number of star jumps',
      kind: 'number',
      unit: 'count',
      range: { least: 0, greatest: 40 },
    },
    levels: numberLevels('j', jumps),
    measured: { name: 'heart beats', unit: 'count', instrument: instrument('tally') },
    keptSame: [
      same('who', 'who jumps', 'the same child of the group every time'),
      same('rest', 'time of rest before', 'sitting still for three minutes by the clock'),
      same('start', 'start of counting', 'at once, sitting, fingers on the wrist'),
    ],
    tries: 2,
    levelOrder: 'own',
    prediction: { format: 'direction', because: true, who: 'group' },
    materials: [
      item('timer', 'stopwatch', 'group', 'reused'),
      item('chair', 'chair', 'group', 'reused'),
      item('mat', 'gym mat', 'group', 'reused'),
    ],
    times: { setUp: 15, runAt: { j0: 0, j10: 15, j20: 30, j30: 45 }, reset: 180 },
    steps: [
      'Find the pulse at the wrist and practise counting it.',
      'Do the jumps at an easy pace, then sit down.',
      'Count the beats for 15 seconds.',
      'Rest for three minutes before the next.',
    ],
    expected: { first: 88, last: 128, apart: 8 },
  },
  cautions: ['exertion'],
  expected: {
    values: { j0: 88, j10: 104, j20: 118, j30: 128 },
    row: (_, aMinute) => ({ '': (aMinute * seconds) / 60 }),
    trySpread: 0.04,
    groupSpread: 0.08,
    basis:
      'Children of this age rest at about 70 to 110 beats a minute; that ten easy star jumps add about 15, and further ones less, is a stated assumption.',
  },
}
