import type { Score } from '../core/evidence'
import { resolutionOf } from '../core/instrument'
import { printNumber, roundToMark } from '../core/quantity'
import { validateEntry, wayOf } from '../core/recording'
import { slotKey } from '../core/entries'
import { normalRandom, seededRandom } from '../core/random'
import { starters, type Starter } from '../starters'
import type { Figure } from './figure'
import { swappedMoments } from './swappedMoments'

const groupIds = Array.from({ length: 6 }, (_, index) => `g${index}`)
const lessons = 60
/** Those in which one number is read for each try. */
const readOnce = starters.filter(({ plan }) => wayOf(plan).picture === null)

/** The entries of a clean lesson in the order in which they come: all groups at work side by side. */
function cleanLesson({ plan, expected }: Starter, seed: number): Score[] {
  const normal = normalRandom(seededRandom(seed))
  const { mark } = resolutionOf(plan)
  const tries = { ...plan, tries: 3 }
  const own = groupIds.map((groupId, groupIndex) => {
    const factor = 1 + expected.groupSpread * normal()
    return wayOf(tries)
      .slots(tries, groupId, groupIndex)
      .map((slot): Score => {
        const { tryNumber } = slot
        const levelId = slot.levelId!
        const centre = expected.values[levelId]! * factor
        return {
          groupId,
          levelId,
          tryNumber,
          id: slotKey(slot),
          value: Math.max(0, roundToMark(centre * (1 + expected.trySpread * normal()), mark)),
        }
      })
  })
  const longest = Math.max(...own.map((one) => one.length))
  return Array.from({ length: longest }, (_, turn) => own.flatMap((one) => one[turn] ?? [])).flat()
}

interface Slip {
  kind: 'swapped' | 'misread' | 'misplaced' | 'repeated' | 'tenfold'
  value: number
}

/** What names such a slip when it is asked about. */
const named: Partial<Record<Slip['kind'], RegExp>> = {
  misread: /one mark worth/u,
  misplaced: /belong to|your last one/u,
  repeated: /belong to|your last one/u,
  tenfold: /Is it/u,
}

/** Slips of the place: what was read at the next level, the last number once more, millimetres in a lesson in centimetres. */
function slipsBeside(
  { plan }: Starter,
  { groupId, levelId, value }: Score,
  before: readonly Score[],
): Slip[] {
  const own = before.filter((one) => one.groupId === groupId)
  const next = plan.levels[(plan.levels.findIndex(({ id }) => id === levelId) + 1) % plan.levels.length]!
  const misplaced = own.filter((one) => one.levelId === next.id).at(-1)
  const last = own.at(-1)
  return [
    ...(misplaced ? [{ kind: 'misplaced' as const, value: misplaced.value }] : []),
    ...(last && last.levelId !== levelId ? [{ kind: 'repeated' as const, value: last.value }] : []),
    { kind: 'tenfold' as const, value: 10 * value },
  ]
}

/** Slips of the fingers and the eyes in a typed number, every one that can be made. */
function slipsOf({ plan }: Starter, value: number): Slip[] {
  const { mark } = resolutionOf(plan)
  const { numberedEvery } = plan.measured.instrument
  const text = printNumber(value, mark)
  const swapped = Array.from({ length: text.length - 1 }, (_, place) => {
    const next = text[place + 1] === '.' ? place + 2 : place + 1
    const letters = text.split('')
    if (letters[place] === '.' || next >= letters.length) return value
    ;[letters[place], letters[next]] = [letters[next]!, letters[place]!]
    return Number(letters.join(''))
  })
  const number = Math.floor(value / numberedEvery + 1e-9) * numberedEvery
  const misread = number + roundToMark((value - number) / 2, mark)
  return [
    ...swapped.map((one) => ({ kind: 'swapped' as const, value: one })),
    { kind: 'misread' as const, value: misread },
  ].filter((one) => one.value !== value)
}

const told = {
  misplaced: 'a number of the next level',
  repeated: 'the last number once more',
  tenfold: 'millimetres for centimetres',
} as const

/** How many slips an entry is asked about, and how many clean lessons have any question, over every starter. */
export async function entries(): Promise<Figure[]> {
  const none = () => ({ made: 0, noticed: 0, named: 0 })
  const counts = { swapped: none(), misread: none(), misplaced: none(), repeated: none(), tenfold: none() }
  let [clean, asked, typed, questioned] = [0, 0, 0, 0]
  let worst = { share: 0, id: '' }
  for (const [index, starter] of readOnce.entries()) {
    let askedHere = 0
    for (let lesson = 0; lesson < lessons; lesson++) {
      const all = cleanLesson(starter, 1000 * index + lesson)
      const hintsFor = (score: Score, value: number, before: Score[]) => {
        const entry = validateEntry(String(value), starter.plan, {
          slot: { ...score, moment: '' },
          others: before,
          row: [],
        })
        return entry.state === 'value' ? entry.hints : []
      }
      let questions = 0
      all.forEach((score, place) => {
        const before = all.slice(0, place)
        typed++
        if (hintsFor(score, score.value, before).length > 0) questions++
        const sd = Math.max(starter.expected.trySpread * starter.expected.values[score.levelId]!, 1e-9)
        if (before.filter((one) => one.levelId === score.levelId).length < 2) return
        for (const slip of [...slipsOf(starter, score.value), ...slipsBeside(starter, score, before)]) {
          if (Math.abs(slip.value - score.value) <= 4 * sd) continue
          counts[slip.kind].made++
          const hints = hintsFor(score, slip.value, before)
          if (hints.length > 0) counts[slip.kind].noticed++
          if (hints.some(({ message }) => named[slip.kind]?.test(message))) counts[slip.kind].named++
        }
      })
      clean++
      questioned += questions
      if (questions > 0) {
        asked++
        askedHere++
      }
    }
    const share = (100 * askedHere) / lessons
    if (share > worst.share) worst = { share, id: starter.id }
  }
  const noticed = (kind: keyof typeof counts, name: string, least: number): Figure => ({
    name: `${name} noticed on entry, every starter`,
    value: (100 * counts[kind].noticed) / counts[kind].made,
    unit: '%',
    goal: { least },
    note: `${counts[kind].made} slips of more than 4 sd with two readings to compare with`,
  })
  return [
    ...swappedMoments(),
    noticed('swapped', 'swapped digits', 60),
    noticed('misread', 'misread marks', 60),
    {
      name: 'misread marks named',
      value: (100 * counts.misread.named) / counts.misread.made,
      unit: '%',
      goal: { least: 40 },
    },
    ...(['misplaced', 'repeated', 'tenfold'] as const).flatMap((kind): Figure[] => [
      noticed(kind, told[kind], 60),
      {
        name: `${told[kind]} named`,
        value: (100 * counts[kind].named) / counts[kind].made,
        unit: '%',
        goal: { least: 40 },
      },
    ]),
    {
      name: 'clean entries with a question, every starter',
      value: (100 * questioned) / typed,
      unit: '%',
      goal: { most: 1 },
      note: `${((100 * asked) / clean).toFixed(0)} % of the lessons; most in ${worst.id}: ${worst.share.toFixed(0)} %`,
    },
  ]
}
