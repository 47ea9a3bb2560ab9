import Papa from 'papaparse'

/** A column of a table that we write: one more is one more line in its list. */
export interface TableColumn<Row> {
  name: string
  /** What its cells hold where they are not empty. */
  type: 'string' | 'integer' | 'number' | 'datetime'
  about: string
  cell: (row: Row) => string | number
}

/** A table as a file and what its columns are, for whoever reads it without us. */
export interface WrittenTable {
  csv: string
  columns: Pick<TableColumn<never>, 'name' | 'type' | 'about'>[]
}

/**
 * Writes a table as CSV (RFC 4180, header first, UTF-8).
 * @example writeTable([{ name: 'try', type: 'integer', about: '', cell: (row) => row.try }], [{ try: 2 }]).csv // 'try\r\n2'
 */
export function writeTable<Row>(columns: readonly TableColumn<Row>[], rows: readonly Row[]): WrittenTable {
  return {
    csv: Papa.unparse(
      {
        fields: columns.map(({ name }) => name),
        data: rows.map((row) => columns.map(({ cell }) => cell(row))),
      },
      { newline: '\r\n' },
    ),
    columns: columns.map(({ name, type, about }) => ({ name, type, about })),
  }
}
