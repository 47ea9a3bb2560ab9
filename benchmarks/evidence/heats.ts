import { emptyTable, judgeKinds, judgeTrend, summarise, type Judging } from '../../core/evidence'
import { normalRandom, seededRandom } from '../../core/random'
import type { Figure } from '../figure'

const judging: Judging = { scale: 'order', best: 'least', worth: { least: 0, share: 0 }, hasNought: false }
const sizes = [1, 2, 3, 4, 6].flatMap((groups) =>
  [2, 3, 4].flatMap((levels) => [1, 2, 4, 6, 10].map((heats) => ({ groups, levels, heats }))),
)

/** Races in which nothing is true, few heats and few groups among them, and how often one that is really ahead is seen to be. */
export function heats(classes: number): Figure[] {
  const wrong = (lane: number) =>
    Math.max(
      ...sizes.flatMap((size, index) =>
        [judgeTrend, judgeKinds].map((judge) =>
          clearIn(classes, size, { lane, ahead: 0 }, judge, 700 + index),
        ),
      ),
    )
  return [
    {
      name: `clear on nothing in a race, largest of ${2 * sizes.length} designs`,
      value: wrong(0),
      unit: '%',
      goal: { most: 5.5 },
    },
    {
      name: 'the same where each lane is off by a whole sd',
      value: wrong(1),
      unit: '%',
      goal: { most: 7 },
    },
    {
      name: 'clear and right in a race of 6 groups, 4 runners, 3 heats, one 2 sd ahead',
      value: clearIn(classes, { groups: 6, levels: 4, heats: 3 }, { lane: 0, ahead: 2 }, judgeKinds, 7),
      unit: '%',
      goal: { least: 90 },
    },
  ]
}

function clearIn(
  classes: number,
  { groups, levels, heats: tries }: (typeof sizes)[number],
  { lane, ahead }: { lane: number; ahead: number },
  judge: typeof judgeKinds | typeof judgeTrend,
  seed: number,
): number {
  const table = { ...emptyTable(levels, groups, tries), inHeats: true }
  table.counts.fill(tries)
  const normal = normalRandom(seededRandom(seed))
  let clear = 0
  for (let one = 0; one < classes; one++) {
    for (let group = 0; group < groups; group++) {
      const slow = Array.from({ length: levels }, (_, level) => lane * normal() - (level === 0 ? ahead : 0))
      for (let heat = 0; heat < tries; heat++) {
        const times = slow.map((time) => time + normal())
        for (const [level, time] of times.entries())
          table.values[(group * levels + level) * tries + heat] =
            1 + times.filter((other) => other < time).length
      }
    }
    summarise(table, 'median')
    const { word, because } = judge(table, judging).verdict
    if (word === 'clear' && because !== 'level-at-top') clear++
  }
  return (100 * clear) / classes
}
