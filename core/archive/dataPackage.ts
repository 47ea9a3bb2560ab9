import type { WrittenTable } from '../format'

/** A table of a data package: where it lies beside the description. */
export interface PackagedTable extends WrittenTable {
  /** In small letters, digits and hyphens. */
  name: string
  title: string
  path: string
}

/**
 * What describes tables to programs that never heard of us, as the open Tabular Data Package standard has it: each file with its columns,
 * their types and what they mean.
 * @example dataPackage('Ball bounce', '2026-03-09T10:00:00Z', [readings]).resources[0].schema.fields[2].type // 'integer'
 */
export function dataPackage(title: string, created: string, tables: readonly PackagedTable[]) {
  return {
    profile: 'tabular-data-package',
    name: packageName(title),
    title,
    created,
    resources: tables.map(({ name, title: tableTitle, path, columns }) => ({
      profile: 'tabular-data-resource',
      name,
      title: tableTitle,
      path,
      format: 'csv',
      mediatype: 'text/csv',
      encoding: 'utf-8',
      dialect: { delimiter: ',', lineTerminator: '\r\n', quoteChar: '"', doubleQuote: true, header: true },
      schema: {
        fields: columns.map(({ name: column, type, about }) => ({ name: column, type, description: about })),
        missingValues: [''],
        primaryKey: 'id',
      },
    })),
  }
}

/** A title as such packages are named: small letters, digits, hyphens. */
const packageName = (title: string): string =>
  title
    .normalize('NFKD')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '') || 'lesson'
