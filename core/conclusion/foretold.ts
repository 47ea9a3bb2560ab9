import type { Comparison } from '../evidence'
import type { PredictionAnswer } from './prediction'

/** Two levels: the ends of a stretch, or a pair, in either order. */
export type TwoLevels = readonly [string, string]

/**
 * The stretches and pairs of levels that were predicted before anybody read anything. What is predicted later may have been chosen by
 * looking at the results.
 * @param predictions `madeAt` in ISO 8601
 * @param entries all that was ever recorded, whether it counts or not
 * @example foretoldBy([{ answer: { format: 'pair', levelId: 'tile', overId: 'carpet' }, madeAt: '2026-05-04T09:00:00Z' }], []) // [['tile', 'carpet']]
 */
export function foretoldBy(
  predictions: readonly { answer: PredictionAnswer; madeAt: string }[],
  entries: readonly { takenAt: string }[],
): TwoLevels[] {
  const first = Math.min(...entries.map(({ takenAt }) => Date.parse(takenAt)))
  const found = predictions.flatMap(({ answer, madeAt }): TwoLevels[] => {
    if (Date.parse(madeAt) >= first) return []
    if (answer.format === 'stretch') return [[answer.fromId, answer.toId]]
    return answer.format === 'pair' ? [[answer.levelId, answer.overId]] : []
  })
  return found.filter((one, index) => found.findIndex((other) => isSame(one, other)) === index)
}

/**
 * From how many stretches, or pairs, of levels these two were chosen: from all that there are, or only from those that were predicted
 * before testing where they are among them.
 * @example choicesOf({ levels, foretold: [] }, ['h20', 'h60']) // 3 of three levels
 */
export function choicesOf(
  { levels, foretold }: Pick<Comparison, 'levels' | 'foretold'>,
  two: TwoLevels,
): number {
  const all = (levels.length * (levels.length - 1)) / 2
  return isForetold({ foretold }, two) ? Math.min(foretold.length, all) : all
}

/**
 * Whether this stretch, or pair, was predicted before testing.
 * @example isForetold({ foretold: [['tile', 'carpet']] }, ['carpet', 'tile']) // true
 */
export const isForetold = ({ foretold }: Pick<Comparison, 'foretold'>, two: TwoLevels): boolean =>
  foretold.some((one) => isSame(one, two))

const isSame = (one: TwoLevels, other: TwoLevels) =>
  (one[0] === other[0] && one[1] === other[1]) || (one[0] === other[1] && one[1] === other[0])
