import { median } from 'simple-statistics'
import { resolutionOf } from '../../instrument'
import type { Plan } from '../../plan'
import { printQuantity } from '../../quantity'
import type { EntryContext } from '../entryValidation'
import { numberOf } from '../numberOf'
import { inSum } from '../working'
import { changeRecording, goesByShare } from './changes'
import { containerMoment, containerOf } from './containers'

/** A container weighs less by itself than with something in it. */
export function againstContainer(plan: Plan, value: number, { slot, row }: EntryContext): string | null {
  if (containerOf(plan) !== 'weighed') return null
  const read = row.flatMap((one) => {
    const number = numberOf(plan, one)
    return number === null ? [] : [{ moment: one.moment, number }]
  })
  if (slot.moment === containerMoment) {
    const filled = read.filter(({ moment }) => moment !== containerMoment).map(({ number }) => number)
    const lightest = Math.min(...filled)
    return lightest < value
      ? `Filled, it read ${inSum(plan, lightest)}: it can’t be more when it is empty. Look again.`
      : null
  }
  const empty = read.find(({ moment }) => moment === containerMoment)
  return empty && value < empty.number
    ? `Its container alone reads ${inSum(plan, empty.number)}. Was that taken off already? Type what the ${plan.measured.instrument.name} shows.`
    : null
}

/** What the first reading says beside the other starts; null where it is like them, or where it need not be. */
export function againstStarts(
  plan: Plan,
  value: number,
  { slot, others }: EntryContext,
  first: string,
): string | null {
  const { compare } = changeRecording(plan)
  if (slot.moment !== first || others.length < 2 || compare === 'share') return null
  const middle = median(others.map((one) => one.value))
  const { mark } = resolutionOf(plan)
  const { unit } = plan.measured
  // Once somebody has started like this, it has been noticed.
  const alike = Math.max(4 * mark, Math.abs(middle) / 20)
  if (others.some((one) => Math.abs(value - one.value) <= alike)) return null
  const near = `The others start near ${printQuantity(middle, unit, mark, 1)}. Can they all start alike?`
  return compare === 'starts' && goesByShare(plan, [{ from: value }, { from: middle }])
    ? `${near} If not, shares of the start are compared.`
    : near
}
