import { defined } from '../defined'
import { v5 } from 'uuid'
import { resolutionOf } from '../instrument'
import { levelName, planLimits, type Plan } from '../plan'
import { parseNumber, unitDefinition, unitFromText } from '../quantity'
import { slotKey, type Entry, type EntryField, type EntrySource, type Given, type Slot } from '../entries'
import { readWithOf, valueField, wayOf } from '../recording'
import { unquoted } from './cells'
import { readCsvTable } from './csvTable'
import { asLongTable } from './longTable'

/** The lesson that a file of entries is read into. */
export interface EntriesTarget {
  lessonId: string
  plan: Plan
  groups: readonly { id: string; name: string }[]
  /** Everything that it has already. */
  entries: readonly Pick<Entry, 'id'>[]
  /** The time at which entries of a file that says none were taken, ISO 8601. */
  now: string
}

/** What reading a file of entries would do; it is taken in only when no line has a problem. */
export interface EntriesPreview {
  /** Those that the lesson does not have yet. */
  entries: Entry[]
  /** How many it has already. */
  known: number
  problems: { line: number; message: string }[]
  problem: string | null
  /** How a table with several readings in a line was understood; null for one with one. */
  readAs: string | null
}

/** Tries that a plan has no longer may still be in a file. */
const mostTries = planLimits.tries + 10

/** The most lines of one file. */
export const entriesLimit = 20_000

const none = (problem: string): EntriesPreview => ({
  ...{ entries: [], known: 0, problems: [], problem },
  readAs: null,
})

/**
 * Reads entries from CSV: what the product writes itself comes back as it was, superseded and set-aside entries included. A table
 * of somebody's own is understood too, with a line for each reading or with a column for each level, group, try or moment. Each line becomes the same entry however often it is read, so that
 * a second reading adds nothing; what is in another lesson gets ids of its own here. Nothing is changed: the preview says what
 * would be.
 *
 * @returns entries with the values that their own texts give; it never throws
 * @example previewEntries('group,level,try,value\nLeaf,20 cm,1,13', target).entries[0].fields.value.value // 13
 */
export function previewEntries(csv: string, target: EntriesTarget): EntriesPreview {
  const table = readCsvTable(csv, entriesLimit)
  if (!table.ok) return none(table.problem)
  const long = inLines(table, target)
  if (!long.ok) return none(long.problem)
  const read = reader(long.header, target)
  const known = new Set(target.entries.map((entry) => entry.id))
  const found = new Map<string, Entry>()
  const problems: ProblemAt[] = []
  let there = 0
  for (const { line, column, cells } of long.rows) {
    const entry = read(cells)
    if ('message' in entry) problems.push({ line, column, message: entry.message })
    else if (known.has(entry.id)) there++
    else found.set(entry.id, entry)
  }
  return {
    ...{ entries: [...found.values()], known: there, problem: null, readAs: long.readAs },
    problems: oncePerLine(problems),
  }
}

/** What is wrong in a line, in one of its columns where it holds several readings. */
interface ProblemAt {
  line: number
  column: string | null
  message: string
}

/** What is wrong with a whole line is said once; what is wrong in one of its columns, with what that is called. */
function oncePerLine(problems: readonly ProblemAt[]): EntriesPreview['problems'] {
  const same = new Map<string, ProblemAt[]>()
  for (const one of problems) {
    const key = `${one.line} ${one.message}`
    same.set(key, [...(same.get(key) ?? []), one])
  }
  return [...same.values()].map(([first, ...others]) => {
    const { line, column, message } = defined(first)
    return { line, message: column === null || others.length > 0 ? message : `“${column}”: ${message}` }
  })
}

/** A table of ours has its columns as they are; any other is brought to one reading in each line. */
function inLines(
  { header, rows }: { header: string[]; rows: string[][] },
  { plan, groups }: EntriesTarget,
): ReturnType<typeof asLongTable> {
  const fields = wayOf(plan).fields(plan)
  const isOurs = header.includes('group') && fields.some(({ name }) => header.includes(name))
  if (isOurs)
    return {
      ...{ ok: true, header, readAs: null },
      rows: rows.map((cells, index) => ({ line: index + 2, column: null, cells })),
    }
  return asLongTable(
    header,
    rows,
    plan,
    groups.map(({ name }) => name),
    entriesLimit,
  )
}

type Cells = (name: string) => string

function reader(header: readonly string[], target: EntriesTarget) {
  const { plan, groups, lessonId, entries, now } = target
  const way = wayOf(plan)
  const slots = groups.flatMap((group, groupIndex) => way.slots(plan, group.id, groupIndex))
  const moments = [...new Set([...slots.map((slot) => slot.moment), ...way.optionalMoments(plan)])]
  // Of two that are compared either may be named as the other.
  const named = [...new Set([...moments, ...slots.flatMap((slot) => slot.levelId ?? [])])]
  const places = new Set(slots.map(({ levelId, moment }) => `${levelId}|${moment}`))
  const hasLevels = slots.some((slot) => slot.levelId !== null)
  const names = [...way.fields(plan).map((field) => field.name), ...way.extraFields]
  const known = new Set(entries.map((entry) => entry.id))
  /** The id that an entry of a file has in this lesson: its own where it came from here. */
  const idHere = (id: string) => (known.has(id) ? id : v5(id, lessonId))

  function slotOf(cell: Cells): Slot | { message: string } {
    const group = groups.find((one) => alike(one.name, cell('group')))
    if (!group)
      return {
        message: `There is no group called “${cell('group').slice(0, 24)}”. The groups are ${groups.map((one) => one.name).join(', ')}.`,
      }
    const level = plan.levels.find((one) => isLevel(plan, one.id, cell('level')))
    if (hasLevels && !level)
      return {
        message: `There is no level “${cell('level').slice(0, 40)}”. The levels are ${plan.levels.map((one) => levelName(plan, one)).join(', ')}.`,
      }
    const tryNumber = cell('try') === '' ? 1 : Number(cell('try'))
    if (!Number.isInteger(tryNumber) || tryNumber < 1 || tryNumber > mostTries)
      return { message: `The try must be a whole number from 1 to ${mostTries}.` }
    const moment = named.find((one) => alike(way.momentSaid(plan, one), cell('moment')))
    if (moment === undefined)
      return {
        message: `Say the moment: ${
          moments
            .filter(Boolean)
            .map((one) => way.momentSaid(plan, one))
            .join(', ') || 'nothing, here'
        }.`,
      }
    const slot = way.canonicalSlot(plan, {
      groupId: group.id,
      levelId: hasLevels ? defined(level).id : null,
      tryNumber,
      moment,
    })
    if (!places.has(`${slot.levelId}|${slot.moment}`) && !way.optionalMoments(plan).includes(moment))
      return { message: `Nothing goes with ${way.slotName(plan, slot)}. Leave the line out.` }
    return slot
  }

  return (row: readonly string[]): Entry | { message: string } => {
    const cell: Cells = (name) => unquoted((row[header.indexOf(name)] ?? '').trim())
    const slot = slotOf(cell)
    if ('message' in slot) return slot
    const read = readWithIn(cell, way.planAt(plan, slot.moment))
    if ('message' in read) return read
    const { readWith } = read
    const fields = Object.fromEntries(
      names.flatMap((name) => {
        const field = fieldIn(cell, name)
        return field ? [[name, field]] : []
      }),
    )
    const understood = way.understand(plan, { fields, readWith, moment: slot.moment })
    if (!understood.ok) return { message: understood.message }
    const takenAt = cell('taken_at') === '' ? now : cell('taken_at')
    if (Number.isNaN(Date.parse(takenAt)))
      return { message: `“${takenAt.slice(0, 30)}” isn’t a time. Write it like ${now}.` }
    const reason = cell('reason').slice(0, 160)
    const aside = reason !== '' || alike(cell('status'), 'set aside')
    if (!aside && Object.keys(fields).length === 0)
      return { message: 'Nothing was read here. Type a value, or leave the line out.' }
    const source = cell('source')
    const written = Object.values(fields).map(({ typed }) => typed)
    return {
      ...slot,
      id: idHere(cell('id') || [slotKey(slot), ...written].join('|')),
      fields: understood.fields,
      note: cell('note').slice(0, 160),
      readWith,
      status: aside ? 'set-aside' : 'counted',
      reason: aside ? reason || 'something else' : '',
      source: cell('id') !== '' && isSource(source) ? source : 'import',
      takenAt: new Date(takenAt).toISOString(),
      supersedes: cell('supersedes') === '' ? null : idHere(cell('supersedes')),
    }
  }
}

const alike = (one: string, other: string) => one.trim().toLowerCase() === other.trim().toLowerCase()

/** A level goes by its name, with or without its unit. */
function isLevel(plan: Plan, id: string, text: string): boolean {
  const level = defined(plan.levels.find((one) => one.id === id))
  if (alike(levelName(plan, level), text)) return true
  const number = parseNumber(text)
  return level.value !== null && number.kind === 'number' && number.value === level.value
}

function fieldIn(cell: Cells, name: string): EntryField | null {
  const before = name === valueField ? '' : `${name}_`
  const value = cell(name)
  const typed = cell(`${before}typed`) || value
  if (typed === '') return null
  const given = cell(`${before}given`)
  const number = Number(value)
  return {
    typed: typed.slice(0, 200),
    given: isGiven(given) ? given : 'typed',
    value: value !== '' && Number.isFinite(number) ? number : value,
  }
}

/** What it was read with: as the file says, else as the plan reads. */
function readWithIn(cell: Cells, plan: Plan): Pick<Entry, 'readWith'> | { message: string } {
  const now = readWithOf(plan)
  if (now === null) return { readWith: null }
  const symbol = cell('unit')
  const unit = symbol === '' ? now.unit : unitFromText(symbol)
  if (unit === null) return { message: `“${symbol.slice(0, 20)}” is not a unit we know.` }
  if (unitDefinition(unit).dimension !== unitDefinition(now.unit).dimension)
    return {
      message: `This was read in ${unitDefinition(unit).spoken}; the plan measures in ${unitDefinition(now.unit).spoken}.`,
    }
  const mark = Number(cell('mark'))
  return {
    readWith: {
      instrument: cell('instrument').slice(0, 60) || now.instrument,
      unit,
      mark: cell('mark') !== '' && mark > 0 ? mark : unit === now.unit ? now.mark : resolutionOf(plan).mark,
    },
  }
}

const isGiven = (text: string): text is Given => ['typed', 'chosen', 'suggested'].includes(text)
/** What a made-up lesson brings is a file's like any other. */
const isSource = (text: string): text is EntrySource => ['sheet', 'desk', 'import'].includes(text)
