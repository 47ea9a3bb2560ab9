import { asc } from 'drizzle-orm'
import { usualCalendar, type SchoolCalendar } from '#core/calendar'
import { usualCupboard, type CupboardInstrument } from '#core/instrument'
import type { Offer } from '#core/kit'
import { usualWays, type SchoolWays } from '#core/plan'
import type { SchoolDto } from '#shared/types/api'
import type { Database } from '../database/database'
import { instruments, school } from '../database/schema'

const onlyRow = 1

/** How the school works and what is in its cupboard; the usual ones until it has said otherwise. */
export async function getSchool(db: Database): Promise<SchoolDto> {
  const [row] = await db.select().from(school)
  const listed = await db.select().from(instruments).orderBy(asc(instruments.place))
  // A row of an earlier version has not been asked everything.
  const ways = { ...usualWays, ...row?.ways }
  return {
    ways,
    calendar: row?.calendar ?? usualCalendar,
    cupboard: listed.length > 0 ? listed.map((one) => one.definition) : usualCupboard(ways.units),
  }
}

export async function saveWays(db: Database, ways: SchoolWays): Promise<SchoolDto> {
  await db
    .insert(school)
    .values({ id: onlyRow, ways })
    .onConflictDoUpdate({ target: school.id, set: { ways } })
  return getSchool(db)
}

/** When the school is open. */
export async function saveCalendar(db: Database, calendar: SchoolCalendar): Promise<SchoolDto> {
  await db
    .insert(school)
    .values({ id: onlyRow, ways: usualWays, calendar })
    .onConflictDoUpdate({ target: school.id, set: { calendar } })
  return getSchool(db)
}

/** What a shop sells; nothing until the school has loaded a list. */
export async function getShopList(db: Database): Promise<Offer[]> {
  const [row] = await db.select({ offers: school.offers }).from(school)
  return row?.offers ?? []
}

export async function saveShopList(db: Database, offers: Offer[]): Promise<Offer[]> {
  await db
    .insert(school)
    .values({ id: onlyRow, ways: usualWays, offers })
    .onConflictDoUpdate({ target: school.id, set: { offers } })
  return getShopList(db)
}

/** Replaces the list of instruments. Plans keep the copies that they were made with. */
export async function saveCupboard(db: Database, cupboard: CupboardInstrument[]): Promise<SchoolDto> {
  await db.transaction(async (tx) => {
    await tx.delete(instruments)
    await tx
      .insert(instruments)
      .values(cupboard.map((definition, place) => ({ id: definition.id, definition, place })))
  })
  return getSchool(db)
}
