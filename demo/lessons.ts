// One list: the lessons of the demo school, each with its mishaps.
import { firstOf } from '#core/defined'
import { addDays, formatISO } from 'date-fns'
import { schoolDays, usualCalendar } from '#core/calendar'
import { emptyConclusion, type Conclusion, type PredictionAnswer } from '#core/conclusion'
import { newId, type Plan } from '#core/plan'
import type { Note, NoteKind, QuestionSort } from '#core/wonder'
import type { Stage } from '#core/lesson'
import { more, choice, washers, shaped, beside, held, poured, jacketOrder } from './predictions'
import type { SimulatedClass } from './simulatedClass'
import {
  ballBounce,
  beanSprouts,
  bottleJackets,
  doughShapes,
  paperBridge,
  paperTowels,
  pouredTogether,
  rockScratch,
  rustingClips,
  shadowLength,
  shoeGrip,
  wickingRace,
  type Starter,
} from '#starters'
import { bubblesForAll, oneMagnet, sproutTray } from './variants'

/** A lesson of the demo school, told relative to today. */
export interface DemoLesson {
  starter: Starter
  /** What is changed of the starter's plan before anything else happens. */
  changes?: Partial<Plan>
  notes?: Omit<Note, 'id'>[]
  /** What the class looks at; the sketch is a file in demo/pictures. */
  stimulus?: { text: string; sketch: string }
  date: string
  stage: Stage
  predictions: { groupIndex: number; answer: PredictionAnswer; because: string }[]
  readings: Omit<SimulatedClass, 'groupIds'> | null
  conclusion: Conclusion
}

const note = (kind: NoteKind, text: string, sort: QuestionSort | null = null) => ({
  kind,
  text,
  sort,
  settled: false,
})
const idea = (name: string) => ({ id: newId(), name })

/** The lessons of Kestrel class: one for each way of recording, most of them complete, and others that are planned or only wondered about. */
export function kestrelLessons(today: Date): DemoLesson[] {
  const day = (from: number) => formatISO(addDays(today, from), { representation: 'date' })
  /** A day to come with lessons: the first Monday to Friday from then on. */
  const schoolDay = (from: number) => firstOf(schoolDays(usualCalendar, day(from), 1))
  /** The school days since the beans were laid out, without today. */
  const sprouting = schoolDays(usualCalendar, day(-10), 7).filter((one) => one < day(0))
  const tray = schoolDays(usualCalendar, day(-40), 8)
  const rusting = schoolDays(usualCalendar, day(-34), 8)
  return [
    {
      starter: ballBounce,
      date: schoolDay(-6),
      stage: 'conclude',
      predictions: [
        more(0, 'it has more speed when it lands'),
        more(1, 'there is further to fall'),
        more(2, 'a high one always bounces more'),
        {
          groupIndex: 3,
          because: 'the ball stays the same ball',
          answer: { format: 'direction', direction: 'same' },
        },
        more(4, 'we tried at playtime'),
        more(5, 'it gets faster and faster'),
      ],
      readings: {
        start: `${schoolDay(-6)}T10:12:00.000Z`,
        done: [1, 1, 1, 1, 1, 1],
        mishaps: {
          offset: { groupIndex: 4, by: 6 },
          slip: { groupIndex: 2, level: 2, tryNumber: 2, corrected: true },
          spoilt: { groupIndex: 1, level: 3, tryNumber: 1, reason: 'pushed or bumped' },
        },
      },
      conclusion: {
        claim: {
          subject: 'trend',
          comparison: 'more',
          levelIds: [],
          strength: 'always',
          scope: { kind: 'tested' },
        },
        ownWords: 'The higher we dropped the ball, the higher it bounced.',
        why: 'because it goes faster when it falls further',
        dissent:
          'Fish thought it would stay the same, because the ball is the same. Their own numbers surprised them.',
        better: 'Moon read from standing up. Next time eyes go level with the mark.',
        nextQuestion: 'Does it bounce as high on carpet?',
      },
    },
    {
      starter: shoeGrip,
      date: day(0),
      stage: 'test',
      predictions: [
        choice(0, 'ridged', 'the ridges dig in'),
        choice(1, 'ridged', 'football boots are like that'),
        choice(2, 'flat', 'more of it touches the board'),
        choice(3, 'ridged', 'it looks the roughest'),
        choice(4, 'ridged', 'the ridges dig in'),
      ],
      readings: {
        start: `${day(0)}T09:35:00.000Z`,
        done: [0.75, 0.6, 0.5, 0.5, 0.4, 0],
        mishaps: {
          slip: { groupIndex: 0, level: 2, tryNumber: 2, corrected: false },
          spoilt: { groupIndex: 2, level: 1, tryNumber: 1, reason: 'started late or early' },
        },
      },
      conclusion: emptyConclusion,
    },
    {
      starter: paperTowels,
      date: schoolDay(3),
      stage: 'wonder',
      changes: {
        title: 'Paper towels',
        question: '',
        best: null,
        changed: { name: '', kind: 'kinds', unit: null, range: null },
        levels: [],
        keptSame: [],
        measured: { ...paperTowels.plan.measured, name: '' },
        expected: null,
        ideas: {
          change: ['kind of paper', 'amount of water', 'size of the piece', 'time in the water'].map(idea),
          measure: ['water soaked up', 'time until it tears'].map(idea),
        },
      },
      stimulus: {
        text: 'Somebody knocked a jug of water over the table. Three different papers lay beside it.',
        sketch: 'spill.png',
      },
      notes: [
        note('noticed', 'The water ran to the edge of the table'),
        note('noticed', 'The blue paper is wet because it is thin'),
        note('noticed', 'The white paper has little bumps'),
        note('noticed', 'It must be kitchen paper'),
        note('guessed', 'Thick paper drinks more water'),
        note('guessed', 'The bumps hold the drops'),
        note('asking', 'Which paper is best?'),
        note('asking', 'Why does the water climb up the paper?'),
        note('asking', 'What is paper made of?', 'look-up'),
        note('asking', 'Which paper is the prettiest?'),
      ],
      predictions: [],
      readings: null,
      conclusion: emptyConclusion,
    },
    {
      starter: shadowLength,
      date: schoolDay(1),
      stage: 'plan',
      predictions: [],
      readings: null,
      conclusion: emptyConclusion,
    },
    {
      starter: bottleJackets,
      date: schoolDay(-13),
      stage: 'conclude',
      predictions: [
        jacketOrder(0, 'wool is for winter'),
        jacketOrder(1, 'the bubbles keep the air in'),
        jacketOrder(3, 'paper is thin'),
      ],
      readings: {
        start: `${schoolDay(-13)}T10:05:00.000Z`,
        done: [1, 1, 1, 1, 1, 1],
        mishaps: {
          late: { groupIndex: 1, moment: '15 min', by: 2 },
          missed: { groupIndex: 4, moment: '25 min' },
          slip: { groupIndex: 3, level: 0, tryNumber: 1, moment: '20 min', corrected: true },
        },
      },
      conclusion: {
        ...emptyConclusion,
        claim: {
          subject: 'least',
          comparison: 'less',
          levelIds: ['wrap'],
          strength: 'mostly',
          scope: { kind: 'tested' },
        },
        better: 'Bell came to the third reading late. Next time somebody watches the clock.',
        nextQuestion: 'Do two jackets keep twice as warm?',
      },
    },
    {
      starter: doughShapes,
      date: schoolDay(-20),
      stage: 'conclude',
      predictions: [
        shaped(0, 'more', 'same', 'it looks bigger'),
        shaped(1, 'less', 'less', 'thin things are light'),
        shaped(4, 'same', 'same', 'it is still the same dough'),
      ],
      readings: {
        start: `${schoolDay(-20)}T10:15:00.000Z`,
        done: [1, 1, 1, 1, 1, 1],
        mishaps: {
          unequal: { groupIndex: 3, times: 0.72 },
          slip: { groupIndex: 1, level: 1, tryNumber: 1, moment: 'in another shape', corrected: true },
        },
      },
      conclusion: {
        ...emptyConclusion,
        ownWords: 'The dough weighed the same as a lump and in another shape.',
        better: 'Fish had less dough than the others. Next time we weigh out the same lump.',
        nextQuestion: 'Does dough weigh less when it has dried?',
      },
    },
    {
      starter: pouredTogether,
      date: schoolDay(-9),
      stage: 'compare',
      predictions: [
        poured(0, 'less', 'same', 'the rice hides between the peas'),
        poured(2, 'more', 'more', 'there is more in it'),
        poured(5, 'same', 'same', 'nothing is taken away'),
      ],
      readings: {
        start: `${schoolDay(-9)}T10:40:00.000Z`,
        done: [1, 1, 1, 1, 1, 1],
        mishaps: {
          spoilt: {
            groupIndex: 2,
            level: 2,
            tryNumber: 1,
            moment: 'all together',
            reason: 'equipment slipped or broke',
          },
        },
      },
      conclusion: emptyConclusion,
    },
    {
      starter: wickingRace,
      date: schoolDay(-16),
      stage: 'compare',
      predictions: [
        choice(0, 'kitchen', 'it is made to soak'),
        choice(1, 'filter', 'it has the most holes'),
        choice(3, 'kitchen', 'we did it with juice'),
        choice(5, 'news', 'it feels soft'),
      ],
      readings: {
        start: `${schoolDay(-16)}T10:20:00.000Z`,
        done: [1, 1, 1, 1, 1, 1],
        mishaps: { spoilt: { groupIndex: 2, level: 0, tryNumber: 2, reason: 'started late or early' } },
      },
      conclusion: emptyConclusion,
    },
    {
      starter: rockScratch,
      date: schoolDay(-23),
      stage: 'compare',
      predictions: [
        choice(0, 'granite', 'it is the heaviest'),
        choice(2, 'slate', 'roofs are made of it'),
        choice(4, 'granite', 'steps are made of it'),
      ],
      readings: {
        start: `${schoolDay(-23)}T11:05:00.000Z`,
        done: [1, 1, 1, 1, 1, 1],
        // A line of powder taken for a scratch: chalk over sandstone, which cannot be beside all the rest.
        mishaps: { against: { groupIndex: 4, more: 0, less: 4 } },
      },
      conclusion: emptyConclusion,
    },
    {
      starter: rustingClips,
      date: firstOf(rusting),
      stage: 'conclude',
      predictions: [
        choice(0, 'vinegar', 'it eats things'),
        choice(1, 'salt', 'bicycles rust by the sea'),
        choice(5, 'tap', 'wet things rust'),
      ],
      readings: {
        start: `${firstOf(rusting)}T09:10:00.000Z`,
        days: rusting,
        done: [1, 1, 1, 1, 1, 1],
        mishaps: { missed: { groupIndex: 3, moment: 'day 5' } },
      },
      conclusion: {
        ...emptyConclusion,
        ownWords: 'Salt water and vinegar were first to make brown dots. In oil the clip stayed shiny.',
        better: 'Key forgot to look on one day. Next time the board reminds us.',
        nextQuestion: 'Does a painted clip rust?',
      },
    },
    {
      starter: paperBridge,
      date: schoolDay(-27),
      stage: 'conclude',
      predictions: [
        washers(0, 15, 'two folds make it stiff'),
        washers(1, 30, 'a zigzag is like cardboard'),
        washers(2, 12, 'paper is weak'),
        washers(3, 20, 'we get better each time'),
        washers(5, 25, 'we have an idea already'),
      ],
      readings: {
        start: `${schoolDay(-27)}T10:30:00.000Z`,
        done: [1, 1, 1, 1, 1, 0.67],
        mishaps: {},
      },
      conclusion: {
        ...emptyConclusion,
        ownWords: 'Folds made our bridges much stronger than a flat sheet.',
        better: 'We changed two things at once in round 3. Next time only one.',
        nextQuestion: 'How much does a bridge of two sheets hold?',
      },
    },
    {
      starter: beanSprouts,
      date: firstOf(sprouting),
      stage: 'test',
      predictions: [
        choice(0, 'light', 'plants love the sun'),
        choice(1, 'light', 'they need light to eat'),
        choice(2, 'dark', 'they stretch to find the light'),
      ],
      readings: {
        start: `${firstOf(sprouting)}T09:10:00.000Z`,
        days: sprouting,
        done: [1, 1, 1, 1, 1, 1],
        mishaps: { missed: { groupIndex: 2, moment: 'day 4' } },
      },
      conclusion: emptyConclusion,
    },
    {
      starter: sproutTray,
      date: firstOf(tray),
      stage: 'conclude',
      predictions: [
        beside(0, 'less', 'plants need light'),
        beside(1, 'same', 'it is one tray'),
        beside(3, 'more', 'they stretch to find the light'),
      ],
      readings: {
        start: `${firstOf(tray)}T09:15:00.000Z`,
        days: tray,
        done: [1, 1, 1, 1, 1, 1],
        mishaps: {},
      },
      conclusion: {
        ...emptyConclusion,
        ownWords: 'The sprouts were taller at the door side than at the window side.',
        why: 'they stretch to find the light',
        better: 'Moon turned its tray once. Next time an arrow on the tray shows where the window is.',
        nextQuestion: 'Do they grow alike when we turn the tray every day?',
      },
    },
    {
      starter: oneMagnet,
      date: schoolDay(-15),
      stage: 'conclude',
      predictions: [
        held(0, 30, 'it looks strong'),
        held(2, 20, 'it held a pair of scissors'),
        held(4, 25, 'we guessed the middle'),
      ],
      readings: {
        start: `${schoolDay(-15)}T11:00:00.000Z`,
        done: [1, 1, 1, 1, 1, 1],
        mishaps: { spoilt: { groupIndex: 1, level: 0, tryNumber: 3, reason: 'pushed or bumped' } },
      },
      conclusion: {
        ...emptyConclusion,
        ownWords: 'Our magnet usually held about 22 clips.',
        better: 'Everybody counts in fives. Then two of us get the same.',
        nextQuestion: 'How many does it hold with card in between?',
      },
    },
    {
      starter: bubblesForAll,
      date: schoolDay(-8),
      stage: 'compare',
      predictions: [
        more(0, 'sugar is sticky'),
        more(1, 'it makes the skin thick'),
        more(2, 'sticky things hold on'),
        {
          groupIndex: 4,
          because: 'a bubble is a bubble',
          answer: { format: 'direction', direction: 'same' },
        },
      ],
      readings: {
        start: `${schoolDay(-8)}T10:25:00.000Z`,
        done: [1, 0, 0, 0, 0, 0],
        mishaps: {},
      },
      conclusion: emptyConclusion,
    },
  ]
}
