import { checkClaim, suggestClaim, type Claim } from '../../core/conclusion'
import { weighEvidence, type Evidence, type Score } from '../../core/evidence'
import { orderedLevels, type Plan } from '../../core/plan'
import { normalRandom, seededRandom } from '../../core/random'
import { comparisonOf } from '../../core/recording'
import { examplePlan, kindsPlan, numberLevel } from '../../core/testing/examplePlan'
import type { Figure } from '../figure'

const numbers = examplePlan({ levels: [20, 40, 60, 80, 100].map((value) => numberLevel(value)) })
const kinds = kindsPlan(['tile', 'wood', 'carpet', 'cork'])

/** What a class may say: stretches that it chose after looking, most groups, and the same class read in another unit. */
export function claims(classes: number): Figure[] {
  return [
    chosenStretches(classes),
    foretoldStretch(classes),
    ...foretoldPair(classes),
    mostGroups(classes),
    unitChanges(classes),
  ]
}

/** Classes whose levels lie at these numbers of marks, three marks to one sd of a try. */
function classesOf(plan: Plan, at: readonly number[], seed: number): () => Score[] {
  const normal = normalRandom(seededRandom(seed))
  return () =>
    Array.from({ length: 6 }, (_, group) => {
      const high = 3 * normal()
      return orderedLevels(plan).flatMap(({ id: levelId }, level) =>
        [1, 2, 3].map((tryNumber): Score => ({
          id: `${group}|${levelId}|${tryNumber}`,
          groupId: `g${group}`,
          levelId,
          tryNumber,
          value: Math.round(30 + at[level]! + high + 3 * normal()),
        })),
      )
    }).flat()
}

function chosenStretches(classes: number): Figure {
  const draw = classesOf(numbers, [0, 0, 0, 0, 0], 61)
  const stretches = numbers.levels.flatMap((from, index) =>
    numbers.levels
      .slice(index + 1)
      .map((to): Claim['scope'] => ({ kind: 'between', fromId: from.id, toId: to.id })),
  )
  let found = 0
  for (let one = 0; one < classes; one++) {
    const evidence = weighEvidence(comparisonOf(numbers), draw())
    const isCarried = (scope: Claim['scope'], comparison: 'more' | 'less') =>
      isSound(numbers, evidence, { ...stretchClaim, comparison, scope })
    if (stretches.some((scope) => isCarried(scope, 'more') || isCarried(scope, 'less'))) found++
  }
  return {
    name: 'some stretch of five levels carried by luck, with nothing true',
    value: (100 * found) / classes,
    unit: '%',
    goal: { most: 7 },
    note: 'the whole of the levels, which has 5% of its own, among them',
  }
}

/** One stretch that was predicted before testing: it keeps its full 5%. */
function foretoldStretch(classes: number): Figure {
  const draw = classesOf(numbers, [0, 0, 0, 0, 0], 62)
  const [from, to] = [numbers.levels[1]!.id, numbers.levels[3]!.id]
  const isCarried = (evidence: Evidence, comparison: 'more' | 'less') =>
    isSound(numbers, evidence, {
      ...stretchClaim,
      comparison,
      scope: { kind: 'between', fromId: from, toId: to },
    })
  const found = countOf(classes, () => {
    const evidence = weighEvidence({ ...comparisonOf(numbers), foretold: [[from, to]] }, draw())
    return isCarried(evidence, 'more') || isCarried(evidence, 'less')
  })
  return {
    name: 'a predicted stretch of five levels carried by luck, with nothing true',
    value: (100 * found) / classes,
    unit: '%',
    goal: { most: 5.5 },
  }
}

/** One pair of four kinds that was predicted before testing: with nothing true, and found where it is. */
function foretoldPair(classes: number): Figure[] {
  const [a, b] = [kinds.levels[0]!.id, kinds.levels[1]!.id]
  const carried = (at: readonly number[], foretold: boolean, seed: number) => {
    const draw = classesOf(kinds, at, seed)
    const found = countOf(classes, () => {
      const evidence = weighEvidence({ ...comparisonOf(kinds), foretold: foretold ? [[a, b]] : [] }, draw())
      const claim = { ...stretchClaim, subject: 'pair' as const, scope: { kind: 'tested' as const } }
      return (['more', 'less'] as const).some((comparison) =>
        isSound(kinds, evidence, { ...claim, comparison, levelIds: [a, b] }),
      )
    })
    return (100 * found) / classes
  }
  const [foretold, chosen] = [carried([3, 0, 0, 0], true, 64), carried([3, 0, 0, 0], false, 64)]
  return [
    {
      name: 'a predicted pair of four kinds carried by luck, with nothing true',
      value: carried([0, 0, 0, 0], true, 63),
      unit: '%',
      goal: { most: 5.5 },
    },
    {
      name: 'a predicted pair found where it is one sd apart',
      value: foretold,
      unit: '%',
      goal: { least: chosen },
      note: 'the goal is what is found of the same pair where it was chosen afterwards',
    },
  ]
}

const stretchClaim = { subject: 'trend', levelIds: [], strength: 'together' } satisfies Partial<Claim>

const isSound = (plan: Plan, evidence: Evidence, claim: Claim) =>
  ['fits', 'says-less'].includes(checkClaim(plan, claim, evidence).fit)

function countOf(times: number, happens: () => boolean): number {
  let count = 0
  for (let one = 0; one < times; one++) if (happens()) count++
  return count
}

function mostGroups(classes: number): Figure {
  const draw = classesOf(kinds, [0, 2, 4, 6], 62)
  let [said, wrongly] = [0, 0]
  for (let one = 0; one < classes; one++) {
    const evidence = weighEvidence(comparisonOf(kinds), draw())
    if (suggestClaim(kinds, evidence)?.strength !== 'mostly') continue
    said++
    if (2 * evidence.judgement.agreeing <= evidence.judgement.groups) wrongly++
  }
  return {
    name: '“in most groups” suggested with half of them or fewer',
    value: wrongly,
    unit: '',
    goal: { most: 0 },
    note: `of ${said} times that it was suggested`,
  }
}

function unitChanges(classes: number): Figure {
  let changed = 0
  for (const [plan, at] of [
    [numbers, [0, 1, 2, 3, 4]],
    [kinds, [0, 0, 1, 3]],
  ] as const) {
    const draw = classesOf(plan, at, 63)
    for (let one = 0; one < classes; one++) {
      const scores = draw()
      const word = (millimetres: number) => {
        const comparison = {
          ...comparisonOf(plan),
          mark: 1 / millimetres,
          worth: { least: 2 / millimetres, share: 0 },
        }
        const { verdict } = weighEvidence(
          comparison,
          scores.map((score) => ({ ...score, value: score.value / millimetres })),
        ).judgement
        return verdict.word
      }
      if (word(1) !== word(10)) changed++
    }
  }
  return {
    name: `another word in centimetres than in millimetres, of ${2 * classes} classes`,
    value: changed,
    unit: '',
    goal: { most: 0 },
  }
}
