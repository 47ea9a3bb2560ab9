import { itemAt, lastOf, defined } from '../../defined'
import { endWords } from '../../words'
import { asRank, comparesAs } from './rankWords'
import type { LevelResult, Score } from '../../evidence'
import { levelName, orderedLevels, type Plan } from '../../plan'
import { capital, listed } from '../../quantity'
import type { Slot } from '../../entries'
import type { EntryValidation, EntryContext } from '../entryValidation'
import { letterOf, levelMeant } from '../letters'
import { valueField } from '../numberOf'
import { ordinalPlan } from '../ordinalPlan'
import { ownLevels } from '../ownLevels'
import { levelSaid, plainWay } from '../plainWay'
import type { Doubt, Understood, Way } from '../way'
import { sideBySide } from '../wayNeeds'
import { growOrder } from './insertion'
import { ladders } from './ladders'
import { shortestContradiction, type Found } from './relation'
import { allPairs, comparisonIn, ordersOf, pairOf, pairSlot, rowsOf, theSame } from './rows'

/** Two at a time: which has more? The order of all grows out of the fewest comparisons. */
export const pairs: Way = {
  ...plainWay,
  kind: 'pairs',
  sheetEntry: 'pair',
  name: 'in pairs, one against the other',
  verb: 'compare two at a time for',
  oneEntry: 'which of the two has more',
  options: [],
  usualRecording: { kind: 'pairs' },
  onlyUnit: 'count',
  onceIsEnough: true,
  onlyTry: 'compare these two',
  unrehearsed:
    'We can’t rehearse an order from pairs: nobody can say beforehand which pairs are hard to tell apart. Let more than one group find its own order; trust it where they agree.',
  needs: () => ({ ...sideBySide, instruments: 0 }),

  slots: (plan, groupId, groupIndex) =>
    Array.from({ length: plan.tries }, (_, index) => index + 1).flatMap((tryNumber) =>
      allPairs(ownLevels(plan, groupIndex)).map(([a, b]) => pairSlot(groupId, tryNumber, a.id, b.id)),
    ),

  /** Those that were done, the next one, and as many as may still come. */
  askedSlots(plan, groupId, groupIndex, counted) {
    const ids = ownLevels(plan, groupIndex).map((level) => level.id)
    return Array.from({ length: plan.tries }, (_, index) => index + 1).flatMap((tryNumber) => {
      const own = counted.filter((one) => one.groupId === groupId && one.tryNumber === tryNumber)
      const found = own.flatMap((entry) => comparisonIn(plan, entry) ?? [])
      const done = own.map(({ levelId, moment }) => pairSlot(groupId, tryNumber, defined(levelId), moment))
      return [...done, ...growOrder(ids, found).ahead.map(([a, b]) => pairSlot(groupId, tryNumber, a, b))]
    })
  },

  layout: () => 'together',
  columns: (plan) =>
    Array.from({ length: plan.tries }, (_, index) => index + 1).flatMap((tryNumber) =>
      allPairs(orderedLevels(plan)).map(([a, b]) => {
        const { levelId, moment } = pairSlot('', tryNumber, a.id, b.id)
        const head = `${letterOf(plan, a.id)} or ${letterOf(plan, b.id)}`
        return { levelId, moment, tryNumber, head: plan.tries > 1 ? `${head}, try ${tryNumber}` : head }
      }),
    ),
  slotName: (plan, slot) => {
    const two = [slot.levelId, slot.moment].map((id) => levelSaid(plan, id ?? ''))
    const [a, b] = pairOf(plan, slot).map((level) => levelName(plan, level))
    const pair = a && b ? `${a} or ${b}` : two.join(' or ')
    return plan.tries > 1 ? `${pair}, try ${slot.tryNumber}` : pair
  },
  momentSaid: (plan, moment) => levelSaid(plan, moment),
  canonicalSlot: (_plan, { groupId, tryNumber, levelId, moment }) =>
    pairSlot(groupId, tryNumber, levelId ?? '', moment),
  levelsOfSlot: (_plan, { levelId, moment }) => [levelId ?? '', moment],
  levelsOfEntry: ({ levelId, moment }) => [levelId ?? '', moment],
  paper: (plan, groupIndex) => {
    const levels = ownLevels(plan, groupIndex)
    const named = levels.map((level) => `${letterOf(plan, level.id)} ${levelName(plan, level)}`)
    return {
      note: `Write which one ${comparesAs(plan)}, or = for the same. Take a new one against the middle one of those in order, then go on in the half where it belongs: most boxes stay empty.${levels.length > 5 ? ` ${lastOf(named)}.` : ''}`,
      corner: '',
      // Names stand in the rows; above many columns there is room for letters alone.
      heads: (levels.length > 5 ? levels.map((level) => letterOf(plan, level.id)) : named).slice(1),
      rows: levels.slice(0, -1).map((_, row) => ({
        head: itemAt(named, row),
        cells: levels
          .slice(1)
          .map((_other, column) => (column >= row ? ('write' as const) : ('blank' as const))),
      })),
    }
  },
  isInRow: (slot, entry) => slot.tryNumber === entry.tryNumber,
  fields: (plan) => [
    {
      name: valueField,
      label: `Which ${comparesAs(plan)}?`,
      help: 'its letter, or = for the same',
      unit: 'count',
      mark: 1,
      instrument: null,
      whole: false,
      choices: null,
    },
  ],

  check(plan, text, context): EntryValidation {
    if (text.trim() === '') return { state: 'empty' }
    const read = winnerIn(plan, text, context?.slot ?? null)
    if (!read.ok) return { state: 'unreadable', message: read.message }
    const against = context ? againstRow(plan, read.winner, context) : null
    return {
      state: 'value',
      value: read.winner,
      hints: against === null ? [] : [{ code: 'against-row', message: against, suggestion: null }],
    }
  },

  understand(plan, entry): Understood {
    const { fields } = entry
    const field = fields[valueField]
    if (Object.keys(fields).length === 0) return { ok: true, fields }
    if (!field || Object.keys(fields).length > 1)
      return { ok: false, field: valueField, message: 'One answer is asked for here. Reload the page.' }
    const read = winnerIn(plan, field.typed, null)
    if (!read.ok) return { ok: false, field: valueField, message: read.message }
    // Letters follow the levels: where those have moved since, a letter means another.
    const printed = read.winner === theSame ? 'the same' : levelSaid(plan, read.winner)
    const told = [read.winner, field.typed, printed]
    if (!told.includes(String(field.value)) && winnerIn(plan, String(field.value), null).ok)
      return {
        ok: false,
        field: valueField,
        message: 'The levels have changed since. Reload the page and say once more which has more.',
      }
    return { ok: true, fields: { [valueField]: { ...field, given: 'typed', value: read.winner } } }
  },

  typedText(plan, { fields }) {
    const winner = fields[valueField]?.value
    if (typeof winner !== 'string') return ''
    return winner === theSame ? theSame : letterOf(plan, winner)
  },

  print(plan, { fields }) {
    const winner = fields[valueField]?.value
    if (typeof winner !== 'string') return ''
    return winner === theSame ? 'the same' : levelSaid(plan, winner)
  },

  scored: (plan) => ordinalPlan(plan, plan.measured.name, { kind: 'rank', of: plan.levels.length }),

  /** An order counts once it is complete; those that are the same share the mean of their ranks. */
  scores: (plan, counted): Score[] =>
    ordersOf(plan, counted).flatMap(({ groupId, tryNumber, order }) => {
      let below = order.flat().length
      return order.flatMap((together) => {
        below -= together.length
        const value = below + (together.length + 1) / 2
        return together.map((levelId) => ({
          id: `${groupId}|${levelId}|${tryNumber}`,
          groupId,
          levelId,
          tryNumber,
          value,
        }))
      })
    }),

  picture: (plan, counted) => ({ kind: 'tiles', tiles: ladders(plan, counted) }),

  detail(plan, counted, results) {
    const all = (plan.levels.length * (plan.levels.length - 1)) / 2
    const rows = rowsOf(plan, counted)
    const complete = ordersOf(plan, counted)
    if (results.length < 2 || complete.length === 0) return null
    const made = rows
      .filter((row) => complete.some((one) => sameOrder(one, row)))
      .reduce((sum, row) => sum + row.found.length, 0)
    const spared = complete.length * all - made
    const sparedSaid =
      spared > 0 && plan.whoTests !== 'shared-levels'
        ? [
            `${made} ${made === 1 ? 'comparison was' : 'comparisons were'} made; ${spared === 1 ? 'one other was' : `${spared} others were`} never needed, since the rest says it.`,
          ]
        : []
    return [
      `by the middle of ${complete.length} ${complete.length === 1 ? 'order' : 'orders'}, from ${endWords(asRank(plan)).most} to ${endWords(asRank(plan)).least}: ${listed(downward(plan, results))}.`,
      ...sparedSaid,
    ].join(' ')
  },

  doubts: (plan, counted): Doubt[] =>
    rowsOf(plan, counted).flatMap(({ groupId, entries, found }) => {
      const circle = shortestContradiction(found)
      if (!circle) return []
      const chain = circle.map(({ more, less, same }) => sayFound(plan, more, less, same))
      // What was found last is the likeliest to be wrong: the others were there to agree with.
      const inCircle = entries.filter((entry) => {
        const one = defined(comparisonIn(plan, entry))
        return circle.some((link) => samePair(link, one))
      })
      return [{ groupId, said: `These can’t all be true: ${listed(chain)}.`, slot: lastOf(inCircle) }]
    }),

  soFar(plan, counted) {
    const rows = rowsOf(plan, counted)
    if (rows.length === 0 || ordersOf(plan, counted).length > 0) return null
    return {
      sentence: 'No order is complete yet.',
      reasons: ['An order counts once the group has placed everything in it.'],
    }
  },
}

const sameOrder = (
  one: { groupId: string; tryNumber: number },
  other: { groupId: string; tryNumber: number },
) => one.groupId === other.groupId && one.tryNumber === other.tryNumber

const samePair = (one: Found, other: Found) =>
  (one.more === other.more && one.less === other.less) || (one.more === other.less && one.less === other.more)

const sayFound = (plan: Plan, more: string, less: string, same: boolean) =>
  `${levelSaid(plan, more)} ${same ? 'the same as' : 'over'} ${levelSaid(plan, less)}`

/** Who has more of the two of a slot, by letter or name; of any two where no slot is known. */
function winnerIn(
  plan: Plan,
  text: string,
  slot: Pick<Slot, 'levelId' | 'moment'> | null,
): { ok: true; winner: string } | { ok: false; message: string } {
  const typed = text.trim().toLowerCase()
  if (typed === theSame || typed === 'same' || typed === 'the same') return { ok: true, winner: theSame }
  const level = levelMeant(plan, text)
  const two = slot ? pairOf(plan, slot) : orderedLevels(plan)
  if (level && two.some((one) => one.id === level.id)) return { ok: true, winner: level.id }
  const said = two.slice(0, 12).map((one) => `${letterOf(plan, one.id)} ${levelName(plan, one)}`)
  return { ok: false, message: `Type ${said.join(' or ')}, or = where they are the same.` }
}

/** What stands already and cannot be together with this. */
function againstRow(plan: Plan, winner: string, { slot, row }: EntryContext): string | null {
  const [a, b] = pairOf(plan, slot)
  if (!a || !b) return null
  const now: Found =
    winner === theSame
      ? { more: a.id, less: b.id, same: true }
      : { more: winner, less: winner === a.id ? b.id : a.id, same: false }
  const before = row.flatMap((entry) => comparisonIn(plan, entry) ?? [])
  // A circle that was there before is another question.
  if (shortestContradiction(before)) return null
  const circle = shortestContradiction([...before, now])
  if (!circle) return null
  const others = circle.filter((one) => !samePair(one, now))
  return `${capital(listed(others.map((one) => sayFound(plan, one.more, one.less, one.same))))}. This doesn’t go with those. Compare these two again?`
}

const downward = (plan: Plan, results: readonly LevelResult[]): string[] =>
  [...results].sort((a, b) => b.centre - a.centre).map(({ level }) => levelName(plan, level))
