import { comparisonOf } from '../../core/recording'
import { weighEvidence, type Score } from '../../core/evidence'
import { normalRandom, seededRandom } from '../../core/random'
import { examplePlan, kindsPlan, numberLevel } from '../../core/testing/examplePlan'

// Times one judgement of a design in a process of its own, so that nothing is known from before; then that of the
// same class with one reading changed. Words: groups, levels, tries, asked (numbers or kinds), marks to an sd.
const [groups, levels, tries] = process.argv.slice(2, 5).map(Number) as [number, number, number]
const [asked, marks] = [process.argv[5], Number(process.argv[6] ?? 3)]
const plan =
  asked === 'kinds'
    ? kindsPlan(Array.from({ length: levels }, (_, index) => `k${index}`))
    : examplePlan({ levels: Array.from({ length: levels }, (_, index) => numberLevel(10 * (index + 1))) })
const normal = normalRandom(seededRandom(3))
const scores = Array.from({ length: groups }, (_, group) =>
  plan.levels.flatMap(({ id: levelId }) =>
    Array.from({ length: tries }, (_, index): Score => ({
      id: `${group}|${levelId}|${index}`,
      groupId: `g${group}`,
      levelId,
      tryNumber: index + 1,
      value: Math.round(30 + marks * normal()),
    })),
  ),
).flat()
const comparison = comparisonOf(plan)
const timed = (all: Score[]) => {
  const start = performance.now()
  weighEvidence(comparison, all)
  return performance.now() - start
}
const cold = timed(scores)
const again = timed(
  scores.map((score, index) => (index === 5 ? { ...score, value: score.value + 2 } : score)),
)
console.log(JSON.stringify({ cold, again }))
