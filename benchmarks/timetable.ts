import { median } from 'simple-statistics'
import { lowerBound, schedule, type Activity } from '../core/timetable'
import { seededRandom, type Random } from '../core/random'
import type { Figure } from './figure'

/** How long a search may look for something better, in ms. */
const searchFor = 60_000
const rounds = 5

/** Groups whose tries need a balance, each of its own length. */
function classOf(groups: number, tries: number, random: Random): Activity[][] {
  const between = (least: number, most: number) => Math.round(least + (most - least) * random())
  return Array.from({ length: groups }, () =>
    Array.from({ length: tries }, (_, index) => index + 1).flatMap((tryNumber): Activity[] => {
      const of = { levelId: 'a', tryNumber, moment: '' }
      return [
        { ...of, kind: 'set-up', seconds: between(10, 40), uses: [] },
        { ...of, kind: 'read', seconds: between(10, 30), uses: ['balance'] },
        { ...of, kind: 'reset', seconds: between(5, 20), uses: [] },
      ]
    }),
  )
}

const owning = (howMany: number) => new Map([['balance', howMany]])

/** How good a schedule is against what it cannot be below and against a long search, and how its time grows with the tries. */
export async function timetable(): Promise<Figure[]> {
  const largest = classOf(12, 120, seededRandom(1))
  return [
    ...[2, 4, 6].map((howMany): Figure => ({
      name: `12 groups x 12 levels x 10 tries with ${howMany} balances, against what it cannot be below`,
      value: schedule(largest, owning(howMany)).seconds / lowerBound(largest, owning(howMany)),
      unit: 'x',
      goal: { most: 1.1 },
    })),
    againstSearch(6, 13, 2),
    againstSearch(5, 9, 1),
    growth(),
    await Promise.resolve(atOnce(largest)),
  ]
}

/** Classes for which a schedule is not proven the shortest. */
function againstSearch(groups: number, tries: number, howMany: number): Figure {
  const acts = classOf(groups, tries, seededRandom(7))
  const usual = schedule(acts, owning(howMany)).seconds
  let best = Infinity
  const start = performance.now()
  for (let passes = 500; performance.now() - start < searchFor; passes *= 2)
    best = Math.min(best, schedule(acts, owning(howMany), { turns: 200 * passes, passes }).seconds)
  return {
    name: `${groups} groups x ${tries} tries with ${howMany === 1 ? 'one balance' : `${howMany} balances`}, against a search of 60 s`,
    value: usual / best,
    unit: 'x',
    goal: { most: 1.1 },
    note: `it cannot be below ${lowerBound(acts, owning(howMany))} s; found ${best} s`,
  }
}

function growth(): Figure {
  const [few, many] = [classOf(12, 30, seededRandom(3)), classOf(12, 120, seededRandom(3))]
  // Once beforehand, so that neither pays for what is compiled on the way.
  timed(many)
  const took = timed(many) / timed(few)
  const [less, more] = [12 * 30, 12 * 120]
  return {
    name: 'time of four times as many tries, against n log n',
    value: took / ((more * Math.log(more)) / (less * Math.log(less))),
    unit: 'x',
    goal: { most: 1 },
    note: `it took ${took.toFixed(1)} times as long`,
  }
}

const atOnce = (acts: Activity[][]): Figure => ({
  name: '12 groups x 12 levels x 10 tries, in a worker of its own',
  value: timed(acts),
  unit: 'ms',
  goal: null,
})

function timed(acts: Activity[][]): number {
  const times = Array.from({ length: rounds }, () => {
    const start = performance.now()
    schedule(acts, owning(3))
    return performance.now() - start
  })
  return median(times)
}
