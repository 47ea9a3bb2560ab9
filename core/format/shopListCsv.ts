import { itemAt, defined } from '../defined'
import Papa from 'papaparse'
import { supplyKey, type Offer } from '../kit'
import { safeCell, unquoted } from './cells'
import { readCsvTable } from './csvTable'
import { readNumber, suppliesLimit } from './suppliesCsv'

/** The lines of a shop list, or what is wrong with it. */
export type ShopListRead = { ok: true; offers: Offer[] } | { ok: false; problem: string }

const columns = {
  name: ['name', 'item', 'material', 'what'],
  unit: ['unit'],
  packSize: ['pack size', 'pack', 'per pack', 'packsize'],
  price: ['price', 'cost', 'price per pack'],
} as const
type Column = keyof typeof columns
const letters = { name: 80, unit: 20 }

/**
 * A shop list as CSV, safe to open in a spreadsheet.
 * @example shopListCsv([{ name: 'card', unit: 'sheets', packSize: 100, price: 6.5 }]) // 'name,unit,pack size,price\ncard,sheets,100,6.5'
 */
export const shopListCsv = (offers: readonly Offer[]): string =>
  Papa.unparse(
    {
      fields: ['name', 'unit', 'pack size', 'price'],
      data: offers.map(({ name, unit, packSize, price }) => [
        safeCell(name),
        safeCell(unit),
        packSize,
        price,
      ]),
    },
    { newline: '\n' },
  )

/**
 * Reads what a shop sells from CSV with a header: name, pack size and price of each thing, and its unit where it has one. A list with
 * a line that can't be read is not taken at all.
 * @example readShopList('name,pack size,price\npaper clips,100,"0,90"') // { ok: true, offers: [{ name: 'paper clips', unit: '', packSize: 100, price: 0.9 }] }
 */
export function readShopList(csv: string): ShopListRead {
  const table = readCsvTable(csv, suppliesLimit)
  if (!table.ok) return table
  const at = Object.fromEntries(
    Object.entries(columns).map(([column, names]) => [
      column,
      table.header.findIndex((cell) => (names as readonly string[]).includes(cell)),
    ]),
  ) as Record<Column, number>
  const missing = (['name', 'packSize', 'price'] as const).find((column) => at[column] < 0)
  if (missing)
    return {
      ok: false,
      problem: `The first line must name the columns; “${columns[missing][0]}” is missing. You can use: name, unit, pack size, price.`,
    }
  const lines = table.rows.map((cells) => readLine((column) => (cells[at[column]] ?? '').trim()))
  const bad = lines.findIndex((line) => typeof line === 'string')
  if (bad >= 0) return { ok: false, problem: `Line ${bad + 2}: ${lines[bad] as string}` }
  const offers = lines as Offer[]
  const keys = offers.map(({ name }) => supplyKey(name))
  const twin = keys.findIndex((key, place) => keys.indexOf(key) < place)
  return twin < 0
    ? { ok: true, offers }
    : {
        ok: false,
        problem: `Line ${twin + 2}: “${itemAt(offers, twin).name}” is on line ${keys.indexOf(itemAt(keys, twin)) + 2} already. Keep the one you buy.`,
      }
}

/** One offer, or what is wrong with its line. */
function readLine(cell: (column: Column) => string): Offer | string {
  const name = unquoted(cell('name')).replace(/\s+/g, ' ')
  const unit = unquoted(cell('unit'))
  const [packSize, price] = [readNumber(cell('packSize')), readNumber(cell('price'))]
  if (name === '') return 'This line has no name. Type what is sold, or delete the line.'
  if (name.length > letters.name) return `This name is too long. Use at most ${letters.name} letters.`
  if (unit.length > letters.unit) return `This unit is too long. Use at most ${letters.unit} letters.`
  if (packSize.problem ?? price.problem) return defined(packSize.problem ?? price.problem)
  if (!packSize.value) return 'How much is in a pack? Type a number above 0.'
  if (price.value === null) return 'What does a pack cost? Type a number.'
  return { name, unit, packSize: packSize.value, price: price.value }
}
