import { firstOf } from '../defined'
import Papa from 'papaparse'
import { firstNameProblem } from '../class'

/** What the class holds before a roster is read. */
export interface RosterContext {
  groups: { id: string; name: string }[]
  pupils: string[]
}

/** One line of a roster, as it would be taken in, or with what is wrong with it. */
export interface RosterRow {
  /** The line in the file, from 1, the header included. */
  line: number
  name: string
  group: string
  groupId: string | null
  problem: string | null
  suggestion: string | null
}

/** What reading a roster would do; it may be taken in only when no row has a problem. */
export interface RosterPreview {
  rows: RosterRow[]
  problem: string | null
}

const nameHeaders = ['name', 'first name', 'first_name', 'firstname', 'pupil', 'child', 'initials']
const groupHeaders = ['group', 'table', 'team']

const emptyList = 'The list is empty. Put one first name on each line.'

/** The most lines that a roster may have. */
export const rosterLimit = 60

/**
 * Reads a class roster in CSV: a header with a name column and, if wanted, a group column; or a bare list of
 * names. Comma, semicolon and tab are understood. Nothing is changed: the preview says what would happen.
 * @example previewRoster('name,group\nAda,Leaf', { groups: [{ id: 'g', name: 'Leaf' }], pupils: [] }).rows[0].groupId // 'g'
 */
export function previewRoster(csv: string, { groups, pupils }: RosterContext): RosterPreview {
  // No database keeps a NUL, and nothing typed has one.
  const text = csv.replace(/^\uFEFF/, '').replaceAll('\0', '')
  if (text.trim() === '') return { rows: [], problem: emptyList }
  const parsed = Papa.parse<string[]>(text, { delimiter: delimiterOf(text) })
  const quoting = parsed.errors.find((error) => error.type === 'Quotes')
  if (quoting)
    return { rows: [], problem: `Line ${(quoting.row ?? 0) + 1} has a quotation mark that is never closed.` }
  const lines = parsed.data
    .map((cells, index) => ({ cells: cells.map((cell) => cell.trim()), line: index + 1 }))
    .filter(({ cells }) => cells.some(Boolean))
  if (lines.length === 0) return { rows: [], problem: emptyList }
  const header = firstOf(lines).cells.map((cell) => cell.toLowerCase())
  const nameColumn = header.findIndex((cell) => nameHeaders.includes(cell))
  const groupColumn = nameColumn >= 0 ? header.findIndex((cell) => groupHeaders.includes(cell)) : 1
  const body = nameColumn >= 0 ? lines.slice(1) : lines
  if (body.length === 0) return { rows: [], problem: 'There is a header but no names under it.' }
  if (body.length > rosterLimit)
    return {
      rows: [],
      problem: `${body.length} names are more than one class has. At most ${rosterLimit} can be read at once.`,
    }
  const taken = new Map(pupils.map((name) => [plain(name), 'already in this class']))
  const rows = body.map(({ cells, line }) => {
    const name = (cells[Math.max(0, nameColumn)] ?? '').replace(/\s+/g, ' ')
    const group = groupColumn >= 0 ? (cells[groupColumn] ?? '') : ''
    const groupId = groups.find((one) => plain(one.name) === plain(group))?.id ?? null
    const badName = firstNameProblem(name)
    const twin = taken.get(plain(name))
    let problem = badName?.message ?? null
    if (!problem && twin) problem = `${name} is ${twin}. Add an initial to tell them apart.`
    if (!problem && group !== '' && !groupId)
      problem = `There is no group called “${group.slice(0, 24)}”. The groups are ${groups.map((one) => one.name).join(', ')}.`
    if (name) taken.set(plain(name), `on line ${line} already`)
    return { line, name, group, groupId, problem, suggestion: badName?.suggestion ?? null }
  })
  return { rows, problem: null }
}

/** The mark between the columns, by the first line; a bare list has none, and a comma then does no harm. */
function delimiterOf(text: string): string {
  const first = text.split(/[\r\n]+/).find((line) => line.trim() !== '') ?? ''
  return ['\t', ';'].find((mark) => first.includes(mark)) ?? ','
}

const plain = (text: string) => text.trim().toLocaleLowerCase('en')
