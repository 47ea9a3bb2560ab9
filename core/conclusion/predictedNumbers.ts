import { median } from 'simple-statistics'
import type { Evidence } from '../evidence'
import type { Plan } from '../plan'
import { stripRoundingNoise } from '../quantity'
import type { ReadingsAt } from '../recording'
import type { PredictionAnswer } from './prediction'
import type { PredictorSeat } from './predictors'

/** A number that was predicted for a level, and what the predictor then read there. */
export interface PredictedNumber extends PredictorSeat {
  /** Whether the class predicted together, and so reads with all groups. */
  ofClass: boolean
  levelId: string
  /** The moment of the reading that it was predicted for; null where it is the result. */
  moment: string | null
  predicted: number
  /** Every counted try at that level, or every reading at that moment of it. */
  tries: number[]
  /** All tries as one number; null before the first. */
  found: number | null
  /** How much more was found than predicted; negative where it was less, null before the first try. */
  apart: number | null
}

/**
 * Predicted numbers beside what came of them, on the scale of the result or of the reading that they are for; predictions of another kind are left out, and numbers for
 * levels that are no longer in the plan.
 * @param doneForAll whether it was tested once, so that everybody's result is that one
 * @param who who predicts by the plan; of a class that predicts together, the result is that of all groups
 * @param read what was read at each moment
 * @example predictedNumbers('group', [{ groupId: 'leaf', seat: 0, answer: { format: 'number', levelId: 'h60', value: 30 } }], evidence, readingsAt(plan, counted))[0].found // 34
 */
export function predictedNumbers(
  who: Plan['prediction']['who'],
  predictions: readonly (PredictorSeat & { answer: PredictionAnswer })[],
  evidence: Pick<Evidence, 'cells' | 'results'>,
  read: ReadingsAt,
  doneForAll = false,
): PredictedNumber[] {
  return predictions.flatMap(({ groupId, seat, answer }) => {
    if (answer.format !== 'number') return []
    const { levelId, moment = null, value: predicted } = answer
    const ofClass = who === 'class'
    const ofAll = ofClass || doneForAll
    const whose = { groupId, seat, ofClass, levelId, moment, predicted }
    if (moment !== null) {
      const tries = read(levelId, moment, ofAll ? null : groupId)
      return [{ ...whose, tries, ...apartFrom(predicted, middleOf(tries)) }]
    }
    const cells = evidence.cells.filter(
      (cell) => cell.levelId === levelId && (ofAll || cell.groupId === groupId),
    )
    const found = ofAll
      ? evidence.results.find((result) => result.level.id === levelId)?.centre
      : cells[0]?.summary.centre
    const tries = cells.flatMap((cell) => cell.values)
    return [{ ...whose, tries, ...apartFrom(predicted, found ?? null) }]
  })
}

const apartFrom = (predicted: number, found: number | null) => ({
  found,
  apart: found === null ? null : stripRoundingNoise(found - predicted),
})

/**
 * The middle of several readings; null where there are none.
 * @example middleOf([41, 43, 48]) // 43
 */
export const middleOf = (readings: readonly number[]): number | null =>
  readings.length === 0 ? null : median([...readings])
