import { defined } from '../../defined'
import type { Score } from '../../evidence'
import { levelName, orderedLevels, type Plan } from '../../plan'
import { listed, printNumber } from '../../quantity'
import type { Entry } from '../../entries'
import type { EntryValidation, EntryHint } from '../entryValidation'
import { letterOf, lettersSaid } from '../letters'
import { valueField } from '../numberOf'
import { ordinalPlan } from '../ordinalPlan'
import { ownLevels } from '../ownLevels'
import { levelSaid, plainWay } from '../plainWay'
import type { Understood, Way } from '../way'
import { sideBySide } from '../wayNeeds'
import { keptOrder, orderTyped, readOrder } from './finishOrder'
import { heatsOf, orderOf, type Heat } from './heats'
import { kendallW } from './kendallW'
import { meanPlace, placesByHeat } from './placesByHeat'

export { orderOf } from './heats'

const noneFinished: EntryHint = {
  code: 'stands-apart',
  message: 'If nobody finished, we can’t rank this race. Set it aside and run it again.',
  suggestion: null,
}

const kept = (value: string): Entry['fields'] => ({ [valueField]: { typed: '', given: 'typed', value } })

/** All levels side by side, started together: what counts is the order in which they come in, heat by heat. */
export const race: Way = {
  ...plainWay,
  kind: 'race',
  sheetEntry: 'race',
  name: 'a race, side by side',
  verb: 'race them for',
  oneEntry: 'the order in which they came in',
  options: [],
  usualRecording: { kind: 'race' },
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
  slotName: (_plan, { tryNumber }) => `heat ${tryNumber}`,
  levelsOfSlot: (plan, _slot, groupIndex) => ownLevels(plan, groupIndex).map((level) => level.id),
  levelsOfEntry: (entry) => {
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
  isInRow: () => false,
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

  check(plan, text): EntryValidation {
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

  typedText(plan, entry) {
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

  /** The first to come in is the best, or the last where the least is wanted. */
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
      const mean = meanPlace(heats, level.id)
      const out = heats.filter(({ order }) => order.out.includes(level.id)).length
      return mean === null ? [] : [{ name: levelName(plan, level), mean, out }]
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
function agreementSaid(plan: Plan, heats: Heat[]): string | null {
  const ids = orderedLevels(plan).map((level) => level.id)
  const whole = heats.filter(({ places }) => ids.every((id) => places.has(id)))
  const w = kendallW(whole.map(({ places }) => ids.map((id) => defined(places.get(id)))))
  if (w === null) return null
  const how = w >= 0.7 ? 'agree well' : w >= 0.4 ? 'agree in part' : 'hardly agree'
  return `The heats ${how}: ${printNumber(w, 0.01)} on a scale from 0 (not at all) to 1 (always the same order).`
}
