import type { Plan, Recording } from '../../plan'
import { printQuantity } from '../../quantity'
import { resolutionOf } from '../../instrument'

type Series = Extract<Recording, { kind: 'intervals' | 'daily' }>

/**
 * The plan as the scores of a row of readings are measured: "temperature lost" in degrees, or the minutes until a value was reached.
 * @param per the unit of time, as it is said: "minute", "day"
 * @param span how long the whole row takes, in it
 * @param gap how far two readings lie apart, in it
 * @param never whether a value was not reached by all: then only who came first can be said, and no amount
 * @example scoredSeries(jackets, 'minute', { span: 40, gap: 5, never: false }).measured.name // 'temperature lost'
 */
export function scoredSeries(
  plan: Plan,
  per: 'minute' | 'day',
  { span, gap, never }: { span: number; gap: number; never: boolean },
): Plan {
  const { score, target } = plan.recording as Series
  const { measured } = plan
  const { instrument, name, unit } = measured
  const range = instrument.greatest - instrument.least
  switch (score) {
    case 'end':
      return { ...plan, measured: { ...measured, name: `${name} at the end` } }
    case 'gained':
    case 'lost':
      return {
        ...plan,
        measured: {
          ...measured,
          name: `${name} ${score}`,
          instrument: { ...instrument, least: -range, greatest: range },
        },
      }
    case 'rate': {
      const share = (value: number) => Number((value / Math.max(1, span)).toPrecision(3))
      const mark = share(instrument.smallestMark)
      const { called: _ofTheReading, ...ofTheRate } = measured
      return {
        ...plan,
        measured: {
          ...ofTheRate,
          name: `change of ${name} a ${per}`,
          instrument: {
            ...instrument,
            smallestMark: mark,
            numberedEvery: mark,
            least: -range,
            greatest: range,
          },
        },
      }
    }
    case 'reached': {
      const said = target === undefined ? 'a value' : printQuantity(target, unit, resolutionOf(plan).mark)
      const own = per === 'minute' ? 'min' : 'count'
      return {
        ...plan,
        // Of what never came there is no mean.
        ...(never ? { summary: 'median' as const } : {}),
        measured: {
          name: `${per === 'minute' ? 'time' : 'days'} to reach ${said}`,
          unit: own,
          // What lies between two readings is known no better than they lie apart.
          instrument: {
            ...instrument,
            name: 'clock',
            unit: own,
            smallestMark: gap,
            numberedEvery: gap,
            least: 0,
            greatest: span,
          },
          ...(never ? { scale: { kind: 'when' as const, what: said, per: 'minute' as const } } : {}),
        },
        rounding: 'mark',
      }
    }
  }
}
