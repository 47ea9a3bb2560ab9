import { evenLevels } from './evenLevels'
import { fittingPrediction } from './fittingPrediction'
import { newId } from './newId'
import { planLimits, type Changed, type Level, type Plan } from './plan'
import { suggestLevel } from './suggestLevel'

/**
 * A level that nothing has been said of yet, but what is given.
 * @example newLevel({ id: 'h40', value: 40 }) // { id: 'h40', name: '', value: 40, baseline: false, picture: null }
 */
export const newLevel = (known: Partial<Level> = {}): Level => ({
  id: newId(),
  name: '',
  value: null,
  baseline: false,
  picture: null,
  ...known,
})

/**
 * The plan with one more level: a number that keeps the steps even, or a kind without a name. As it is where it has the most.
 * @example withLevelAdded(plan).levels.at(-1).value // 80 after 20, 40, 60
 */
export const withLevelAdded = (plan: Plan): Plan =>
  plan.levels.length >= planLimits.levels
    ? plan
    : { ...plan, levels: [...plan.levels, newLevel({ value: suggestLevel(plan) })] }

/**
 * The plan with one of its levels said differently.
 * @example withLevel(plan, 'h20', { value: 25 }).levels[0].value // 25
 */
export const withLevel = (plan: Plan, id: string, changes: Partial<Omit<Level, 'id'>>): Plan => ({
  ...plan,
  levels: plan.levels.map((level) => (level.id === id ? { ...level, ...changes } : level)),
})

/**
 * The plan without one of its levels.
 * @example withoutLevel(plan, 'h20').levels.length // 2
 */
export const withoutLevel = (plan: Plan, id: string): Plan => ({
  ...plan,
  levels: plan.levels.filter((level) => level.id !== id),
})

/**
 * The plan with levels that are numbers, or named kinds. The two do not mix, so the levels turn into one another as far as they can; a
 * plan without any gets one to begin with.
 * @example withLevelKind(plan, 'kinds').levels.map((level) => level.name) // ['20', '40', '60']
 */
export function withLevelKind(plan: Plan, kind: Changed['kind']): Plan {
  if (kind === plan.changed.kind) return plan
  const turned = plan.levels.map((level): Level =>
    kind === 'kinds'
      ? { ...level, name: level.name || (level.value === null ? '' : String(level.value)) }
      : { ...level, value: level.value ?? (Number(level.name) || null), baseline: false, picture: null },
  )
  const unit = kind === 'number' ? (plan.changed.unit ?? 'cm') : null
  const changed: Changed = { ...plan.changed, kind, unit, range: null }
  return {
    ...plan,
    changed,
    levels: turned.length > 0 ? turned : [newLevel()],
    prediction: fittingPrediction(plan, changed),
  }
}

/**
 * The plan with so many numbers in even steps over all that the set-up allows; a level that has such a number already stays.
 * @throws RangeError as `evenLevels` does
 * @example withEvenLevels(plan, { least: 20, greatest: 80 }, 3).levels.map((level) => level.value) // [20, 45, 70]
 */
export function withEvenLevels(plan: Plan, range: NonNullable<Changed['range']>, count: number): Plan {
  const levels = evenLevels(range.least, range.greatest, count).map(
    (value) => plan.levels.find((level) => level.value === value) ?? newLevel({ value }),
  )
  return { ...plan, changed: { ...plan.changed, range }, levels }
}
