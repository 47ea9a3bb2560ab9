import type { Plan } from '#core/plan'
import { unitDefinition, unitSaid } from '#core/quantity'

/**
 * What is measured with its unit behind it, for axes; things counted have none.
 * @example measuredLabel(plan) // 'bounce height (cm)'
 */
export function measuredLabel({ measured }: Pick<Plan, 'measured'>): string {
  const { symbol } = unitDefinition(measured.unit)
  return symbol ? `${measured.name} (${symbol})` : measured.name
}

/**
 * What is measured and in what, for captions of tables.
 * @example measuredCaption(plan) // 'bounce height in cm'
 */
export function measuredCaption({ measured }: Pick<Plan, 'measured'>): string {
  const unit = unitSaid(measured.unit)
  return unit ? `${measured.name} in ${unit}` : measured.name
}
