import { expect, it } from 'vitest'
import { normalRandom, seededRandom } from '../random'
import type { Judging } from './comparison'
import { judgeKinds } from './judgeKinds'
import { judgeTrend } from './judgeTrend'
import { tableOf } from './scoreTable'
import type { Verdict, VerdictWord } from './verdict'

/** What may become of a verdict when every group is there twice: nothing that says less. */
const allowed: Record<VerdictWord, VerdictWord[]> = {
  clear: ['clear'],
  leaning: ['leaning', 'clear', 'no-difference'],
  'cant-tell': ['cant-tell', 'leaning', 'clear', 'no-difference'],
  'no-difference': ['no-difference', 'clear'],
}

it('says no less of a class when each of its groups is there twice', () => {
  const random = seededRandom(2511)
  const normal = normalRandom(random)
  const pick = <T>(...of: T[]): T => of[Math.floor(random() * of.length)]!
  const seen = new Set<VerdictWord>()
  for (let one = 0; one < 1500; one++) {
    const size = { groups: pick(1, 2, 3, 4), levels: pick(2, 3, 4), tries: pick(1, 2, 3, 4) }
    const [wobble, spread, holes] = [pick(0, 0.3, 1, 3), pick(0, 1, 4), pick(0, 0, 0, 0.2)]
    const effects = Array.from({ length: size.levels }, () => Math.round(spread * normal()))
    const groups = Array.from({ length: size.groups }, () => {
      const high = 2 * normal()
      return effects.map((effect) =>
        random() < holes
          ? []
          : Array.from({ length: size.tries }, () => Math.round(30 + high + effect + wobble * normal())),
      )
    })
    const judging: Judging = {
      scale: pick('number', 'number', 'order'),
      best: pick('most', 'least'),
      worth: { least: pick(1, 2, 3), share: 0 },
      hasNought: true,
    }
    const judge = pick<(...given: Parameters<typeof judgeTrend>) => { verdict: Verdict }>(
      judgeTrend,
      judgeKinds,
    )
    const word = (all: number[][][]) =>
      judge({ ...tableOf(all, 'median'), mark: judging.scale === 'number' ? 1 : 0 }, judging).verdict.word
    const before = word(groups)
    seen.add(before)
    expect(allowed[before], JSON.stringify({ groups, judging })).toContain(word([...groups, ...groups]))
  }
  expect(seen.size).toBe(4)
})
