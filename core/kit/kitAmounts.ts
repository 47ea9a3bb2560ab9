import { itemAt, defined } from '../defined'
import type { CupboardInstrument } from '../instrument'
import { testingGroups, type Material, type Plan } from '../plan'
import { stripRoundingNoise } from '../quantity'
import { derivedKit, isInstrumentLine, standing } from './derivedKit'
import { measurable } from './measurable'
import { childrenOnTray, timesNeeded, type TrayChildren } from './timesNeeded'

/** Who the kit is for, and what it is measured out with. */
export interface KitClass extends TrayChildren {
  /** The school's instruments, which say how finely an amount can be measured out. */
  cupboard: readonly CupboardInstrument[]
  /** What was used up before in place of what was packed, by the material's name; see `usedBefore`. */
  usedBefore?: Readonly<Record<string, number>>
}

/** What one line of the kit list comes to. */
export interface KitLine {
  material: Material
  /** Whether the line follows from the plan or was typed. */
  origin: 'derived' | 'typed'
  /** What lies on each group's tray, in the order of the groups; 0 for what is not on trays. */
  perGroup: number[]
  /** What lies on the front table, at the stations or with the teacher, for all together. */
  shared: number
  /** What is needed without spares. */
  needed: number
  spare: number
  /** What to have ready: needed and spares. */
  total: number
}

/** Every line of a plan's kit: the typed ones in their order, then those that follow from the plan. */
export function kitMaterials(plan: Plan): { material: Material; origin: KitLine['origin'] }[] {
  return [
    ...standing(plan).map((material) => ({ material, origin: 'typed' as const })),
    ...derivedKit(plan).map((material) => ({ material, origin: 'derived' as const })),
  ]
}

/**
 * The amounts for a class: what the plan brings by itself and what was typed, each by its rule.
 *
 * What each child needs goes by how many children each group has. At stations the reused things of a level stay
 * where they are, one set at each; extra groups wait, as in the lesson's time plan. If the cupboard has fewer of an instrument
 * than there are groups, all of them are packed and the groups share. What waits at
 * the front or with the teacher is added up there and lies on no tray. Each amount is rounded up to what can be
 * measured out (whole things; mL, g and cm by the school's own instruments), trays first, then spares.
 *
 * @throws RangeError when a count is negative or not a whole number.
 * @example kitAmounts(plan, { groups: 6, children: 24, cupboard })[0].total // 6: a metre stick for each group
 */
export function kitAmounts(plan: Plan, own: KitClass): KitLine[] {
  const { groups, children, cupboard, usedBefore = {} } = own
  for (const count of [groups, children])
    if (!Number.isInteger(count) || count < 0)
      throw new RangeError('groups and children are counted in whole numbers from 0')
  const places = testingGroups(plan, groups)
  return kitMaterials(plan).map((one) => {
    const { material, origin } = goingRound(one, places.length, cupboard)
    const { amount, unit, per, use, place, spare } = material
    const up = (raw: number) => measurable(raw, unit, cupboard)
    const stays = plan.whoTests === 'stations' && use === 'reused' && per === 'level'
    const times = places.map((one) =>
      timesNeeded(material, plan, one, childrenOnTray(own, places.length, one)),
    )
    const forAll = per === 'class' || per === 'turns'
    const onTrays = !stays && !forAll && place === 'tray'
    const perGroup = Array.from({ length: groups }, (_, one) =>
      onTrays && one < times.length ? up(amount * itemAt(times, one)) : 0,
    )
    const together = forAll ? 1 : stays ? levelsOf(material, plan) : sum(times)
    const shared = onTrays ? 0 : up(amount * together)
    const needed = onTrays ? stripRoundingNoise(sum(perGroup)) : shared
    const usual = up(spare.kind === 'percent' ? (needed * spare.value) / 100 : spare.value)
    const ready = Math.max(
      usual,
      up(
        Math.max(
          0,
          (Object.hasOwn(usedBefore, material.name) ? defined(usedBefore[material.name]) : 0) - needed,
        ),
      ),
    )
    return {
      material,
      origin,
      perGroup,
      shared,
      needed,
      spare: ready,
      total: stripRoundingNoise(needed + ready),
    }
  })
}

function levelsOf({ level }: Material, plan: Plan): number {
  return level === null ? plan.levels.length : plan.levels.filter((one) => one.id === level).length
}

/** If there are fewer instruments than groups, the groups share all of them: the kit packs what the time plan counts on. */
function goingRound(
  { material, origin }: { material: Material; origin: KitLine['origin'] },
  groups: number,
  cupboard: readonly CupboardInstrument[],
): { material: Material; origin: KitLine['origin'] } {
  if (origin !== 'derived' || !isInstrumentLine(material.id) || material.per !== 'group')
    return { material, origin }
  const howMany = Math.floor(cupboard.find((one) => one.name === material.name)?.howMany ?? 0)
  return howMany >= 1 && howMany < groups
    ? {
        material: { ...material, per: 'turns', amount: howMany, spare: { kind: 'number', value: 0 } },
        origin,
      }
    : { material, origin }
}

function sum(numbers: readonly number[]): number {
  return numbers.reduce((total, one) => total + one, 0)
}
