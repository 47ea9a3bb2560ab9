import { resolutionOf } from '../core/instrument'
import { printNumber, roundToMark } from '../core/quantity'
import { normalRandom, seededRandom } from '../core/random'
import type { Entry } from '../core/entries'
import { contextOf, wayOf } from '../core/recording'
import { starters, type Starter } from '../starters'
import type { Figure } from './figure'

const groupIds = Array.from({ length: 6 }, (_, index) => `g${index}`)
const lessons = 20
const byRows = starters.filter(({ expected }) => expected.row)

/** What stands in a try, moment by moment, and the same with its first two numbers swapped. */
function readingsOf({ plan, expected }: Starter, levelId: string, normal: () => number, factor: number) {
  const { mark } = resolutionOf(plan)
  const score = expected.values[levelId]! * factor * (1 + expected.trySpread * normal())
  const wobble = 1 + (expected.trySpread / 4) * normal()
  return Object.entries(expected.row!(levelId, score, normal)).map(
    ([moment, value]) => [moment, Math.max(0, roundToMark(value * wobble, mark))] as const,
  )
}

const entryOf = (
  id: string,
  groupId: string,
  levelId: string,
  tryNumber: number,
  moment: string,
  value: number,
): Entry => ({
  ...{ id, groupId, levelId, tryNumber, moment },
  fields: { value: { typed: String(value), given: 'typed', value } },
  ...{ note: '', readWith: null, status: 'counted', reason: '', source: 'desk' },
  takenAt: '2026-03-09T10:00:00Z',
  supersedes: null,
})

/** How many tries whose two numbers changed places are asked about while they are typed. */
export function swappedMoments(): Figure[] {
  const counts = { made: 0, noticed: 0, named: 0 }
  for (const [index, starter] of byRows.entries()) {
    const plan = { ...starter.plan, tries: 3 }
    const { mark } = resolutionOf(plan)
    const way = wayOf(plan)
    for (let lesson = 0; lesson < lessons; lesson++) {
      const normal = normalRandom(seededRandom(1000 * index + lesson))
      const factors = groupIds.map(() => 1 + starter.expected.groupSpread * normal())
      const known: Entry[] = []
      for (let tryNumber = 1; tryNumber <= plan.tries; tryNumber++)
        for (const { id: levelId } of plan.levels)
          for (const [group, groupId] of groupIds.entries()) {
            const read = readingsOf(starter, levelId, normal, factors[group]!)
            const [first, second] = read
            // Two numbers that are nearly alike change places without a trace.
            const far = first && second && Math.abs(first[1] - second[1]) > Math.max(4 * mark, first[1] / 2)
            const others = known.filter((one) => one.levelId === levelId).length
            if (far && others >= 2 * read.length) {
              const typed = [
                entryOf('a', groupId, levelId, tryNumber, first[0], second[1]),
                entryOf('b', groupId, levelId, tryNumber, second[0], first[1]),
              ]
              const messages = typed.flatMap((one, place) => {
                const context = contextOf(plan, [...known, ...typed.slice(0, place)], one)
                const checked = way.check(plan, printNumber(Number(one.fields.value!.value), mark), context)
                return checked.state === 'value' ? checked.hints.map(({ message }) => message) : []
              })
              counts.made++
              if (messages.length > 0) counts.noticed++
              if (messages.some((message) => /changed places with/u.test(message))) counts.named++
            }
            for (const [moment, value] of read)
              known.push(entryOf(`${known.length}`, groupId, levelId, tryNumber, moment, value))
          }
    }
  }
  const share = (count: number) => (100 * count) / counts.made
  return [
    {
      name: 'swapped moments noticed on entry',
      value: share(counts.noticed),
      unit: '%',
      goal: { least: 60 },
      note: `${counts.made} tries`,
    },
    { name: 'swapped moments named', value: share(counts.named), unit: '%', goal: { least: 40 } },
  ]
}
