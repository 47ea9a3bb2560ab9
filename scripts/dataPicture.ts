import { readFileSync, writeFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { is } from 'drizzle-orm'
import { getTableConfig, PgTable } from 'drizzle-orm/pg-core'
import * as schema from '../server/database/schema'

const file = fileURLToPath(new URL('../docs/data.md', import.meta.url))
const picture = /```mermaid\n[\s\S]*?```/

/** The tables of the database and what they point at, as a diagram in text. */
export function dataPicture(): string {
  const tables = Object.values(schema)
    .filter((one) => is(one, PgTable))
    .map(getTableConfig)
    .sort((a, b) => a.name.localeCompare(b.name))
  const lines = tables.flatMap(({ name, columns, foreignKeys }) => {
    const fields = columns.map((column) => `    ${column.getSQLType().split(' ')[0]} ${column.name}`)
    const points = foreignKeys.map((key) => {
      const { columns: from, foreignTable } = key.reference()
      return `  ${getTableConfig(foreignTable).name} ||--o{ ${name} : ${from.map((one) => one.name).join('_')}`
    })
    return [`  ${name} {`, ...fields, '  }', ...points]
  })
  return ['```mermaid', 'erDiagram', ...lines, '```'].join('\n')
}

/** The picture as it was last written. */
export const writtenPicture = () => picture.exec(readFileSync(file, 'utf8'))?.[0]

if (process.argv[1] === fileURLToPath(import.meta.url))
  writeFileSync(
    file,
    readFileSync(file, 'utf8').replace(picture, () => dataPicture()),
  )
