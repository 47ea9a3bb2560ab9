import { defined } from '../defined'
import Papa from 'papaparse'
import { supplyKey, type Supply } from '../kit'
import { newId } from '../plan'
import { parseNumber } from '../quantity'
import { safeCell, unquoted } from './cells'
import { readCsvTable } from './csvTable'

/** One line of a supplies file, as it would be taken in, or with what is wrong with it. */
export interface SupplyRow {
  /** The line in the file, from 1, the header included. */
  line: number
  supply: Supply
  /** Whether it stands in the cupboard already and would be replaced. */
  known: boolean
  problem: string | null
}

/** What reading a supplies file would do; it is taken in only when no row has a problem. */
export interface SuppliesPreview {
  rows: SupplyRow[]
  problem: string | null
}

/** The most lines that a store cupboard may have. */
export const suppliesLimit = 500

const columns = {
  name: ['name', 'item', 'material', 'what'],
  unit: ['unit'],
  amount: ['amount', 'how much', 'in stock', 'stock', 'quantity'],
  place: ['place', 'where', 'shelf'],
  packSize: ['pack size', 'pack', 'per pack', 'packsize'],
  price: ['price', 'cost', 'price per pack'],
  instead: ['instead', 'substitutes', 'or'],
  care: ['care', 'caution', 'mind'],
} as const
type Column = keyof typeof columns

/**
 * The store cupboard as CSV, safe to open in a spreadsheet: a text that begins like a formula stays a text.
 * @example suppliesCsv([{ name: 'card', unit: 'sheets', amount: 40, … }]).split('\n')[0] // 'name,unit,amount,…'
 */
export function suppliesCsv(supplies: readonly Supply[]): string {
  return Papa.unparse(
    {
      fields: ['name', 'unit', 'amount', 'place', 'pack size', 'price', 'instead', 'care'],
      data: supplies.map((one) => [
        safeCell(one.name),
        safeCell(one.unit),
        one.amount,
        safeCell(one.shelf),
        one.packSize ?? '',
        one.price ?? '',
        safeCell(one.instead.join('; ')),
        safeCell(one.care),
      ]),
    },
    { newline: '\n' },
  )
}

/**
 * Reads a store cupboard from CSV with a header; commas, semicolons and tabs part the columns, and decimals may have
 * a comma. Lines whose thing is in the cupboard already replace it. Nothing is changed: the preview says what would be.
 * @example previewSupplies('name,amount\ncard,40', []).rows[0].supply.amount // 40
 */
export function previewSupplies(csv: string, before: readonly Supply[]): SuppliesPreview {
  const table = readCsvTable(csv, suppliesLimit)
  if (!table.ok) return { rows: [], problem: table.problem }
  const { header, rows: body } = table
  const at = Object.fromEntries(
    Object.entries(columns).map(([column, names]) => [
      column,
      header.findIndex((cell) => (names as readonly string[]).includes(cell)),
    ]),
  ) as Record<Column, number>
  if (at.name < 0)
    return {
      rows: [],
      problem: `The first line must name the columns; “name” is missing. You can use: name, unit, amount, place, pack size, price, instead, care.`,
    }
  const seen = new Map<string, number>()
  const rows = body.map((cells, index) => {
    const line = index + 2
    const cell = (column: Column) => (at[column] >= 0 ? (cells[at[column]] ?? '').trim() : '')
    const name = unquoted(cell('name')).replace(/\s+/g, ' ')
    const key = supplyKey(name)
    const known = before.find((one) => supplyKey(one.name) === key)
    const [amount, packSize, price] = (['amount', 'packSize', 'price'] as const).map((column) =>
      readNumber(cell(column)),
    )
    const twin = seen.get(key)
    if (name) seen.set(key, seen.get(key) ?? line)
    return {
      line,
      known: known !== undefined,
      supply: {
        id: known?.id ?? newId(),
        name,
        unit: unquoted(cell('unit')),
        amount: defined(amount).value ?? 0,
        shelf: unquoted(cell('place')),
        packSize: defined(packSize).value,
        price: defined(price).value,
        instead: unquoted(cell('instead'))
          .split(';')
          .map((one) => one.trim())
          .filter(Boolean),
        care: unquoted(cell('care')),
      },
      problem:
        (name === '' ? 'This line has no name. Type what it is, or delete the line.' : null) ??
        tooLong(cell, name) ??
        (twin ? `“${name}” is on line ${twin} already. Put both into one line.` : null) ??
        defined(amount).problem ??
        defined(packSize).problem ??
        defined(price).problem ??
        (defined(packSize).value === 0 ? 'A pack of 0 cannot be bought. Leave it empty.' : null),
    }
  })
  return { rows, problem: null }
}

/** The most letters of each text; the store cupboard keeps no more. */
const letters = { name: 80, unit: 20, place: 80, care: 240 } as const

function tooLong(cell: (column: Column) => string, name: string): string | null {
  if (name.length > letters.name) return `This name is too long. Use at most ${letters.name} letters.`
  for (const column of ['unit', 'place', 'care'] as const)
    if (cell(column).length > letters[column])
      return `What stands under “${column}” is too long. Use at most ${letters[column]} letters.`
  const instead = cell('instead').split(';')
  return instead.length > 10 || instead.some((one) => one.trim().length > letters.name)
    ? 'Name at most ten things that do the same job, each with at most 80 letters.'
    : null
}

/**
 * A number of a line, or what is wrong with it; both null where nothing stands there.
 * @example readNumber('12,5').value // 12.5
 */
export function readNumber(text: string): { value: number | null; problem: string | null } {
  if (text === '') return { value: null, problem: null }
  if (/^[-−]/.test(text)) return { value: null, problem: `“${text.slice(0, 20)}” is below 0.` }
  const parsed = parseNumber(text)
  if (parsed.kind === 'either')
    return {
      value: null,
      problem: `“${text}” may be ${parsed.values[0]} or ${parsed.values[1]}. Write it without a mark for thousands.`,
    }
  if (parsed.kind === 'none')
    return { value: null, problem: `“${text.slice(0, 20)}” isn’t a number. Write it like 12 or 12,5.` }
  return parsed.value > 1e6
    ? { value: null, problem: `${text} is more than any cupboard holds.` }
    : { value: parsed.value, problem: null }
}
