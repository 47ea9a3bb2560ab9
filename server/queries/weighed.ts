import type { SupplyRow } from '#core/format'
import type { Supply } from '#core/kit'
import type { ClassDto, ClassInput } from '#shared/types/api'
import type { Database } from '../database/database'
import { updateClass } from './classes'
import { recheckConfirmations } from './safety'
import { importSupplies, listSupplies, removeSupply, saveSupply } from './supplies'

// Changes after which what teachers have confirmed may stand no longer: each weighs it in its own transaction.

/** Changes a class; its age and its allergies are part of what was confirmed. */
export function changeClass(db: Database, id: string, input: ClassInput): Promise<ClassDto> {
  return db.transaction(async (tx) => {
    const saved = await updateClass(tx, id, input)
    await recheckConfirmations(tx, { classId: id })
    return saved
  })
}

/** Adds or changes a line of the store cupboard. */
export const changeSupply = (db: Database, supply: Supply): Promise<Supply> =>
  weighed(db, (tx) => saveSupply(tx, supply))

/** Takes a line out of the store cupboard. */
export const takeOutSupply = (db: Database, id: string): Promise<void> =>
  weighed(db, (tx) => removeSupply(tx, id))

/** Takes a file of supplies in. */
export const takeInSupplies = (db: Database, rows: readonly SupplyRow[]): Promise<Supply[]> =>
  weighed(db, (tx) => importSupplies(tx, rows))

/** What the school says about handling its things is part of what was confirmed; amounts and places are not. */
async function weighed<T>(db: Database, change: (tx: Database) => Promise<T>): Promise<T> {
  return db.transaction(async (tx) => {
    const before = await careOf(tx)
    const changed = await change(tx)
    if ((await careOf(tx)) !== before) await recheckConfirmations(tx, 'all')
    return changed
  })
}

async function careOf(tx: Database): Promise<string> {
  const said = (await listSupplies(tx)).filter((one) => one.care.trim() !== '')
  return JSON.stringify(said.map(({ name, care }) => [name, care]).sort())
}
