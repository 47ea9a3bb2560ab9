import { sumUpSteps } from '../comparison'
import type { Entry } from '../entries'
import { levelName, levelsForGroup, orderedLevels, type Level, type Plan } from '../plan'
import { capital } from '../quantity'
import { atField, wayOf, workedShort } from '../recording'
import type { PaperTable } from './part'
import { besideOneAnother, sheetColumns, type SheetColumn } from './sheetColumns'

/** Beside the names of levels, more numbers would be too narrow. */
const mostColumns = 8

/** Whose numbers a table holds. */
export interface TableOf {
  plan: Plan
  /** The entries that stand and count. */
  counted: readonly Entry[]
  groupId: string
  /** The place of the group in its class, from 0. */
  groupIndex: number
}

/**
 * What one group read, level by level or heat by heat, with what is worked out of it or with room for the children to do it.
 * @param sums whether the sums are there, or left for the children
 * @returns no table where the group has read nothing
 * @example readingTables({ plan, counted, groupId: 'leaf', groupIndex: 0 }, 'shown')[0].rows[0] // ['20 cm', '11 cm', '12 cm', '12 cm', '12 cm']
 */
export function readingTables(of: TableOf, sums: 'shown' | 'left'): PaperTable[] {
  const { plan, counted, groupId } = of
  const own = counted.filter((entry) => entry.groupId === groupId)
  if (own.length === 0) return []
  const way = wayOf(plan)
  const caption = capital(plan.measured.name)
  // A try that was made out of extra care is no mistake.
  const longer = { ...plan, tries: Math.max(plan.tries, ...own.map((entry) => entry.tryNumber)) }
  if (way.layout(plan) === 'together') {
    const rows = way.columns(longer).flatMap(({ levelId = null, tryNumber, moment }) => {
      const entry = own.find(
        (one) => one.levelId === levelId && one.tryNumber === tryNumber && one.moment === moment,
      )
      return entry ? [[way.slotName(longer, entry), way.print(plan, entry)]] : []
    })
    return [{ caption: capital(plan.changed.name), head: ['', caption], rows }]
  }
  const columns = sheetColumns(longer, true)
  const tested = levelsForGroup(plan, of.groupIndex).map(({ id }) => id)
  const levels = orderedLevels(plan).filter(({ id }) => tested.includes(id))
  return besideOneAnother(columns, mostColumns).map((part, index) => ({
    caption: index === 0 ? caption : `${caption}, further`,
    head: [capital(plan.changed.name), ...part.map(({ head }) => head)],
    rows: levels.map((level) => [
      levelName(plan, level),
      ...part.map((column) => cell(of, own, level, column, sums)),
    ]),
  }))
}

/** Its column says when it was read; the minute and second would only widen it. */
function timeless({ fields, ...entry }: Entry): Entry {
  const { [atField]: _at, ...read } = fields
  return { ...entry, fields: read }
}

function cell(
  { plan, counted, groupId }: TableOf,
  own: readonly Entry[],
  level: Level,
  { kind, tryNumber, moment, once }: SheetColumn,
  sums: 'shown' | 'left',
): string {
  const way = wayOf(plan)
  if (kind === 'read') {
    const entry = own.find(
      (one) => one.levelId === level.id && one.moment === moment && (once || one.tryNumber === tryNumber),
    )
    // What is worked out has a column of its own, which may be left for the children.
    return entry ? (way.printRead ?? way.print)(plan, timeless(entry)) : '–'
  }
  if (sums === 'left') return ''
  const found =
    kind === 'worked'
      ? workedShort(way.arithmetic?.steps(plan, counted, { groupId, levelId: level.id, tryNumber }) ?? [])
      : sumUpSteps(plan, counted, groupId, level.id).at(-1)?.short
  return found || '–'
}
