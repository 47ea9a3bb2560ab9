import type { Plan } from '../plan'
import { sameMeaning } from './sameMeaning'

/** One thing that is usually kept the same, and how. */
export interface UsuallyKept {
  name: string
  how: string
}

const kept = (name: string, how: string): UsuallyKept => ({ name, how })

/** What is kept the same in a test that is done this way, the most important first. */
const byDoing: [words: RegExp, UsuallyKept[]][] = [
  [
    /\b(?:drop\w*|bounc\w*|fall\w*)\b/i,
    [
      kept('drop height', 'measured each time with the same stick'),
      kept('thing we drop', 'the same one every time'),
      kept('surface', 'the same spot for every try'),
      kept('letting go', 'nothing is pushed, only let go'),
    ],
  ],
  [
    /\b(?:dissolv\w*|stir\w*|mix\w*)\b/i,
    [
      kept('amount of water', 'filled to the same line'),
      kept('starting temperature', 'all poured from one jug at the same moment'),
      kept('stirring', 'the same number of turns, by the same child'),
    ],
  ],
  [
    /\b(?:ice|melt\w*)\b/i,
    [
      kept('amount of ice', 'cubes from the same tray'),
      kept('start', 'all taken from the freezer at the same moment'),
      kept('place', 'all side by side'),
    ],
  ],
  [
    /\b(?:jackets?|wrap\w*|cool\w*|warm\w*|insulat\w*|temperature)\b/i,
    [
      kept('amount of water', 'filled to the same line'),
      kept('starting temperature', 'all poured from one jug at the same moment'),
      kept('bottle and lid', 'the same kind, lid on'),
      kept('place', 'all side by side'),
    ],
  ],
  [
    /\b(?:grow\w*|seeds?|sprouts?|plants?|germinat\w*)\b/i,
    [
      kept('seeds', 'the same number of one kind'),
      kept('soil', 'the same amount from one bag'),
      kept('amount of water', 'the same amount each day'),
      kept('place', 'all side by side'),
    ],
  ],
  [
    /\b(?:pull\w*|force|grip\w*|slip\w*|slid\w*|soles?)\b/i,
    [
      kept('load', 'the same load inside'),
      kept('surface', 'the same spot for every try'),
      kept('speed of the pull', 'slowly, until it just moves'),
    ],
  ],
  [
    /\b(?:soak\w*|absorb\w*|wring|paper towels?|kitchen paper)\b/i,
    [
      kept('size of the piece', 'cut with the same template'),
      kept('amount of water', 'filled to the same line'),
      kept('time in the water', 'the same time by the clock'),
    ],
  ],
  [
    /\b(?:shadows?|lamp)\b/i,
    [
      kept('thing that makes the shadow', 'the same one every time'),
      kept('lamp', 'the same one, at the same height'),
      kept('darkness of the room', 'blinds closed for every try'),
    ],
  ],
  [
    /\b(?:magnets?|clips)\b/i,
    [
      kept('magnet', 'the same one every time'),
      kept('clips', 'all of one kind'),
      kept('way of hanging on', 'one after another in a chain'),
    ],
  ],
  [
    /\b(?:roll\w*|ramps?|cars?|wheels?)\b/i,
    [
      kept('start', 'let go at the same mark, nothing is pushed'),
      kept('floor', 'the same spot for every try'),
      kept('car', 'the same one every time'),
    ],
  ],
  [
    /\b(?:bubbles?)\b/i,
    [
      kept('amount of water', 'the same amount: from one jug'),
      kept('size of the bubble', 'blown to the same mark'),
      kept('place', 'no draught, the same spot for every try'),
    ],
  ],
  [
    /\b(?:bridges?|washers?)\b/i,
    [
      kept('gap', 'the same distance between the books'),
      kept('washers', 'all of one kind, put on gently in the middle'),
      kept('sheet of paper', 'a fresh one of the same size each time'),
    ],
  ],
  [
    /\b(?:rust\w*|vinegar|liquids?)\b/i,
    [
      kept('amount of liquid', 'the same amount: from one jug'),
      kept('pot', 'the same kind, all side by side'),
      kept('clip', 'a new one of the same kind each time'),
    ],
  ],
  [
    /\b(?:pulse|heart|jumps?|breath)\b/i,
    [
      kept('rest before', 'the same time by the clock'),
      kept('counting', 'for the same time, by the same child'),
      kept('way of jumping', 'in time with one caller'),
    ],
  ],
]

const anyDoing = [
  kept('place', 'the same spot for every try'),
  kept('person', 'the same child does it each time'),
  kept('start', 'begin every try in the same way'),
]

/**
 * Returns what is usually kept the same in a test like this, by how it is done: three things at most, never what is changed or measured.
 * @example usuallyKept(ballBounce).map((one) => one.name) // ['thing we drop', 'surface', 'letting go'] where the drop height changes
 */
export function usuallyKept(plan: Plan): UsuallyKept[] {
  const said = [plan.changed.name, plan.measured.name, plan.title, plan.question, ...plan.steps].join('. ')
  const doing =
    byDoing.find(([words]) => words.test(`${plan.changed.name} ${plan.measured.name}`)) ??
    byDoing.find(([words]) => words.test(said))
  const isTaken = (name: string) =>
    sameMeaning(name, plan.changed.name) ||
    sameMeaning(name, plan.measured.name) ||
    speaksOf(plan.changed.name, name) ||
    plan.keptSame.some((same) => sameMeaning(same.name, name))
  return (doing?.[1] ?? anyDoing).filter(({ name }) => !isTaken(name)).slice(0, 3)
}

/** "Kind of ball" is about the ball, "surface" about the floor. */
function speaksOf(changed: string, name: string): boolean {
  const last = name.toLowerCase().split(' ').at(-1) ?? ''
  const alike: Record<string, RegExp> = {
    drop: /\b(?:balls?|kind|size|weight|mass|shape)\b/i,
    surface: /\b(?:surface|floor|ground)\b/i,
    place: /\b(?:place|light|where|window)\b/i,
    temperature: /\b(?:temperature|warm|hot|cold)\b/i,
    lid: /\b(?:lid|cover)\b/i,
  }
  return (alike[last] ?? new RegExp(`\\b${last}s?\\b`, 'i')).test(changed)
}
