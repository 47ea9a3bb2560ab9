import { median } from 'simple-statistics'
import type { LevelResult } from '../../evidence'
import { resolutionOf, smallestDifference } from '../../instrument'
import { levelName, type Plan } from '../../plan'
import { capital, listed, printNumber, printQuantity } from '../../quantity'
import { amountOf, changeRecording, goesByShare, type Change } from './changes'

const other = { lost: 'gained', gained: 'lost' } as const
/** So many groups that all went the same way do so by chance less than once in thirty. */
const groupsThatAgree = 6

/**
 * Whether a level shows no change that its readings could tell from none: within what the readings of one try may be off, and not in
 * the same direction in every one of many groups.
 * @param changes of one level
 * @param readings how many readings enter one change
 * @example noChange(dough, [{ from: 200, to: 199, … }], 2) // true on 1 g marks
 */
export function noChange(plan: Plan, changes: readonly Change[], readings: number): boolean {
  const amounts = changes.map((change) => amountOf(plan, change))
  if (amounts.length === 0) return false
  if (Math.abs(median(amounts)) > smallestDifference(plan, readings) * (1 + 1e-9)) return false
  const groups = new Map<string, number[]>()
  for (const { row, ...change } of changes)
    groups.set(row.groupId, [...(groups.get(row.groupId) ?? []), amountOf(plan, change)])
  const signs = new Set([...groups.values()].map((of) => Math.sign(median(of))))
  return groups.size < groupsThatAgree || signs.size > 1 || signs.has(0)
}

/** How a change of a level is said, "…" standing for how large it is. */
export interface ToldVerbs {
  lost: string
  gained: string
}

/**
 * What each level did: how much it lost or gained, or that no change could be measured; and why shares are compared where they are.
 * @param whole said of what is the start of a change: "of its start"
 * @param verbs how a change is said, "…" standing for how large it is
 * @example changesTold(plan, changes, results, 2, 'of its start') // 'mass: jar lost 12 g and cup lost 8 g.'
 */
export function changesTold(
  plan: Plan,
  changes: readonly Change[],
  results: readonly LevelResult[],
  readings: number,
  whole: string,
  verbs: ToldVerbs = { lost: 'lost …', gained: 'gained …' },
): string | null {
  if (results.length === 0 || changes.length === 0) return null
  const byShare = goesByShare(plan, changes)
  const printed = (value: number) =>
    byShare
      ? `${printNumber(value, 1, 1)}% ${whole}`
      : printQuantity(value, plan.measured.unit, resolutionOf(plan).mark, 1)
  const still: string[] = []
  const moved: string[] = []
  for (const { level, centre } of results) {
    const name = levelName(plan, level)
    const own = changes.filter(({ row }) => row.levelId === level.id)
    const { change } = changeRecording(plan)
    if (noChange(plan, own, readings)) still.push(name)
    else {
      const verb = verbs[centre < 0 ? other[change] : change]
      moved.push(`${name} ${verb.replace('…', printed(Math.abs(centre)))}`)
    }
  }
  const within = printQuantity(
    smallestDifference(plan, readings),
    plan.measured.unit,
    resolutionOf(plan).mark,
    1,
  )
  return [
    ...(moved.length > 0 ? [`${plan.measured.name}: ${listed(moved)}.`] : []),
    ...(still.length > 0
      ? [
          `${moved.length > 0 ? `${capital(listed(still))}:` : `${plan.measured.name}, ${listed(still)}:`} no change we could measure; the readings of one try could show more than ${within}.`,
        ]
      : []),
    ...(byShare ? [whyShare(plan, changes)] : []),
  ].join(' ')
}

function whyShare(plan: Plan, changes: readonly Change[]): string {
  const starts = changes.map(({ from }) => from)
  const printed = (value: number) => printQuantity(value, plan.measured.unit, resolutionOf(plan).mark)
  return changeRecording(plan).compare === 'share'
    ? 'The changes are compared as shares of the start.'
    : `The starts differ, from ${printed(Math.min(...starts))} to ${printed(Math.max(...starts))}, so the changes are compared as shares of the start.`
}
