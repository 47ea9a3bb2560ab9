import { median } from 'simple-statistics'
import { checkFair, type Expectation, type Plan } from '../core/plan'
import { variableWords } from '../core/class'
import { classAssumptions, normalRandom, rehearse, seededRandom } from '../core/rehearsal'
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

/** Rehearsing 10,000 classes against drawing their random numbers, in turns; and how near the chances come. */
export function rehearsal(): string {
  return cases
    .map(({ name, expected }) => {
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
      return `10,000 virtual classes, ${name} / drawing their random numbers: ${(median(whole) / median(bare)).toFixed(2)} (medians ${median(whole).toFixed(0)} ms and ${median(bare).toFixed(0)} ms); a right answer in ${((100 * truth.right) / reference).toFixed(1)} % of 200,000 classes, at most ${(100 * off).toFixed(2)} points off in 10,000`
    })
    .join('\n')
}

/** The Fair check of an edited plan, as a share of one frame of 16 ms. */
export function fairCheck(): string {
  const context = { age: '7-9' as const, words: variableWords('plain') }
  const times = Array.from({ length: 400 }, (_, index) =>
    timed(() => checkFair({ ...plan, tries: 1 + (index % 5), question: `Is ${index} best?` }, context)),
  ).slice(50)
  return `the Fair check after an edit / one frame of 16 ms: ${(median(times) / 16).toFixed(4)} (median ${median(times).toFixed(3)} ms)`
}

function timed(act: () => unknown): number {
  const start = performance.now()
  act()
  return performance.now() - start
}
