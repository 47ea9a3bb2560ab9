import type { LevelResult, ResultSentence } from '../../evidence'
import { resolutionOf } from '../../instrument'
import { levelName, orderedLevels, type Plan, type SeriesScore } from '../../plan'
import { listed, printQuantity } from '../../quantity'
import type { Curve } from '../way'
import { classCurves, curveKey } from './classCurves'

const other = { lost: 'gained', gained: 'lost' } as const

/**
 * What each level did over the whole row: how much it lost or gained, or that a value was reached between two readings.
 * @param over the time that the row takes, as it is said
 * @returns null where the sentence of the result says it all
 * @example toldOf(jackets, lost, 'in 40 minutes') // 'temperature: wool lost 9 °C and foil lost 14 °C in 40 minutes.'
 */
export function toldOf(
  plan: Plan,
  score: SeriesScore,
  results: readonly LevelResult[],
  over: string,
): string | null {
  const came = results.filter((result) => Number.isFinite(result.centre))
  if (score === 'reached')
    return came.length === 0
      ? null
      : 'We take it to have changed evenly between two readings, so these times are only as exact as the gap between them.'
  if ((score !== 'lost' && score !== 'gained') || came.length === 0) return null
  const said = came.map(({ level, centre }) => {
    const verb = centre < 0 ? other[score] : score
    return `${levelName(plan, level)} ${verb} ${printed(plan, Math.abs(centre))}`
  })
  return `${plan.measured.name}: ${listed(said)} ${over}.`
}

/**
 * What is to be seen of rows that are not complete yet: the class's latest reading at each level.
 * @param last the moment with which a row is complete
 * @returns null where nothing was read
 * @example soFarOf(plan, curves, 'day 10')?.sentence // 'So far: window sill 36 mm and inside a cupboard 56 mm.'
 */
export function soFarOf(plan: Plan, curves: readonly Curve[], last: string): ResultSentence | null {
  const lines = classCurves(curves)
  const positions = [...new Set(curves.map((curve) => curve.position))]
  const seen = orderedLevels(plan).flatMap((level) =>
    positions.flatMap((position) => {
      const latest = lines.get(curveKey(level.id, position))?.at(-1)
      const name = [levelName(plan, level), position].filter(Boolean).join(', ')
      return latest ? [`${name} ${printed(plan, latest.value)}`] : []
    }),
  )
  if (seen.length === 0) return null
  return {
    sentence: `So far: ${listed(seen)}.`,
    reasons: ['The middle of the groups at their latest reading.', `They are compared once ${last} is read.`],
  }
}

const printed = (plan: Plan, value: number) =>
  printQuantity(value, plan.measured.unit, resolutionOf(plan).mark, 1)
