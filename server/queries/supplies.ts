import { asc, eq, inArray, sql } from 'drizzle-orm'
import { suppliesLimit, type SupplyRow } from '#core/format'
import { instrumentSupply, supplyKey, type Supply } from '#core/kit'
import type { Database } from '../database/database'
import { instruments, supplies } from '../database/schema'
import { ApiError, notFound } from '../errors/apiError'

/** The store cupboard, by name. */
export async function listSupplies(db: Database): Promise<Supply[]> {
  const rows = await db.select().from(supplies).orderBy(asc(supplies.name), asc(supplies.id))
  return rows.map(({ madeAt: _madeAt, ...supply }) => supply)
}

/** Adds one line of the cupboard or changes it; two lines of one name would be counted twice. */
export async function saveSupply(db: Database, supply: Supply): Promise<Supply> {
  return db.transaction(async (tx) => {
    await lockCupboard(tx)
    const all = await listSupplies(tx)
    if (all.some((one) => one.id !== supply.id && supplyKey(one.name) === supplyKey(supply.name)))
      throw new ApiError('conflict', `“${supply.name}” is in the store cupboard already. Change that line.`, [
        { path: 'name', message: 'This name is taken.' },
      ])
    if (all.length >= suppliesLimit && !all.some((one) => one.id === supply.id))
      throw new ApiError('invalid', `A store cupboard has at most ${suppliesLimit} lines.`)
    await put(tx, supply)
    return supply
  })
}

export async function removeSupply(db: Database, id: string): Promise<void> {
  const gone = await db.delete(supplies).where(eq(supplies.id, id)).returning({ id: supplies.id })
  if (gone.length === 0) throw notFound('thing')
}

/** Takes in a file that has been looked at: all of it or nothing. */
export async function importSupplies(db: Database, rows: readonly SupplyRow[]): Promise<Supply[]> {
  return db.transaction(async (tx) => {
    await lockCupboard(tx)
    for (const { supply } of rows) await put(tx, supply)
    const all = await listSupplies(tx)
    if (all.length > suppliesLimit)
      throw new ApiError(
        'invalid',
        `That would be ${all.length} lines. A store cupboard has at most ${suppliesLimit}.`,
      )
    return all
  })
}

/** One writer of the cupboard's names at a time. */
async function lockCupboard(tx: Database): Promise<void> {
  await tx.execute(sql`lock table ${supplies} in share row exclusive mode`)
}

async function put(tx: Database, { id, ...fields }: Supply): Promise<void> {
  await tx
    .insert(supplies)
    .values({ id, ...fields })
    .onConflictDoUpdate({ target: supplies.id, set: fields })
}

/** Takes amounts out of the cupboard, or puts them back where they are below 0; it never holds less than nothing. */
export async function takeFromStock(
  tx: Database,
  taken: readonly { supplyId: string; amount: number }[],
): Promise<void> {
  for (const { supplyId, amount } of taken) {
    if (supplyId.startsWith(instrumentSupply)) await takeInstrument(tx, supplyId, amount)
    else
      await tx
        .update(supplies)
        .set({ amount: sql`greatest(0, round((${supplies.amount} - ${amount})::numeric, 6))` })
        .where(inArray(supplies.id, [supplyId]))
  }
}

async function takeInstrument(tx: Database, supplyId: string, amount: number): Promise<void> {
  const id = supplyId.slice(instrumentSupply.length)
  const [row] = await tx.select().from(instruments).where(eq(instruments.id, id)).for('update')
  if (!row) return
  const howMany = Math.max(0, Math.round(row.definition.howMany - amount))
  await tx
    .update(instruments)
    .set({ definition: { ...row.definition, howMany } })
    .where(eq(instruments.id, id))
}
