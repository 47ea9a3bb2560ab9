import type { Plan } from './plan'

/** One press that mends a plan, or makes it better. */
export interface Remedy {
  label: string
  /** The mended plan; the given plan is left as it is. */
  apply: (plan: Plan) => Plan
  /** What it gains and costs, or what to mind. */
  note?: string
  /** What is said once it is done, where “Done” and its label would not do. */
  done?: string
}

/**
 * A remedy that replaces some fields of the plan.
 * @example remedy('Test it three times', () => ({ tries: 3 })).label // 'Test it three times'
 */
export function remedy(label: string, change: (plan: Plan) => Partial<Plan>): Remedy {
  return { label, apply: (plan) => ({ ...plan, ...change(plan) }) }
}
