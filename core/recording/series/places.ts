import type { Plan, Recording } from '../../plan'
import { listed } from '../../quantity'
import type { WayOption } from '../way'

export type Series = Extract<Recording, { kind: 'intervals' | 'daily' }>

export const seriesOf = (plan: Plan) => plan.recording as Series

/** Where each container is read: at one place, which needs no name, or at several. */
export const placesOf = (plan: Plan): string[] => {
  const { positions } = seriesOf(plan)
  return positions?.length ? positions : ['']
}

/** At which places, where there is more than one. */
export const positionsOption: WayOption = {
  name: 'positions',
  label: 'At which places of it',
  kind: 'words',
  optional: true,
  most: 3,
  letters: 20,
  like: 'top, bottom',
  says: (places) => (places.length === 0 ? 'at one place' : `at the ${listed(places)}`),
}
