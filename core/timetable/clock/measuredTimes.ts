import { firstOf, itemAt } from '../../defined'
import { median } from 'simple-statistics'
import { classSteps, type Plan, type PlanTimes } from '../../plan'
import { isInRounds, wayOf } from '../../recording'
import type { Entry } from '../../entries'
import { turnsIn, turnsTaken } from '../roles/turns'
import { secondsFor, trySeconds, type Hands } from '../usualTimes'
import { clockLog, type Taken } from './clockLog'

/** Gaps between two tries that are longer than that are no try: somebody was elsewhere. In seconds. */
const longest = 1800
/** Fewer gaps say nothing of how long a try takes. */
const fewest = 4

/**
 * What a lesson really took, as times of the next plan of the same: the steps of the class that were done, by the clock; and one try, by when
 * the groups wrote theirs down, where tries follow one another; where that was
 * done later, by how long the test took a group that was through. What is told of a try is the time around what happens in it and its
 * reading.
 * @example measuredTimes(plan, { taken: [], ended: null }, [], { age: '7-9' }) // {}: nothing was done yet
 */
export function measuredTimes(plan: Plan, clock: Taken, counted: readonly Entry[], hands: Hands): PlanTimes {
  const log = clockLog(clock)
  const steps = Object.fromEntries(
    classSteps.flatMap((id) => {
      const step = log?.steps.find((one) => one.id === id)
      // A step that was passed over was not done.
      return step && step.took >= 0.5 ? [[id, Math.round(step.took)]] : []
    }),
  )
  return {
    ...steps,
    ...tryTimes(plan, counted, log?.steps.find((one) => one.id === 'test')?.took ?? null, hands),
  }
}

function tryTimes(
  plan: Plan,
  counted: readonly Entry[],
  testMinutes: number | null,
  hands: Hands,
): Pick<PlanTimes, 'setUp' | 'reset'> {
  const way = wayOf(plan)
  const needs = way.needs(plan.recording)
  // Between two tries of rounds lies building, and nobody says how long that was.
  if (needs.sideBySide || needs.days > 1 || way.readMinutes(plan) || isInRounds(plan)) return {}
  const gaps = [...new Set(counted.map((one) => one.groupId))].flatMap((groupId) =>
    gapsOf(counted.filter((one) => one.groupId === groupId)),
  )
  if (gaps.length >= fewest) return aroundReading(plan, median(gaps), hands)
  const all = finishedTries(plan, counted)
  return testMinutes === null || all === 0 ? {} : aroundReading(plan, (testMinutes * 60) / all, hands)
}

/** How many tries, practice with them, a group has done that is through; 0 where none is. */
function finishedTries(plan: Plan, counted: readonly Entry[]): number {
  const groupIds = [...new Set(counted.map((one) => one.groupId))]
  const needed = (groupId: string) => turnsIn(plan, groupId, 0)
  const through = groupIds.find((groupId) => turnsTaken(plan, groupId, 0, counted) >= needed(groupId))
  return through === undefined ? 0 : needed(through) + plan.practiceTries
}

/** Seconds between the first readings of tries that a group wrote down one after another. */
function gapsOf(own: readonly Entry[]): number[] {
  const begun = new Map<string, number>()
  for (const { levelId, tryNumber, takenAt, source } of own) {
    if (source !== 'sheet') continue
    const key = `${levelId}|${tryNumber}`
    begun.set(key, Math.min(begun.get(key) ?? Infinity, Date.parse(takenAt)))
  }
  const times = [...begun.values()].sort((a, b) => a - b)
  return times
    .slice(1)
    .map((time, index) => (time - itemAt(times, index)) / 1000)
    .filter((gap) => gap > 0 && gap < longest)
}

/** What is left of a try without what happens in it and its readings, shared out as before. */
function aroundReading(plan: Plan, tryTakes: number, hands: Hands): Pick<PlanTimes, 'setUp' | 'reset'> {
  const slots = wayOf(plan).slots(plan, '', 0)
  const first = firstOf(slots)
  const readings = slots.filter(
    (slot) => slot.levelId === first.levelId && slot.tryNumber === first.tryNumber,
  ).length
  const runs = plan.levels.map((level) => trySeconds(plan, level.id, hands))
  const { setUp, reset } = firstOf(runs)
  const run = median(runs.map((one) => one.run))
  const reading = secondsFor(hands, plan.measured.instrument.secondsPerReading)
  const around = Math.max(10, tryTakes - run - readings * reading)
  const share = setUp + reset === 0 ? 0.5 : setUp / (setUp + reset)
  return { setUp: Math.round(around * share), reset: Math.round(around * (1 - share)) }
}
