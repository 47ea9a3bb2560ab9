import { scoresOf, scoredPlan, weighLesson } from '../../core/comparison'
import { cellsOf, oddReadings, type Score } from '../../core/evidence'
import type { Entry } from '../../core/entries'
import { comparisonOf, valueField } from '../../core/recording'
import { normalRandom, seededRandom, type Random } from '../../core/random'
import { examplePlan } from '../../core/testing/examplePlan'
import { simulateEntries } from '../../demo/entries'
import { starters, type Starter } from '../../starters'
import type { Figure } from '../figure'

const groups = 6
const tries = 3
const groupIds = Array.from({ length: groups }, (_, index) => `g${index}`)

/** What a clean class of a starter writes down. */
const cleanClass = (starter: Starter, random: Random): Entry[] =>
  simulateEntries(starter, { groupIds, start: '2026-03-09T10:00:00Z', done: [], mishaps: {} }, random)

/** The readings that Compare says stand apart. */
const flagged = (starter: Starter, entries: readonly Entry[]) =>
  new Set(weighLesson(starter.plan, entries, groupIds, true).odd.map(({ id }) => id))

/** Whether one reading is one score, tried often enough to stand apart from its own: elsewhere a slip is asked about when it is typed. */
function isReadForItself({ plan }: Starter, entries: readonly Entry[]): boolean {
  const ids = new Set(entries.map(({ id }) => id))
  const isNumber = scoredPlan(plan, entries).measured.scale === undefined
  return isNumber && plan.tries >= tries && scoresOf(plan, entries).every(({ id }) => ids.has(id))
}

const withValue = (entries: readonly Entry[], chosen: Entry, change: (value: number) => number) =>
  entries.map((entry) => {
    const field = entry.fields[valueField]
    if (entry !== chosen || !field) return entry
    const value = change(Number(field.value))
    return { ...entry, fields: { ...entry.fields, [valueField]: { ...field, typed: String(value), value } } }
  })

/** Odd readings over every starter: how often a clean lesson has one, and how often what is odd is found. */
export function oddOnes(lessons: number): Figure[] {
  const found = starters.map((starter, index) => {
    const random = seededRandom(500 + index)
    const isRead = isReadForItself(starter, cleanClass(starter, random))
    let clean = 0
    let slips = 0
    let shifts = 0
    for (let one = 0; one < lessons; one++) {
      const entries = cleanClass(starter, random)
      if (flagged(starter, entries).size > 0) clean++
      if (!isRead) continue
      const chosen = entries[Math.floor(random() * entries.length)]!
      const finds = (change: (value: number) => number) =>
        flagged(starter, withValue(entries, chosen, change)).has(chosen.id)
      const { trySpread, values } = starter.expected
      const sd = Math.max(trySpread * values[chosen.levelId!]!, comparisonOf(starter.plan).error)
      const sign = random() < 0.5 ? -1 : 1
      if (finds((value) => value * 10)) slips++
      if (finds((value) => value + sign * 6 * sd)) shifts++
    }
    const share = (count: number) => (100 * count) / lessons
    return { starter, isRead, clean: share(clean), slips: share(slips), shifts: share(shifts) }
  })
  const worst = (key: 'clean' | 'slips' | 'shifts', name: string, goal: Figure['goal']): Figure => {
    const able = key === 'clean' ? found : found.filter(({ isRead }) => isRead)
    const sorted = [...able].sort((a, b) => (key === 'clean' ? b[key] - a[key] : a[key] - b[key]))
    return {
      name: `${name}, worst of ${able.length} starters`,
      value: sorted[0]![key],
      unit: '%',
      goal,
      note: sorted[0]!.starter.id,
    }
  }
  return [
    sameWobble(5 * lessons),
    worst('clean', 'a clean lesson has an odd reading', { most: 15 }),
    worst('slips', 'a slip of x10 is odd', { least: 95 }),
    worst('shifts', 'a shift of six sd is odd', { least: 80 }),
  ]
}

/** A clean lesson whose tries scatter alike at all levels, which no starter does. */
function sameWobble(lessons: number): Figure {
  const normal = normalRandom(seededRandom(20261124))
  const plan = examplePlan()
  const comparison = comparisonOf(plan)
  let flagged = 0
  for (let one = 0; one < lessons; one++) {
    const scores = Array.from({ length: groups }, (_, groupIndex) => {
      const high = 3 * normal()
      return plan.levels.flatMap(({ id: levelId, value }) =>
        Array.from({ length: tries }, (_, index): Score => ({
          id: `${groupIndex}|${levelId}|${index}`,
          groupId: `g${groupIndex}`,
          levelId,
          tryNumber: index + 1,
          value: Math.round(0.55 * value! + high + 3 * normal()),
        })),
      )
    }).flat()
    if (oddReadings(cellsOf(comparison, scores), comparison).length > 0) flagged++
  }
  return {
    name: 'a clean lesson that wobbles alike at all levels has an odd reading',
    value: (100 * flagged) / lessons,
    unit: '%',
    goal: { most: 15 },
  }
}
