import { levelsSaid } from '../method'
import type { Plan } from '../plan'
import { listed } from '../quantity'
import { wayOf } from '../recording'

/** One thing that two plans may say differently. */
interface Compared {
  of: (plan: Plan) => string
  said: (then: string, now: string) => string
  /** It says nothing where this is another already. */
  hangsOn?: (plan: Plan) => string
}

const changed = (plan: Plan) => plan.changed.name
const measured = (plan: Plan) => plan.measured.name

/** What is compared between two plans: one more is one more line. */
const compared: readonly Compared[] = [
  {
    of: changed,
    said: (then, now) => `Last time ${then} was changed; now it is ${now}.`,
  },
  {
    of: (plan) => levelsSaid(plan),
    hangsOn: changed,
    said: (then, now) => `The levels were ${then}; now they are ${now}.`,
  },
  {
    of: measured,
    said: (then, now) => `Last time ${then} was measured; now it is ${now}.`,
  },
  {
    of: (plan) => plan.measured.instrument.name,
    hangsOn: measured,
    said: (then, now) => `It was read with: ${then}; now with: ${now}.`,
  },
  {
    of: (plan) => wayOf(plan).name,
    hangsOn: measured,
    said: (then, now) => `It was recorded like this: ${then}; now: ${now}.`,
  },
  {
    of: (plan) => String(plan.tries),
    said: (then, now) => `There ${then === '1' ? 'was one try' : `were ${then} tries`}; now ${now}.`,
  },
]

/**
 * What is different in a plan from the one that was tested before, in sentences. Where the changed or the measured thing is another, what
 * hangs on it is not compared one by one.
 * @example planDifferences(then, { ...then, tries: 2 }) // ['There were 3 tries; now 2.']
 */
export function planDifferences(then: Plan, now: Plan): string[] {
  const isOther = (of: Compared['of']) => of(then).trim() !== of(now).trim()
  const said = compared.flatMap(({ of, said: words, hangsOn }) => {
    const [before, after] = [of(then).trim(), of(now).trim()]
    const isNews = isOther(of) && before !== '' && after !== '' && !(hangsOn && isOther(hangsOn))
    return isNews ? [words(before, after)] : []
  })
  const names = (plan: Plan) => plan.keptSame.map(({ name }) => name.trim()).filter(Boolean)
  const [before, after] = [names(then), names(now)]
  const gone = before.filter((name) => !after.includes(name))
  const fresh = after.filter((name) => !before.includes(name))
  const otherwise = now.keptSame.filter(({ name, how }) =>
    then.keptSame.some((one) => one.name.trim() === name.trim() && one.how.trim() !== how.trim()),
  )
  return [
    ...said,
    ...(gone.length > 0 ? [`No longer kept the same: ${listed(gone)}.`] : []),
    ...(otherwise.length > 0
      ? [`Kept the same in another way: ${listed(otherwise.map(({ name }) => name.trim()))}.`]
      : []),
    ...(fresh.length > 0 ? [`New among what is kept the same: ${listed(fresh)}.`] : []),
  ]
}
