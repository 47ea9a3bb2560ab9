import { itemAt } from '../defined'
import { fromCupboard } from '../instrument'
import type { Plan } from '../plan'
import { unitDefinition } from '../quantity'
import { isInRounds, wayOf } from '../recording'
import { checkFits } from './checkFits'
import { canGoOn } from './parts'
import type { FitsContext } from './testingOf'

/** One press that makes a lesson shorter. */
export interface WayToFit {
  id: string
  label: string
  /** What it changes of the plan; all else stays as it is when it is taken. */
  changes: Partial<Plan>
  /** How long the longest lesson then takes, in minutes. */
  takes: number
  /** How many minutes it gains. */
  gains: number
  /** Whether it then fits. */
  fits: boolean
}

/**
 * What would make the lesson shorter, those that make it fit first and then by the minutes gained; each can be taken.
 * What the plan would then show less is for the rehearsal to say.
 * @example waysToFit(plan, { age: '7-9', groups: 6, lessonMinutes: 45, cupboard })[0].label // 'Share the levels out'
 */
export function waysToFit(plan: Plan, context: FitsContext): WayToFit[] {
  const now = checkFits(plan, context)
  const tried = candidates(plan, context).flatMap((candidate): WayToFit[] => {
    const then = checkFits({ ...plan, ...candidate.changes }, context)
    const gains = now.takes - then.takes
    if (
      then.state === 'none' ||
      then.parts.some((one) => one.problem !== null) ||
      (gains < 1 && !now.parts.some((one) => one.problem !== null))
    )
      return []
    return [{ ...candidate, takes: then.takes, gains, fits: then.takes <= then.minutes.lesson }]
  })
  // Another lesson costs a lesson.
  const costs = ({ id }: WayToFit) => Number(id === 'lessons')
  return tried.sort((a, b) => Number(b.fits) - Number(a.fits) || costs(a) - costs(b) || b.gains - a.gains)
}

type Candidate = Pick<WayToFit, 'id' | 'label' | 'changes'>

function candidates(plan: Plan, context: FitsContext): Candidate[] {
  return [
    ...whoTestsWhat(plan, context),
    ...fewerTries(plan, context),
    ...otherInstruments(plan, context),
    ...fewerReadings(plan, context),
    ...anotherDay(plan),
  ]
}

/** Rounds are one after another for everybody: there is nothing to share out. */
function whoTestsWhat(plan: Plan, { groups }: FitsContext): Candidate[] {
  if (isInRounds(plan) || plan.levels.length < 2 || groups < 2) return []
  const others: [Plan['whoTests'], string][] = [
    ['shared-levels', 'Share the levels out'],
    ['stations', 'Turn from station to station'],
    ['all-levels', 'Every group tests all of them'],
    ['whole-class', 'Do it once for all'],
  ]
  return others
    .filter(([who]) => who !== plan.whoTests && (who !== 'shared-levels' || plan.levels.length > 2))
    .filter(([who]) => who !== 'stations' || wayOf(plan).layout(plan) !== 'together')
    .map(([who, label]) => ({ id: who, label, changes: { whoTests: who } }))
}

/** As many tries as fit; where none do, one less. */
function fewerTries(plan: Plan, context: FitsContext): Candidate[] {
  const fewer = Array.from({ length: Math.max(0, plan.tries - 1) }, (_, index) => plan.tries - 1 - index)
  const fitting = fewer.find((tries) => isInTime({ ...plan, tries }, context)) ?? fewer[0]
  const [one, many] = wayOf(plan).tryWord
  const practice =
    plan.practiceTries > 0
      ? [{ id: 'no-practice', label: 'Without practice', changes: { practiceTries: 0 } }]
      : []
  if (fitting === undefined) return practice
  const label = `${fitting} ${fitting === 1 ? one : many} instead of ${plan.tries}`
  return [{ id: 'fewer-tries', label, changes: { tries: fitting } }, ...practice]
}

const isInTime = (plan: Plan, context: FitsContext) => {
  const { takes, minutes } = checkFits(plan, context)
  return takes <= minutes.lesson
}

/** From the cupboard, for the same quantity in the same unit, long enough for what can be read now and as fine. */
function otherInstruments(plan: Plan, { cupboard }: FitsContext): Candidate[] {
  const now = plan.measured.instrument
  if (wayOf(plan).needs(plan.recording).instruments === 0) return []
  const { dimension } = unitDefinition(now.unit)
  return cupboard
    .filter((other) => other.dimension === dimension && other.unit === now.unit && other.name !== now.name)
    .filter((other) => other.howMany > 0 && other.least <= now.least && other.greatest >= reach(plan))
    .map((other) => ({
      id: `instrument ${other.id}`,
      label: `Read with a ${other.name}`,
      changes: { measured: { ...plan.measured, instrument: fromCupboard(other) } },
    }))
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
  const counts = Array.from(
    { length: Math.max(0, minutes.length - 2) },
    (_, index) => minutes.length - 1 - index,
  )
  const count = counts.find((one) => isInTime({ ...plan, ...until(one) }, context)) ?? counts[0]
  const halved = minutes.filter((_, index) => index % 2 === 0 || index === minutes.length - 1)
  return [
    ...(count === undefined
      ? []
      : [{ id: 'sooner', label: `Stop after ${itemAt(minutes, count - 1)} minutes`, changes: until(count) }]),
    ...(halved.length < 2 || halved.length === minutes.length
      ? []
      : [
          {
            id: 'seldomer',
            label: 'Read every second time only',
            changes: { recording: { ...recording, minutes: halved } },
          },
        ]),
  ]
}

function anotherDay(plan: Plan): Candidate[] {
  const now = plan.times.lessons ?? 1
  if (!canGoOn(plan) || now >= Math.min(3, plan.tries)) return []
  const lessons = now + 1
  return [
    {
      id: 'lessons',
      label: lessons === 2 ? 'Make it two lessons' : 'Make it three lessons',
      changes: { times: { ...plan.times, lessons } },
    },
  ]
}
