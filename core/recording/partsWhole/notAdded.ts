import type { Plan } from '../../plan'
import { unitDefinition } from '../../quantity'

const never: Partial<Record<string, string>> = {
  temperature: 'Temperatures don’t add up: two cups at 20 °C don’t make 40 °C together.',
  share: 'Shares don’t add up: two cups that are half full don’t make one that is full.',
}

/**
 * Why the parts of a plan can't be added up; null where they can.
 * @example notAdded(plan) // null: lengths add up
 */
export const notAdded = ({ measured }: Pick<Plan, 'measured'>): string | null =>
  never[unitDefinition(measured.unit).dimension] ?? null
