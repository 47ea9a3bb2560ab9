import type { AgeBand } from '../class'
import { allergenName, thingNamed, type ClassAllergy } from '../catalogue'
import { supplyKey, type KitLine, type Supply } from '../kit'
import type { Plan } from '../plan'
import { cautionsFor, type Caution } from './cautions'
import { matchPlan, type PlanMatch } from './matchPlan'

/** An allergy of the class that something in the plan may touch. Children are counted, never named. */
export interface AllergyFlag {
  name: string
  children: number
  /** What in the plan brings it. */
  words: string
  /** Things that do the same job and are free of it. */
  instead: string[]
}

/** What the school itself says about a thing. */
export interface OwnCaution {
  name: string
  care: string
}

/** Everything that the Safe check has to say of a plan. It reminds; it never clears. */
export interface SafeCheck {
  /** `mend` where something is not for this age at all; `think` until it is confirmed; never `good` by itself. */
  state: 'think' | 'mend'
  cautions: Caution[]
  allergies: AllergyFlag[]
  own: OwnCaution[]
  unknown: string[]
  /** What a confirmation stands for; when something joins it, it is asked again. */
  basis: string[]
}

/** What the Safe check looks at beside the plan. */
export interface SafeContext {
  age: AgeBand
  lines: readonly Pick<KitLine, 'material'>[]
  allergies: readonly ClassAllergy[]
  supplies: readonly Pick<Supply, 'name' | 'care'>[]
}

/**
 * The Safe check: the usual cautions at this age for what the plan brings, the allergies of the class that it touches,
 * what the school itself says of a thing, and what nobody here knows.
 * @example checkSafe(bottle, safeContext).cautions[0].heading // 'warm water, only an adult'
 */
export function checkSafe(plan: Plan, { age, lines, allergies, supplies }: SafeContext): SafeCheck {
  const match = matchPlan(plan, lines, age)
  const cautions = cautionsFor(match.sources, age)
  const own = ownCautions(lines, supplies)
  const knownHere = new Set(own.map((one) => supplyKey(one.name)))
  const unknown = match.unknown.filter((name) => !knownHere.has(supplyKey(name)))
  return {
    state: cautions.some((one) => one.handling === 'not at all') ? 'mend' : 'think',
    cautions,
    allergies: allergyFlags(match, allergies),
    own,
    unknown,
    basis: basisOf(match, own, unknown, allergies),
  }
}

function ownCautions(lines: SafeContext['lines'], supplies: SafeContext['supplies']): OwnCaution[] {
  return supplies
    .filter((supply) => supply.care.trim() !== '')
    .filter((supply) => lines.some(({ material }) => supplyKey(material.name) === supplyKey(supply.name)))
    .map(({ name, care }) => ({ name, care }))
}

function allergyFlags({ allergens }: PlanMatch, allergies: readonly ClassAllergy[]): AllergyFlag[] {
  return allergies
    .filter((one) => one.children > 0)
    .flatMap(({ allergen, children }) => {
      const hits = allergens.filter((one) => one.allergen === allergen)
      if (hits.length === 0) return []
      const words = [...new Set(hits.map((one) => one.words.toLowerCase()))]
      const instead = words
        .flatMap((word) => thingNamed(word)?.instead ?? [])
        .filter((name) => !thingNamed(name)?.allergens.includes(allergen))
      return [
        { name: allergenName(allergen), children, words: words.join(', '), instead: [...new Set(instead)] },
      ]
    })
}

/** What bears a hazard, word for word, and what is unknown: in no order, each once. */
function basisOf(
  match: PlanMatch,
  own: readonly OwnCaution[],
  unknown: readonly string[],
  allergies: readonly ClassAllergy[],
): string[] {
  const reacts = new Set(allergies.filter((one) => one.children > 0).map((one) => one.allergen))
  const plain = (text: string) => text.trim().toLowerCase().replace(/\s+/g, ' ')
  return [
    ...new Set([
      ...match.sources.map((one) => `${one.hazard}: ${plain(one.text)}`),
      ...match.allergens
        .filter((one) => reacts.has(one.allergen))
        .map((one) => `allergen ${one.allergen}: ${plain(one.text)}`),
      ...own.map((one) => `own: ${plain(one.name)} ${plain(one.care)}`),
      ...unknown.map((name) => `unknown: ${plain(name)}`),
    ]),
  ].sort()
}

/**
 * Whether a confirmation still stands: everything that bears a hazard now was there when it was given.
 * @example stillConfirmed(['spills: water'], []) // true
 */
export function stillConfirmed(confirmed: readonly string[], now: readonly string[]): boolean {
  const known = new Set(confirmed)
  return now.every((one) => known.has(one))
}
