import { median } from 'simple-statistics'
import { groupLimits, variableWords } from '../core/class'
import { checkFair } from '../core/fair'
import { planLimits, type Expectation, type Plan } from '../core/plan'
import { normalRandom, seededRandom } from '../core/random'
import { classAssumptions, firstPiece, rehearse } from '../core/rehearsal'
import type { Figure } from './figure'
import { examplePlan, numberLevel } from '../core/testing/examplePlan'

const classes = 10_000
const groups = 8
const rounds = 5
const reference = 200_000

const plan: Plan = examplePlan({ levels: [20, 40, 60, 80, 100].map((value) => numberLevel(value)), tries: 3 })
/** A plain effect, one that half of the classes see, and one lost in the scatter. */
const cases: { name: string; expected: Expectation }[] = [
  { name: 'plain', expected: { first: 14, last: 55, apart: 3 } },
  { name: 'half hidden', expected: { first: 30, last: 37, apart: 12 } },
  { name: 'hidden', expected: { first: 30, last: 32, apart: 20 } },
]

/** Draws the random numbers of as many classes and does nothing with them: the least that a rehearsal can cost. */
function drawOnly(seed: number): number {
  const random = seededRandom(seed)
  const normal = normalRandom(random)
  let sum = 0
  for (let one = 0; one < classes; one++)
    for (let group = 0; group < groups; group++) {
      sum += normal()
      for (let reading = 0; reading < plan.levels.length * plan.tries; reading++)
        sum += (random() < classAssumptions.mishapRate ? random() : 0) + normal()
    }
  return sum
}

/** Rehearsing 10,000 classes against drawing their random numbers, in turns; how near the chances come; the largest design. */
export async function rehearsal(): Promise<Figure[]> {
  return [...cases.flatMap(ofCase), largestDesign(), fairCheck()]
}

function ofCase({ name, expected }: (typeof cases)[number]): Figure[] {
  const whole: number[] = []
  const bare: number[] = []
  let off = 0
  const truth = rehearse(plan, expected, groups, reference, seededRandom(99))
  for (let round = 0; round <= rounds; round++) {
    const drawn = timed(() => drawOnly(round))
    let right = 0
    const done = timed(() => {
      right = rehearse(plan, expected, groups, classes, seededRandom(round)).right
    })
    off = Math.max(off, Math.abs(right / classes - truth.right / reference))
    // The first round warms the engine up.
    if (round > 0) {
      bare.push(drawn)
      whole.push(done)
    }
  }
  return [
    {
      name: `10,000 virtual classes, ${name} / drawing their random numbers`,
      value: median(whole) / median(bare),
      unit: '',
      goal: null,
      note: `medians ${median(whole).toFixed(0)} ms and ${median(bare).toFixed(0)} ms`,
    },
    {
      name: `the chance of a right answer, ${name}: 10,000 classes off ${reference}`,
      value: 100 * off,
      unit: '%',
      goal: { most: 1 },
      note: `right in ${((100 * truth.right) / reference).toFixed(1)} %`,
    },
  ]
}

/** The longest that one piece of work of a rehearsal takes for the largest design: figures come, and a stop works, after one. */
function largestDesign(): Figure {
  const levels = Array.from({ length: planLimits.levels }, (_, index) => numberLevel(10 * (index + 1)))
  const largest = examplePlan({ levels, tries: planLimits.tries })
  const times = [31, 40].map((last) => {
    const expected = { first: 30, last, apart: 4 }
    return timed(() => rehearse(largest, expected, groupLimits.most, firstPiece, seededRandom(1)))
  })
  return {
    name: `the first figures of a rehearsal of ${groupLimits.most} groups, ${levels.length} levels, ${largest.tries} tries`,
    value: Math.max(...times),
    unit: 'ms',
    goal: { most: 1000 },
  }
}

/** The Fair check of an edited plan, as a share of one frame of 16 ms. */
function fairCheck(): Figure {
  const context = { age: '7-9' as const, words: variableWords('plain') }
  const times = Array.from({ length: 400 }, (_, index) =>
    timed(() => checkFair({ ...plan, tries: 1 + (index % 5), question: `Is ${index} best?` }, context)),
  ).slice(50)
  return {
    name: 'the Fair check after an edit / one frame of 16 ms',
    value: median(times) / 16,
    unit: '',
    goal: { most: 1 },
    note: `median ${median(times).toFixed(3)} ms`,
  }
}

function timed(act: () => unknown): number {
  const start = performance.now()
  act()
  return performance.now() - start
}
