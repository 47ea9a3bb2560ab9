import { defined, itemAt } from '#core/defined'
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { addMinutes } from 'date-fns'
import { kestrelLessons, type DemoLesson } from '../demo/lessons'
import { demoObservations } from '../demo/observations'
import { demoReviews } from '../demo/reviews'
import { seededRandom, type Random } from '../core/random'
import { uuidFrom } from '../demo/random'
import { simulateEntries } from '../demo/entries'
import { kestrelClass, tidewickCalendar, tidewickSupplies } from '../demo/school'
import { starterPlan, starters } from '../starters'
import type { Database } from '../server/database/database'
import { createClass, listClasses } from '../server/queries/classes'
import { changeLesson, createLesson, saveConclusion } from '../server/queries/lessons'
import { saveNote, saveStimulus } from '../server/queries/notes'
import { addObservation, changeObservation } from '../server/queries/observations'
import { drawPicture, keepPicture } from '../server/queries/pictures'
import { savePlan } from '../server/queries/plans'
import { changeReview, saveReview, setReviewing } from '../server/queries/reviews'
import { saveCalendar, saveShopList } from '../server/queries/school'
import { offers } from '#demo/supplierList'
import { saveSupply } from '../server/queries/supplies'
import { savePrediction } from '../server/queries/predictions'
import { addEntries } from '../server/queries/entries'
import { confirmSafety } from '../server/queries/safety'

/** Fills an empty database with the demo school; one that holds a class already is left alone. */
export async function seedDemo(db: Database, today: Date, seed = 20260301): Promise<boolean> {
  if ((await listClasses(db, undefined)).length > 0) return false
  const random = seededRandom(seed)
  const kestrel = await createClass(db, kestrelClass(random))
  await saveCalendar(db, tidewickCalendar(today))
  await saveShopList(db, [...offers])
  for (const supply of tidewickSupplies(random)) await saveSupply(db, supply)
  const groupIds = kestrel.groups.map((group) => group.id)
  for (const lesson of kestrelLessons(today)) {
    const { starter, changes, notes, stimulus, date, stage, predictions, readings, conclusion } = lesson
    const id = await createLesson(db, kestrel.id, date, { kind: 'starter', id: starter.id })
    const isChanged = changes !== undefined || !starters.includes(starter)
    if (isChanged)
      await savePlan(db, id, { plan: { ...starterPlan(starter, kestrel.ageBand), ...changes }, version: 0 })
    if (stimulus) {
      const picture = await keepPicture(db, await drawPicture(sketchAt(stimulus.sketch)))
      await saveStimulus(db, id, { text: stimulus.text, picture: picture.id })
    }
    for (const note of notes ?? []) await saveNote(db, id, { ...note, id: uuidFrom(random) })
    for (const { groupIndex, answer, because } of predictions)
      await savePrediction(db, id, itemAt(groupIds, groupIndex), { seat: 0, answer, because })
    if (readings || stage === 'test') {
      const version = isChanged ? 1 : 0
      await confirmSafety(db, id, 'MT', version)
    }
    if (readings) await addEntries(db, id, simulateEntries(starter, { ...readings, groupIds }, random))
    await seedObservations(db, id, lesson, groupIds, random)
    await seedReviews(db, id, lesson, groupIds)
    await saveConclusion(db, id, { conclusion, version: 0 })
    await changeLesson(db, id, { stage })
  }
  return true
}

const sketchAt = (file: string) => readFileSync(join('demo', 'pictures', file))

/** Lets the groups visit each other, and closes the visits. */
async function seedReviews(
  db: Database,
  id: string,
  { starter, readings }: DemoLesson,
  groupIds: string[],
): Promise<void> {
  const left = readings && starters.includes(starter) ? demoReviews[starter.id] : undefined
  if (!left) return
  const { hosts } = await setReviewing(db, id, { open: true, round: 1 })
  for (const [place, { convinced, question, answer }] of left.entries()) {
    const byGroupId = itemAt(groupIds, place)
    const pair = { byGroupId, ofGroupId: defined(hosts[byGroupId]) }
    await saveReview(db, id, pair, { convinced, question }, true)
    if (answer) await changeReview(db, id, pair, { answer })
  }
  await setReviewing(db, id, { open: false, round: 1 })
}

async function seedObservations(
  db: Database,
  id: string,
  { starter, readings }: DemoLesson,
  groupIds: string[],
  random: Random,
): Promise<void> {
  // What is noticed belongs to the starter as it ships.
  if (!readings || !starters.includes(starter)) return
  for (const one of demoObservations[starter.id] ?? []) {
    const { groupIndex, kind, text, sketch, about, after, onBoard } = one
    const kept = await addObservation(db, id, uuidFrom(random), {
      groupId: groupIndex === null ? null : itemAt(groupIds, groupIndex),
      kind,
      text,
      about: about
        ? {
            levelId: itemAt(starter.plan.levels, about.level).id,
            tryNumber: about.tryNumber,
            moment: about.moment ?? '',
          }
        : null,
      source: 'demo',
      seenAt: addMinutes(new Date(readings.start), after).toISOString(),
      picture: sketch ? sketchAt(sketch).toString('base64') : null,
    })
    if (onBoard) await changeObservation(db, id, kept.id, { onBoard })
  }
}
