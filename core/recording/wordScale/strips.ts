import { itemAt } from '../../defined'
import { median } from 'simple-statistics'
import { levelName, orderedLevels, type Plan } from '../../plan'
import type { Entry } from '../../entries'
import type { Tiles } from '../way'
import { isRepeated, momentsOf, rowsOf, type Row } from './rows'
import { wordNames } from './words'

/** Once: a level's word in each group. Again and again: the class's word at each look. */
export function strips(plan: Plan, counted: readonly Entry[]): Tiles {
  const rows = rowsOf(plan, counted)
  const levels = orderedLevels(plan)
  const words = wordNames(plan)
  const share = (place: number) => place / Math.max(1, words.length - 1)
  const groups = [...new Set(rows.map((row) => row.groupId))]
  const moments = momentsOf(plan)
  const columns = isRepeated(plan)
    ? moments.map((moment) => ({ head: moment, groupId: null, placesAt: seenAt(moment) }))
    : groups.map((groupId) => ({ head: '', groupId, placesAt: seenBy(groupId) }))
  return {
    of: { rows: plan.changed.name, columns: isRepeated(plan) ? 'when' : 'group' },
    rows: levels.map((level) => levelName(plan, level)),
    columns: columns.map(({ head, groupId }) => ({ head, groupId })),
    cells: columns.flatMap(({ placesAt }, column) =>
      levels.flatMap((level, row) => {
        const places = placesAt(rows.filter((one) => one.levelId === level.id))
        if (places.length === 0) return []
        const place = Math.floor(median(places))
        return [{ row, column, text: itemAt(words, place), share: share(place) }]
      }),
    ),
  }
}

const seenAt = (moment: string) => (rows: readonly Row[]) =>
  rows.flatMap(({ seen }) => seen.filter((one) => one.moment === moment).map((one) => one.place))
const seenBy = (groupId: string) => (rows: readonly Row[]) =>
  rows.filter((row) => row.groupId === groupId).flatMap(({ seen }) => seen.map((one) => one.place))
