import type { Plan, Recording } from '../../plan'
import { unitDefinition } from '../../quantity'
import { containerMoment } from '../change/containers'

export type PartsWhole = Extract<Recording, { kind: 'parts-whole' }>

export const partsOf = (plan: Plan) => plan.recording as PartsWhole

/** The moment at which all parts are together. */
export const wholeMoment = 'all together'
export const wholeOf = (plan: Plan): string => partsOf(plan).whole ?? wholeMoment
export const momentsOf = (plan: Plan) => [...partsOf(plan).parts, wholeOf(plan)]

/**
 * The plan as each of its quantities is read, what is compared first. Of the second, parts and whole are moments of their own:
 * "rice, mass". An empty container is weighed and not measured out, so that it belongs to the mass where there are both.
 * @example quantitiesOf(rice).map((one) => one.measured.name) // ['volume', 'mass']
 */
export function quantitiesOf(plan: Plan): Plan[] {
  const { second, ...recording } = partsOf(plan)
  // Since the instrument was changed both may be of one kind; then there is nothing second about it.
  if (!second || dimensionOf(second) === dimensionOf(plan.measured)) return [plan]
  const besides = (moment: string) => `${moment}, ${second.name}`
  const contained = (own: Pick<Plan['measured'], 'unit'>, other: Pick<Plan['measured'], 'unit'>) =>
    dimensionOf(own) === 'mass' || dimensionOf(other) !== 'mass' ? recording.container : 'none'
  return [
    { ...plan, recording: { ...recording, container: contained(plan.measured, second) } },
    {
      ...plan,
      measured: { name: second.name, unit: second.unit, instrument: second.instrument },
      recording: {
        ...recording,
        container: contained(second, plan.measured),
        // What is told of it besides is how much, never by two kinds of share at once.
        compare: 'amount',
        parts: recording.parts.map(besides),
        whole: besides(wholeMoment),
      },
    },
  ]
}

const dimensionOf = ({ unit }: Pick<Plan['measured'], 'unit'>) => unitDefinition(unit).dimension

/**
 * A moment of a quantity without the quantity's own name, where everything around it is of that quantity.
 * @example momentCalled(quantitiesOf(rice)[1], 'rice, mass') // 'rice'
 */
export function momentCalled(quantity: Plan, moment: string): string {
  const own = `, ${quantity.measured.name}`
  return partsOf(quantity).whole !== undefined && moment.endsWith(own) ? moment.slice(0, -own.length) : moment
}

/** Whether an entry at a moment is one of a quantity's own. */
export function isReadAt(quantity: Plan, moment: string): boolean {
  return moment === containerMoment
    ? partsOf(quantity).container === 'weighed'
    : momentsOf(quantity).includes(moment)
}
