import { withVariation } from '../plan'
import { remedy } from './finding'

/** Nothing needs to be compared by a class that wants to see how much one setting varies. */
export const onlyLookAtVariation = remedy('Only look how much it varies', withVariation)
