import { firstOf } from '#core/defined'
import { beanSprouts } from '../bean-sprouts'
import type { Starter } from '../starter'
import { said, type OwnWords } from './said'

/** Sprouts of one tray, read at its bright side and at its dark side. */
const sproutTray: Starter = {
  ...beanSprouts,
  plan: {
    ...beanSprouts.plan,
    title: 'Sprouts of one tray',
    question: 'Do sprouts grow the same on both sides of a tray?',
    best: null,
    comparison: 'places',
    recording: { kind: 'daily', days: 8, score: 'end', positions: ['window side', 'door side'] },
    levels: [{ ...firstOf(beanSprouts.plan.levels), id: 'tray', name: 'the tray' }],
    changed: { name: '', kind: 'kinds', unit: null, range: null },
  },
  expected: {
    ...beanSprouts.expected,
    values: { tray: 16 },
    row: (_, taller, off) => ({ 'day 8, window side': 46 + off(), 'day 8, door side': 46 + taller + off() }),
  },
}

export const sproutTrayWords: OwnWords = {
  starter: sproutTray,
  found: [16],
  wobble: 2,
  sentences: said(`
    T The sprouts were taller at the door side.
    T The door side grew taller than the window side.
    T At the window side they were shorter.
    T Window side sprouts were not as tall as door side ones.
    T The height was greater at the door side than at the window side.
    T The beans by the window side stayed smaller.
    T The door side was about 16 mm taller.
    T It did make a difference.
    T The window side had the shortest sprouts.
    F They grew the same on both sides.
    F The window side was taller.
    F The sprouts at the door side were shorter than at the window side.
    F It made no difference.
    F The window side grew the most.
    F The door side was 40 mm taller than the window side.
    F There was less height at the door side.
    ? The window side was greener.
    ? They were all looking for the light.
    ? Somebody turned our tray.
    ? We forgot to water on one day.
  `),
  later: said(`
    T The sprouts were taller at the door side than at the window side.
    F The window side was taller than the door side.
  `),
}
