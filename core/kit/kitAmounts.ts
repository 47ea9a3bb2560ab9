import { levelsForGroup, testingPlaces, type Material, type Plan } from '../plan'

/** How many people the kit is for. */
export interface KitClass {
  groups: number
  children: number
}

/** What one line of the kit list comes to. */
export interface KitLine {
  material: Material
  /** What lies on each group's tray, in the order of the groups; 0 for what the class shares. */
  perGroup: number[]
  /** What is needed without spares. */
  needed: number
  spare: number
  /** What to fetch: needed and spares, in whole things. */
  total: number
}

/**
 * The amounts for a class from the plan's material rules.
 *
 * A used-up material is needed anew for everything its rule names: "level x try" of 2 for 5 levels, 3 tries
 * and 1 practice try is 2 x (5 x 3 + 1) for each group. A reused one is needed once for each simultaneous
 * user: a group works on one try at a time, so "per try" and "level x try" count once a group, while "per
 * level" counts once for each level, since the levels stand ready side by side. Children are shared
 * out over the groups as evenly as possible. At stations the reused things of a level stay where they are: one
 * set at each station, more where more groups than stations must double up. Everything is rounded up to whole units, trays first, then spares.
 *
 * @throws RangeError when a count is negative or not a whole number.
 * @example kitAmounts(plan, { groups: 6, children: 24 })[0].total // 7: a ball for each group and one spare
 */
export function kitAmounts(plan: Plan, { groups, children }: KitClass): KitLine[] {
  for (const count of [groups, children])
    if (!Number.isInteger(count) || count < 0)
      throw new RangeError('groups and children are counted in whole numbers from 0')
  const trays = testingPlaces(plan, groups).length
  return plan.materials.map((material) => {
    const stays = plan.whoTests === 'stations' && material.use === 'reused' && material.per === 'level'
    const perGroup = Array.from({ length: groups }, (_, place) =>
      place < trays && !stays
        ? roundUp(material.amount * timesForGroup(material, plan, place, share(children, trays, place)))
        : 0,
    )
    const needed =
      material.per === 'class'
        ? roundUp(material.amount)
        : stays
          ? roundUp(material.amount * stationSets(plan.levels.length, groups))
          : perGroup.reduce((sum, amount) => sum + amount, 0)
    const spare =
      material.spare.kind === 'percent'
        ? roundUp((needed * material.spare.value) / 100)
        : roundUp(material.spare.value)
    return { material, perGroup, needed, spare, total: needed + spare }
  })
}

/** One set at each station; where groups are more than stations, some stations serve two at once. */
function stationSets(stations: number, groups: number): number {
  return stations === 0 ? 0 : stations * Math.max(1, Math.ceil(groups / stations))
}

function timesForGroup({ per, use }: Material, plan: Plan, place: number, children: number): number {
  const levels = levelsForGroup(plan, place).length
  switch (per) {
    case 'class':
      return 0
    case 'group':
      return 1
    case 'child':
      return children
    case 'level':
      return levels
    case 'try':
      return use === 'reused' ? 1 : plan.tries + plan.practiceTries
    case 'level-try':
      return use === 'reused' ? 1 : levels * plan.tries + plan.practiceTries
  }
}

function share(children: number, trays: number, place: number): number {
  return Math.floor(children / trays) + (place < children % trays ? 1 : 0)
}

/** Rounds up, forgiving floating-point dust, so that 0.1 x 30 is 3 and not 4. */
function roundUp(amount: number): number {
  return Math.ceil(Number(amount.toPrecision(10)))
}
