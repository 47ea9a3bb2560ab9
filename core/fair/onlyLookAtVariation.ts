import type { Remedy } from '../plan'
import { withAim } from '../variables'

/** Nothing needs to be compared by a class that wants to see how much one setting varies. */
export const onlyLookAtVariation: Remedy = {
  label: 'Only look how much it varies',
  apply: (plan) => withAim(plan, 'vary'),
}
