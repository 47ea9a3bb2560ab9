import { itemAt } from '../../defined'
import { levelName, orderedLevels, type Plan } from '../../plan'
import { capital, listed, printNumber } from '../../quantity'
import { firstReached } from './firstReached'
import { momentsOf, perOf, type Row } from './rows'
import { wordNames } from './words'

/** For each word but the first: when each level came to it, by the middle of its rows. */
export function firstsSaid(plan: Plan, rows: readonly Row[]): string {
  const per = perOf(plan)
  const last = momentsOf(plan).at(-1)
  const when = (at: number) =>
    at === Infinity
      ? 'never'
      : per === 'day'
        ? `day ${printNumber(at, 1, 1)}`
        : `${printNumber(at, 1, 1)} min`
  return wordNames(plan)
    .slice(1)
    .flatMap((word, index) => {
      const levels = orderedLevels(plan).flatMap((level) => {
        const own = rows
          .filter((row) => row.levelId === level.id)
          .flatMap(({ seen }) => {
            const at = firstReached(seen, index + 1)
            // Before the last look, "never" is only "not yet".
            return at === Infinity && !seen.some(({ moment }) => moment === last) ? [] : [at]
          })
        return own.length === 0 ? [] : [`${levelName(plan, level)} ${when(middleOf(own))}`]
      })
      return levels.length === 0 ? [] : [`first “${word}”: ${listed(levels)}.`]
    })
    .map((sentence, index) => (index === 0 ? sentence : capital(sentence)))
    .join(' ')
}

/** What never came ranks last; between a time and never there is no middle. */
function middleOf(times: readonly number[]): number {
  const sorted = [...times].sort((a, b) => a - b)
  const [below, above] = [itemAt(sorted, (sorted.length - 1) >> 1), itemAt(sorted, sorted.length >> 1)]
  return above === Infinity ? above : (below + above) / 2
}
