import type { Plan } from '../plan'
import { listed } from '../quantity'
import { placeNamed, placeSaid, tableNames, type NamedPlace, type TableNames } from './tableNames'

/** A table with one reading in each line, whatever it was before. */
export interface LongTable {
  ok: true
  header: string[]
  /** With the number of its line in the file and, where a line held several readings, what its column is called. */
  rows: { line: number; column: string | null; cells: string[] }[]
  /** How a table with several readings in a line was understood; null for one with one. */
  readAs: string | null
}

type Role = 'group' | 'level' | 'try' | 'moment' | 'value' | 'note'

/** What people call the columns of a table of readings. */
const called: Record<Role, RegExp> = {
  group: /^(?:groups?|teams?|group name|name of group)$/u,
  level: /^(?:levels?|setting|settings|what we change|what was changed)$/u,
  try: /^(?:try|tries|trial|trials|repeat|repeats|attempt|heat|round|try number|trial number)$/u,
  moment: /^(?:moment|time|when|minutes?|days?)$/u,
  value: /^(?:values?|readings?|results?|measurements?|what we measure|what was measured)$/u,
  note: /^(?:notes?|comments?|remarks?)$/u,
}
/** What a spreadsheet works out itself is no reading. */
const workedOut =
  /^(?:mean|average|avg\.?|median|middle(?: value)?|total|sum|range|min(?:imum)?|max(?:imum)?)$/u
/** How people write that nothing was read. */
const nothing = /^(?:|[-–—.?/]|n\/?a|none|null)$/iu

/**
 * Brings a table of readings to one reading in each line. It may have a column for each level, try, moment or group, or for each of
 * several of them together; what a spreadsheet worked out is left out, and so are cells that say that nothing was read.
 * @param header in lower case
 * @param most how many readings there may be
 * @returns what the file should say instead where a column is not understood
 * @example asLongTable(['group', '20 cm'], [['Leaf', '13']], plan, ['Leaf']).rows[0].cells // ['Leaf', '20 cm', '', '', '13', '']
 */
export function asLongTable(
  header: readonly string[],
  rows: readonly string[][],
  plan: Plan,
  groups: readonly string[],
  most = Infinity,
): LongTable | { ok: false; problem: string } {
  const names = tableNames(plan, groups)
  const own: Partial<Record<Role, string>> = {
    level: plan.changed.name.toLowerCase(),
    value: plan.measured.name.toLowerCase(),
  }
  const columns = header.map((heading, at) =>
    columnOf(
      heading,
      rows.map((row) => row[at] ?? ''),
      names,
      own,
    ),
  )
  const unknown = header.filter((_, at) => columns[at] === null)
  if (unknown.length > 0)
    return {
      ok: false,
      problem: `We don’t know what stands under ${listed(unknown.slice(0, 3).map((one) => `“${one.slice(0, 40)}”`))}. Use the name of a group, a level, a try or a moment as its heading, or one of: group, level, try, moment, value, note.`,
    }
  const roles = columns.map((column) => (column?.kind === 'role' ? column.role : null))
  const places = columns.map((column) => (column?.kind === 'place' ? column.place : null))
  const unclear = ambiguity(roles, places)
  if (unclear !== null) return { ok: false, problem: unclear }
  const hasGroup = roles.includes('group') || isNamedByAll(places)
  if (!hasGroup)
    return {
      ok: false,
      problem:
        'We can’t tell which group read what. Add a column “group”, or use the groups’ names as headings.',
    }
  if (roles.includes('value'))
    return {
      ok: true,
      header: header.map((heading, at) => roles[at] ?? heading),
      rows: rows.map((cells, index) => ({ line: index + 2, column: null, cells })),
      readAs: null,
    }
  const read = places.filter((place) => place !== null)
  if (read.length === 0)
    return {
      ok: false,
      problem:
        'We can’t find the readings. Give their column the heading “value”, or that of a level, a try or a moment.',
    }
  if (read.length * rows.length > most)
    return {
      ok: false,
      problem: `${read.length * rows.length} readings are too many. At most ${most} can be read.`,
    }
  return {
    ok: true,
    header: longHeader,
    rows: rows.flatMap((cells, index) => readingsOf(cells, index + 2, roles, places)),
    readAs: `Each of these columns holds readings: ${listed(read.slice(0, 12).map(placeSaid))}${read.length > 12 ? ' and so on' : ''}.`,
  }
}

/** What two columns say twice, so that one of them would be lost; null where each says something of its own. */
function ambiguity(roles: readonly (Role | null)[], places: readonly (NamedPlace | null)[]): string | null {
  const twice = roles.find((role, at) => role !== null && roles.indexOf(role) !== at)
  if (twice) return `Two columns could be the ${twice}. Keep one of them.`
  const said = places.flatMap((place) => (place ? placeSaid(place) : []))
  if (roles.includes('value') && said.length > 0)
    return `There are readings under “${said[0]}” and in a column of their own. Keep one of the two.`
  const same = said.find((one, at) => said.indexOf(one) !== at)
  return same ? `Two columns are headed ${same}. Number the tries: ${same}, try 1 and ${same}, try 2.` : null
}

/** Whether every column of readings says whose they are. */
const isNamedByAll = (places: readonly (NamedPlace | null)[]) =>
  places.some(Boolean) && places.every((place) => place === null || place.group !== undefined)

const longHeader: Role[] = ['group', 'level', 'try', 'moment', 'value', 'note']

type Column = { kind: 'role'; role: Role } | { kind: 'place'; place: NamedPlace } | { kind: 'left-out' }

/** What a column holds, by its heading or else by its cells; null where that cannot be told. */
function columnOf(
  heading: string,
  cells: readonly string[],
  names: TableNames,
  own: Partial<Record<Role, string>>,
): Column | null {
  const bare = heading.replace(/\([^)]*\)|\[[^\]]*\]/gu, '').trim()
  const filled = cells.map((cell) => cell.trim().toLowerCase()).filter((cell) => cell !== '')
  if (filled.length === 0) return { kind: 'left-out' }
  // Where there is one moment, a time is when it was written down.
  const isWhen = called.moment.test(bare) && !names.some(({ kind }) => kind === 'moment')
  if (isWhen) return { kind: 'left-out' }
  for (const role of longHeader)
    if (called[role].test(bare) || (bare !== '' && own[role] === bare)) return { kind: 'role', role }
  const place = placeNamed(heading, names)
  if (place) return { kind: 'place', place }
  if (workedOut.test(bare)) return { kind: 'left-out' }
  for (const role of ['group', 'level'] as const)
    if (filled.every((cell) => names.some(({ kind, text }) => kind === role && text === cell)))
      return { kind: 'role', role }
  return null
}

/** The readings of one line; what a column's heading says goes before what the line says. */
function readingsOf(
  cells: readonly string[],
  line: number,
  roles: readonly (Role | null)[],
  places: readonly (NamedPlace | null)[],
): LongTable['rows'] {
  const inLine = (role: Role) => {
    const at = roles.indexOf(role)
    return at < 0 ? '' : (cells[at] ?? '').trim()
  }
  return places.flatMap((place, at) => {
    const value = (cells[at] ?? '').trim()
    if (!place || nothing.test(value)) return []
    const said = (kind: keyof NamedPlace) => place[kind] ?? inLine(kind)
    return [
      {
        ...{ line, column: placeSaid(place) },
        cells: [said('group'), said('level'), said('try'), said('moment'), value, inLine('note')],
      },
    ]
  })
}
