import type { Plan } from '../plan'

/** What classes often leave uncontrolled, and how it is kept the same. */
export interface Forgotten {
  applies: (plan: Plan) => boolean
  /** Names that speak of it, so that it is not asked about where it is said already. */
  about: RegExp
  name: string
  how: string
  reason: string
}
