import { withAim } from '#core/variables'
import type { Plan } from '#core/plan'
import { beanSprouts, bubbleLifetime, magnetLayers, type Starter } from '#starters'

const nothing: Plan['changed'] = { name: '', kind: 'kinds', unit: null, range: null }
const level = (id: string, name: string): Plan['levels'][number] => ({
  id,
  name,
  value: null,
  baseline: false,
  picture: null,
})

/** After eight school days, in mm: sprouts stretch where there is less light. */
const tallest = { 'window side': 46, 'door side': 62 }

/** One tray of sprouts for each group, measured at its bright side and at its dark side. */
export const sproutTray: Starter = {
  ...beanSprouts,
  plan: {
    ...beanSprouts.plan,
    title: 'Sprouts of one tray',
    question: 'Do sprouts grow the same on both sides of a tray?',
    best: null,
    recording: { kind: 'daily', days: 8, score: 'end', positions: ['window side', 'door side'] },
    comparison: 'places',
    changed: nothing,
    levels: [level('tray', 'the tray')],
    prediction: { format: 'sides', because: true, who: 'group' },
    steps: [
      'Lay twenty soaked beans on wet cotton wool, all over the tray.',
      'Stand the tray by the window and never turn it. Water each morning.',
      'Measure the tallest sprout at the window side and at the door side, every school day.',
    ],
    expected: { first: 46, last: 62, apart: 6 },
  },
  expected: {
    ...beanSprouts.expected,
    values: { tray: 54 },
    course: (_, day, position) =>
      ((tallest[position as keyof typeof tallest] ?? 54) * Math.max(0, day - 2)) / 6,
  },
}

/** How many clips does one magnet hold, over and over again? */
export const oneMagnet: Starter = {
  ...magnetLayers,
  plan: {
    ...withAim(magnetLayers.plan, 'vary'),
    title: 'One magnet, many tries',
    question: 'How many clips does our magnet hold?',
    changed: nothing,
    levels: [level('l0', 'the magnet with no card')],
    practiceTries: 0,
    steps: [
      'Dip the magnet into the box of clips.',
      'Lift it slowly, straight up, and count to three.',
      'Count the clips that hang on.',
    ],
  },
  expected: { ...magnetLayers.expected, values: { l0: 23 }, trySpread: 0.07 },
}

/** The teacher blows all bubbles, with volunteers who time them. */
export const bubblesForAll: Starter = {
  ...bubbleLifetime,
  plan: {
    ...bubbleLifetime.plan,
    title: 'Bubbles at the front',
    whoTests: 'whole-class',
    prediction: { format: 'direction', because: true, who: 'group' },
  },
  expected: { ...bubbleLifetime.expected, trySpread: 0.12 },
}
