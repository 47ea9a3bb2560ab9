import { itemAt } from '../../defined'
import { fromCupboard } from '../../instrument'
import { expectedValues, type Plan } from '../../plan'
import { unitDefinition } from '../../quantity'
import { isInRounds, wayOf } from '../../recording'
import { adultsOf, waitsForAdult } from '../adults'
import { lessonTime, type LessonTime } from '../lessonTime'
import { canGoOn, mostLessons } from '../parts'
import type { FitsContext } from '../testingOf'
import { boundBySteps } from './boundBySteps'

/** One change of a plan that may make its lesson shorter. */
export interface Candidate {
  id: string
  label: string
  /** What it changes of the plan; all else stays as it is. */
  changes: Partial<Plan>
}

/** Shorter than that, nobody has been told what to do. In minutes. */
const shortestTalk = 3
/** More helpers than that stand in each other's way. */
const mostAdults = 4

/**
 * What could be changed so that a lesson is shorter, and the test stays what its steps and its expected difference make it.
 * @param now how long it takes as it is
 * @example [...candidates(plan, context, lessonTime(plan, context))][0].id // 'shared-levels'
 */
export function* candidates(plan: Plan, context: FitsContext, now: LessonTime): Generator<Candidate> {
  yield* whoTestsWhat(plan, context)
  yield* oneMoreAdult(plan, context)
  yield* shorterTalk(plan, now)
  yield* fewerTries(plan, context)
  yield* fewerRounds(plan, context)
  yield* otherInstruments(plan, context)
  yield* fewerReadings(plan, context)
  yield* anotherDay(plan)
}

/** The whole numbers below one, down to another. */
const downFrom = (from: number, to: number) =>
  Array.from({ length: Math.max(0, from - to) }, (_, index) => from - 1 - index)

/**
 * The mildest of changes that makes a lesson fit; the mildest of all where none does. A bisection, since each costs a timetable: what
 * takes less away takes no less time.
 * @param values from the mildest on
 */
function mildest<T>(values: readonly T[], planWith: (value: T) => Plan, context: FitsContext): T | undefined {
  const fits = (index: number) => {
    const { takes, minutes } = lessonTime(planWith(itemAt(values, index)), context)
    return takes <= minutes.lesson
  }
  if (values.length === 0 || !fits(values.length - 1)) return values[0]
  let [low, high] = [0, values.length - 1]
  while (low < high) {
    const middle = (low + high) >> 1
    if (fits(middle)) high = middle
    else low = middle + 1
  }
  return values[low]
}

/** Rounds are one after another for everybody: there is nothing to share out. */
function whoTestsWhat(plan: Plan, { groups }: FitsContext): Candidate[] {
  if (isInRounds(plan) || plan.levels.length < 2 || groups < 2) return []
  const { together, ownBody } = boundBySteps(plan)
  const apart = !together && !ownBody
  const others: [Plan['whoTests'], string, boolean][] = [
    ['shared-levels', 'Share the levels out', apart && plan.levels.length > 2],
    ['stations', 'Turn from station to station', apart && wayOf(plan).layout(plan) !== 'together'],
    ['all-levels', 'Every group tests all of them', true],
    ['whole-class', 'Do it once for all', !ownBody],
  ]
  return others
    .filter(([who, , isSound]) => who !== plan.whoTests && isSound)
    .map(([who, label]) => ({ id: who, label, changes: { whoTests: who } }))
}

function oneMoreAdult(plan: Plan, { age }: FitsContext): Candidate[] {
  const adults = adultsOf(plan) + 1
  if (adults > mostAdults || !waitsForAdult(plan, age)) return []
  return [{ id: 'helper', label: 'One more adult to help', changes: { times: { ...plan.times, adults } } }]
}

/** As long as fits, never under three minutes. */
function shorterTalk(plan: Plan, { takes, minutes }: LessonTime): Candidate[] {
  const { talk: now, lesson } = minutes
  const talk = Math.max(shortestTalk, Math.floor(now - Math.max(1, takes - lesson)))
  if (talk >= now) return []
  const label = `Talk for ${talk} minutes instead of ${now}`
  return [{ id: 'talk', label, changes: { times: { ...plan.times, talk } } }]
}

/** As many tries as fit; where none do, one less. */
function fewerTries(plan: Plan, context: FitsContext): Candidate[] {
  const [one, many] = wayOf(plan).tryWord
  const practice =
    plan.practiceTries > 0
      ? [{ id: 'no-practice', label: 'Without practice', changes: { practiceTries: 0 } }]
      : []
  if (boundBySteps(plan).tries) return practice
  const tries = mildest(downFrom(plan.tries, 1), (fewer) => ({ ...plan, tries: fewer }), context)
  if (tries === undefined) return practice
  const label = `${tries} ${tries === 1 ? one : many} instead of ${plan.tries}`
  return [{ id: 'fewer-tries', label, changes: { tries } }, ...practice]
}

/** As many rounds as fit, two at least: with one there is nothing to beat. */
function fewerRounds(plan: Plan, context: FitsContext): Candidate[] {
  if (!isInRounds(plan)) return []
  const { length } = plan.levels
  const only = (count: number): Partial<Plan> => ({ levels: plan.levels.slice(0, count) })
  const rounds = mildest(downFrom(length, 2), (count) => ({ ...plan, ...only(count) }), context)
  if (rounds === undefined) return []
  return [{ id: 'fewer-rounds', label: `${rounds} rounds instead of ${length}`, changes: only(rounds) }]
}

/** From the cupboard, for the same quantity in the same unit, long enough for what can be read now and fine enough to tell levels apart. */
function otherInstruments(plan: Plan, { cupboard }: FitsContext): Candidate[] {
  const now = plan.measured.instrument
  if (wayOf(plan).needs(plan.recording).instruments === 0) return []
  const { dimension } = unitDefinition(now.unit)
  const coarsest = Math.max(now.smallestMark, coarsestMark(plan))
  return cupboard
    .filter((other) => other.dimension === dimension && other.unit === now.unit && other.name !== now.name)
    .filter((other) => other.howMany > 0 && other.least <= now.least && other.greatest >= reach(plan))
    .filter((other) => other.smallestMark <= coarsest)
    .map((other) => ({
      id: `instrument ${other.id}`,
      label: `Read with a ${other.name}`,
      changes: { measured: { ...plan.measured, instrument: fromCupboard(other) } },
    }))
}

/** Marks that are further apart than half of what is expected between two levels hide it; 0 where nothing is expected. */
function coarsestMark(plan: Plan): number {
  if (!plan.expected) return 0
  const values = [...expectedValues(plan, plan.expected).values()].sort((a, b) => a - b)
  const gaps = values.slice(1).flatMap((value, index) => value - itemAt(values, index) || [])
  return gaps.length === 0 ? 0 : Math.min(...gaps) / 2
}

/** How far a scale must go: as far as is expected, or as the one that is used. */
const reach = ({ expected, measured }: Plan) =>
  expected ? 1.2 * Math.max(expected.first, expected.last) : measured.instrument.greatest

/** Stop sooner, or read every second time only. */
function fewerReadings(plan: Plan, context: FitsContext): Candidate[] {
  const minutes = wayOf(plan).readMinutes(plan)
  if (!minutes || !('minutes' in plan.recording)) return []
  const { recording } = plan
  const until = (count: number) => ({ recording: { ...recording, minutes: minutes.slice(0, count) } })
  const count = mildest(downFrom(minutes.length, 2), (fewer) => ({ ...plan, ...until(fewer) }), context)
  const halved = minutes.filter((_, index) => index % 2 === 0 || index === minutes.length - 1)
  const isHalved = halved.length >= 2 && halved.length < minutes.length && !boundBySteps(plan).readings
  return [
    ...(count === undefined
      ? []
      : [{ id: 'sooner', label: `Stop after ${itemAt(minutes, count - 1)} minutes`, changes: until(count) }]),
    ...(isHalved
      ? [
          {
            id: 'seldomer',
            label: 'Read every second time only',
            changes: { recording: { ...recording, minutes: halved } },
          },
        ]
      : []),
  ]
}

function anotherDay(plan: Plan): Candidate[] {
  const now = plan.times.lessons ?? 1
  if (!canGoOn(plan) || now >= mostLessons(plan)) return []
  const lessons = now + 1
  return [
    {
      id: 'lessons',
      label: lessons === 2 ? 'Make it two lessons' : 'Make it three lessons',
      changes: { times: { ...plan.times, lessons } },
    },
  ]
}
