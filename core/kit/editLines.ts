import type { Material, Plan } from '../plan'
import type { KitLine } from './kitAmounts'

/**
 * A plan with a line of its kit put in place of the one that has its id: one that was typed, or one that follows from the plan.
 * @example withKitLine(plan, { ...washer, amount: 4 }).materials.at(-1).amount // 4
 */
export function withKitLine(plan: Plan, material: Material): Plan {
  const isTyped = plan.materials.some((one) => one.id === material.id)
  return {
    ...plan,
    materials: isTyped
      ? plan.materials.map((one) => (one.id === material.id ? material : one))
      : [...plan.materials, material],
  }
}

/**
 * A plan without a line of its kit; one that follows from the plan is left out of it from now on.
 * @example withoutKitLine(plan, { material: derivedStick, origin: 'derived' }).leftOut // ['kit-instrument-metre stick']
 */
export function withoutKitLine(plan: Plan, { material, origin }: Pick<KitLine, 'material' | 'origin'>): Plan {
  const follows = origin === 'derived' || material.id.startsWith('kit-')
  return {
    ...plan,
    materials: plan.materials.filter((one) => one.id !== material.id),
    leftOut: follows ? [...new Set([...plan.leftOut, material.id])] : plan.leftOut,
  }
}
