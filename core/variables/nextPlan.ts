import { stems } from '../catalogue'
import { newId, planLimits, type Plan } from '../plan'
import { suggestParts } from '../wonder'
import { guessFromNames } from './cards'

/** Whether two names are the same but for their form: "kind of ball" and "kinds of balls". */
const isSameName = (one: string, other: string): boolean => {
  const words = (text: string) => stems(text).map(({ stem }) => stem)
  return words(one).join(' ') === words(other).join(' ')
}

/**
 * The plan of the next lesson, which asks another question of the same test: with what it is measured, what is kept the same, the kit and
 * the times stay. What was changed is kept the same from now on, and what the question changes takes its place; where that cannot be told,
 * or is what was changed already, its levels stay as they are.
 * @example nextPlan(bounce, 'Does the kind of ball change the bounce?').changed.name // 'kind of ball'
 */
export function nextPlan(plan: Plan, question: string): Plan {
  const named = suggestParts(question).change[0] ?? ''
  const next: Plan = {
    ...plan,
    ...{ title: '', question, properties: [], expected: null },
    hazards: plan.hazards,
  }
  if (named === '' || isSameName(named, plan.changed.name)) return next
  const same = plan.keptSame.find((one) => isSameName(one.name, named))
  const former = { changed: plan.changed, levels: plan.levels }
  const others = plan.keptSame.filter((one) => one !== same)
  const kept =
    plan.changed.name.trim() === ''
      ? others
      : [...others, { id: newId(), name: plan.changed.name.trim(), how: '', was: former }]
  const guessed = guessFromNames({
    ...next,
    levels: [],
    changed: { name: named, kind: 'kinds', unit: null, range: null },
  })
  return {
    ...guessed,
    measured: plan.measured,
    recording: plan.recording,
    // What a card was when it was changed before comes back with it.
    ...(same?.was ? { changed: same.was.changed, levels: same.was.levels } : {}),
    keptSame: kept.slice(-planLimits.keptSame),
    // What belonged to a level that is no more goes with it.
    materials: plan.materials.filter(({ level }) => level === null),
    leftOut: [],
  }
}
