import type { Score } from '../../evidence'
import { levelName, orderedLevels, type Level, type Plan } from '../../plan'
import { listed, printNumber } from '../../quantity'
import type { Entry } from '../../record'
import type { CheckedEntry, EntryHint } from '../checkedEntry'
import { letterOf, lettersSaid } from '../letters'
import { valueField } from '../numberOf'
import { ordinalPlan } from '../ordinalPlan'
import { ownLevels } from '../ownLevels'
import { levelSaid, plainWay } from '../plainWay'
import type { Tiles, Understood, Way } from '../way'
import { sideBySide } from '../wayNeeds'
import { keptOrder, orderKept, orderTyped, readOrder, type FinishOrder } from './finishOrder'
import { kendallW } from './kendallW'
import { placesOf } from './placesOf'

/** The order in which an entry says that levels came in; null where nothing was seen. */
export function orderOf({ fields }: Pick<Entry, 'fields'>): FinishOrder | null {
  const kept = fields[valueField]?.value
  return typeof kept === 'string' && kept !== '' ? orderKept(kept) : null
}

const noneFinished: EntryHint = {
  code: 'stands-apart',
  message: 'If nobody finished, we can’t rank this race. Set it aside and run it again.',
  suggestion: null,
}

const kept = (value: string): Entry['fields'] => ({ [valueField]: { typed: '', given: 'typed', value } })

const heatsOf = (counted: readonly Entry[]) =>
  counted.flatMap((entry) => {
    const order = orderOf(entry)
    return order ? [{ entry, order, places: placesOf(order) }] : []
  })

/** All levels side by side, started together: what counts is the order in which they come in, heat by heat. */
export const race: Way = {
  ...plainWay,
  kind: 'race',
  name: 'a race, side by side',
  verb: 'race them for',
  oneEntry: 'the order in which they came in',
  options: [],
  usual: { kind: 'race' },
  onlyUnit: 'count',
  tryWord: ['heat', 'heats'],
  unrehearsed:
    'We can’t rehearse a race: nobody can say beforehand how close it will be. Run three heats or more, and start everything at the same moment.',
  needs: () => ({ ...sideBySide, instruments: 0 }),
  oftenForgotten: [
    {
      applies: () => true,
      about: /start|begin|same time|together/i,
      name: 'start',
      how: 'all at the same moment, from the same line',
      reason: 'A race is only fair when all start at the same moment. How do they?',
    },
  ],

  slots: (plan, groupId, groupIndex) =>
    ownLevels(plan, groupIndex).length < 2
      ? []
      : Array.from({ length: plan.tries }, (_, index) => ({
          groupId,
          levelId: null,
          tryNumber: index + 1,
          moment: '',
        })),
  layout: () => 'together',
  columns: (plan) =>
    Array.from({ length: plan.tries }, (_, index) => ({
      levelId: null,
      tryNumber: index + 1,
      moment: '',
      head: `heat ${index + 1}`,
    })),
  named: (_plan, { tryNumber }) => `heat ${tryNumber}`,
  levelsIn: (plan, _slot, groupIndex) => ownLevels(plan, groupIndex).map((level) => level.id),
  levelsTold: (entry) => {
    const order = orderOf(entry)
    return order ? [...order.places.flat(), ...order.out] : []
  },
  paper: (plan, groupIndex) => {
    const runners = ownLevels(plan, groupIndex)
    const heads = [...runners.map((_, index) => ordinal(index + 1)), 'not finished']
    return {
      note: `Write the letters: ${runners.map((level) => `${letterOf(plan, level.id)} ${levelName(plan, level)}`).join(', ')}. What came in together goes in one box.`,
      corner: '',
      heads,
      rows: Array.from({ length: plan.tries }, (_, index) => ({
        head: `heat ${index + 1}`,
        cells: heads.map(() => 'write' as const),
      })),
    }
  },
  sameRow: () => false,
  fields: (plan) => [
    {
      name: valueField,
      label: 'The order in which they came in',
      help: `first to last by letter, = for together, ! for not finished: ${lettersSaid(plan)}`,
      unit: 'count',
      mark: 1,
      instrument: null,
      whole: false,
      choices: null,
    },
  ],

  check(plan, text): CheckedEntry {
    if (text.trim() === '') return { state: 'empty' }
    const read = readOrder(plan, text)
    if (!read.ok) return { state: 'unreadable', message: read.message }
    return {
      state: 'value',
      value: keptOrder(read.order),
      hints: read.order.places.length === 0 ? [noneFinished] : [],
    }
  },

  understand(plan, { fields }): Understood {
    const field = fields[valueField]
    if (Object.keys(fields).length === 0) return { ok: true, fields }
    if (!field || Object.keys(fields).length > 1)
      return { ok: false, field: valueField, message: 'One order is asked for here. Reload the page.' }
    const read = readOrder(plan, field.typed)
    if (!read.ok) return { ok: false, field: valueField, message: read.message }
    const value = keptOrder(read.order)
    // Letters follow the levels: where those have moved since, the letters mean others.
    const told = [value, field.typed, this.print(plan, { fields: kept(value), readWith: null })]
    if (!told.includes(String(field.value)) && readOrder(plan, String(field.value)).ok)
      return {
        ok: false,
        field: valueField,
        message: 'The levels have changed since. Reload the page and say the order again.',
      }
    return { ok: true, fields: { [valueField]: { ...field, given: 'typed', value } } }
  },

  write(plan, entry) {
    const order = orderOf(entry)
    return order ? orderTyped(plan, order) : ''
  },

  print(plan, entry) {
    const order = orderOf(entry)
    if (!order) return ''
    const name = (id: string) => levelSaid(plan, id)
    return [
      ...order.places.map((together) => together.map(name).join(' = ')),
      ...(order.out.length > 0 ? [`not finished: ${order.out.map(name).join(', ')}`] : []),
    ].join(' > ')
  },

  /** The first place is the best, whichever end of the measure was asked for. */
  scored(plan) {
    const scored = ordinalPlan(plan, 'finishing place', { kind: 'place' })
    return { ...scored, best: plan.best === 'least' ? 'most' : 'least' }
  },

  scores: (plan, counted): Score[] =>
    heatsOf(counted).flatMap(({ entry, order, places }) =>
      orderedLevels(plan).flatMap((level) => {
        const place = places.get(level.id)
        if (place === undefined) return []
        const { groupId, tryNumber } = entry
        const value = order.out.includes(level.id) ? Infinity : place
        return [{ id: `${entry.id}|${level.id}`, groupId, levelId: level.id, tryNumber, value }]
      }),
    ),

  picture: (plan, counted) => ({ kind: 'tiles', tiles: placesByHeat(plan, counted) }),

  detail(plan, counted) {
    const heats = heatsOf(counted)
    const all = orderedLevels(plan).flatMap((level) => {
      const own = heats.flatMap(({ places }) => places.get(level.id) ?? [])
      const out = heats.filter(({ order }) => order.out.includes(level.id)).length
      const mean = own.reduce((total, one) => total + one, 0) / own.length
      return own.length === 0 ? [] : [{ name: levelName(plan, level), mean, out }]
    })
    if (all.length < 2) return null
    const means = [...all]
      .sort((a, b) => a.mean - b.mean)
      .map(({ name, mean }) => `${name} ${printNumber(mean, 1, 2)}`)
    const out = all.flatMap((one) => (one.out > 0 ? [`${one.name} ${timesSaid(one.out)}`] : []))
    return [
      `mean place over ${heats.length} ${heats.length === 1 ? 'heat' : 'heats'}: ${listed(means)}.`,
      ...(out.length > 0 ? [`Not finished, which counts as last: ${listed(out)}.`] : []),
      ...[agreementSaid(plan, heats)].flatMap((said) => said ?? []),
    ].join(' ')
  },
}

/** "1st", "2nd", as it stands above a column. */
const ordinal = (place: number) =>
  `${place}${['th', 'st', 'nd', 'rd'][place % 100 > 10 && place % 100 < 14 ? 0 : place % 10] ?? 'th'}`

const timesSaid = (count: number) => (count === 1 ? 'once' : count === 2 ? 'twice' : `${count} times`)

/** By Kendall's W over the heats in which all levels ran. */
function agreementSaid(plan: Plan, heats: ReturnType<typeof heatsOf>): string | null {
  const ids = orderedLevels(plan).map((level) => level.id)
  const whole = heats.filter(({ places }) => ids.every((id) => places.has(id)))
  const w = kendallW(whole.map(({ places }) => ids.map((id) => places.get(id)!)))
  if (w === null) return null
  const how = w >= 0.7 ? 'agree well' : w >= 0.4 ? 'agree in part' : 'hardly agree'
  return `The heats ${how}: ${printNumber(w, 0.01)} on a scale from 0 (not at all) to 1 (always the same order).`
}

/** So many heats can be told apart side by side; of more it is counted how often each level came where. */
const heatsShown = 24

/** The best level on top: its place in each heat, or, of many heats, how often it took each place. */
function placesByHeat(plan: Plan, counted: readonly Entry[]): Tiles {
  const heats = inGroups(heatsOf(counted))
  const levels = bestFirst(plan, heats)
  const rows = levels.map((level) => levelName(plan, level))
  if (heats.length > heatsShown) return { ...howOften(levels, heats), rows }
  const most = Math.max(1, levels.length - 1)
  return {
    of: { rows: plan.changed.name, columns: 'heat' },
    rows,
    columns: heats.map(({ entry }) => ({ head: String(entry.tryNumber), groupId: entry.groupId })),
    cells: heats.flatMap(({ order, places }, column) =>
      levels.flatMap((level, row) => {
        const place = places.get(level.id)
        if (place === undefined) return []
        return [{ row, column, text: placeSaid(order, level.id), share: 1 - (place - 1) / most }]
      }),
    ),
  }
}

/** The place at which those with it begin, as it is called out: "2=". */
function placeSaid({ places, out }: FinishOrder, id: string): string {
  if (out.includes(id)) return 'out'
  const at = places.findIndex((together) => together.includes(id))
  const place = places.slice(0, at).flat().length + 1
  return `${place}${places[at]!.length > 1 ? '=' : ''}`
}

function howOften(levels: readonly Level[], heats: ReturnType<typeof heatsOf>): Omit<Tiles, 'rows'> {
  const called = ({ order }: (typeof heats)[number], id: string) => placeSaid(order, id).replace('=', '')
  const heads = [...levels.map((_, index) => String(index + 1)), 'out']
  return {
    of: { rows: 'how often', columns: 'place' },
    columns: heads.map((head) => ({ head, groupId: null })),
    cells: levels.flatMap((level, row) => {
      const ran = heats.filter(({ places }) => places.has(level.id))
      return heads.flatMap((head, column) => {
        const times = ran.filter((heat) => called(heat, level.id) === head).length
        return times === 0 ? [] : [{ row, column, text: `${times}×`, share: times / ran.length }]
      })
    }),
  }
}

function bestFirst(plan: Plan, heats: ReturnType<typeof heatsOf>): Level[] {
  const meanOf = (id: string) => {
    const own = heats.flatMap(({ places }) => places.get(id) ?? [])
    return own.length === 0 ? Infinity : own.reduce((total, one) => total + one, 0) / own.length
  }
  return [...orderedLevels(plan)].sort((a, b) => meanOf(a.id) - meanOf(b.id))
}

/** The heats of a group beside one another, in their order. */
function inGroups(heats: ReturnType<typeof heatsOf>): ReturnType<typeof heatsOf> {
  const groups = [...new Set(heats.map(({ entry }) => entry.groupId))]
  return [...heats].sort(
    (a, b) =>
      groups.indexOf(a.entry.groupId) - groups.indexOf(b.entry.groupId) ||
      a.entry.tryNumber - b.entry.tryNumber,
  )
}
