import { defined } from '../../defined'
import { median } from 'simple-statistics'
import { resolutionOf } from '../../instrument'
import type { Plan } from '../../plan'
import { stripRoundingNoise } from '../../quantity'
import { changeRecording, goesByShare, type Change } from './changes'

/**
 * The plan as changes are measured: "mass lost" in grams, or "share of mass lost" in per cent where the starts decide so. What was
 * expected in grams is then expected as a share of the middle start.
 * @param readings how many readings enter at most, which widens the scale
 * @example scoredChange(plan, changes, 2).measured.name // 'mass lost'
 */
export function scoredChange(plan: Plan, changes: readonly Change[], readings: number): Plan {
  const { measured } = plan
  const { instrument } = measured
  const range = readings * (instrument.greatest - instrument.least)
  const name = `${measured.name} ${changeRecording(plan).change}`
  if (!goesByShare(plan, changes))
    return {
      ...plan,
      measured: { ...measured, name, instrument: { ...instrument, least: -range, greatest: range } },
    }
  const start = changes.length === 0 ? null : median(changes.map(({ from }) => from))
  const share = (value: number) => stripRoundingNoise((100 * value) / (start ?? 100))
  const mark = start === null ? 1 : roundMark(share(resolutionOf(plan).mark))
  const { expected } = plan
  // Where shares were planned, they are what was expected.
  const planned = changeRecording(plan).compare === 'share'
  return {
    ...plan,
    rounding: 'mark',
    measured: {
      name: `share of ${name}`,
      unit: 'percent',
      instrument: {
        ...instrument,
        unit: 'percent',
        smallestMark: mark,
        numberedEvery: 10 * mark,
        least: -1e5,
        greatest: 1e5,
      },
    },
    expected:
      planned || !expected
        ? expected
        : { first: share(expected.first), last: share(expected.last), apart: share(expected.apart) },
  }
}

/** The next 1, 2 or 5 of some power of ten: shares are known no better than their readings. */
function roundMark(mark: number): number {
  const power = 10 ** Math.floor(Math.log10(mark))
  return stripRoundingNoise(power * defined([1, 2, 5, 10].find((step) => step * power >= mark * (1 - 1e-9))))
}
