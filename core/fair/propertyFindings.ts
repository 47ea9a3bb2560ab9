import { firstOf, defined } from '../defined'
import { levelName, newId, type Plan, type Property, remedy, type Remedy } from '../plan'
import { quoted, type Finding } from './finding'
import { writeDown } from './writeDown'

/** Findings about second properties: whatever the teacher states of the levels that is not the same for all. */
export function propertyFindings(plan: Plan): Finding[] {
  return plan.properties.flatMap((property) => [...differing(plan, property), ...unstated(plan, property)])
}

const plain = (text: string) => text.trim().toLowerCase()
const stated = (plan: Plan, property: Property) =>
  plan.levels.flatMap((level) => {
    const value = property.at[level.id]?.trim() ?? ''
    return value === '' ? [] : [{ level, value }]
  })

function differing(plan: Plan, property: Property): Finding[] {
  const all = stated(plan, property)
  const other = all.find((one) => plain(one.value) !== plain(firstOf(all).value))
  if (!other || property.name.trim() === '') return []
  const [first] = all
  const told = [defined(first), other]
    .map(({ level, value }) => `${quoted(levelName(plan, level), 20)}: ${quoted(value, 20)}`)
    .join(', ')
  const remedies = [
    makeAlike(property, mostCommon(all.map(({ value }) => value))),
    ...askInstead(plan, property),
    ...(property.known
      ? []
      : [
          writeDown(({ properties }) => ({
            properties: properties.map((one) => (one.id === property.id ? { ...one, known: true } : one)),
          })),
        ]),
  ]
  return [
    {
      code: `second-property-${property.id}`,
      severity: property.known ? 'think' : 'mend',
      field: 'levels',
      reason: property.known
        ? `The ${quoted(property.name)} differs too (${told}), as you have written down. It stands beside the result: either may have made the difference.`
        : `The ${quoted(property.name)} differs too (${told}). Then nobody can say which of the two made the difference.`,
      remedies,
    },
  ]
}

function unstated(plan: Plan, property: Property): Finding[] {
  const all = stated(plan, property)
  if (all.length === 0 || all.length === plan.levels.length) return []
  const open = defined(plan.levels.find((level) => !all.some((one) => one.level.id === level.id)))
  return [
    {
      code: `property-unstated-${property.id}`,
      severity: 'think',
      field: 'levels',
      reason: `What is the ${quoted(property.name)} of ${quoted(levelName(plan, open), 20)}? If it differs, two things change.`,
      remedies: [makeAlike(property, mostCommon(all.map(({ value }) => value)))],
    },
  ]
}

/** Once it is the same for all it is kept the same, and is written there. */
function makeAlike(property: Property, value: string): Remedy {
  return remedy(`Same ${quoted(property.name)} for all: ${quoted(value, 20)}`, (before) => ({
    properties: before.properties.filter((one) => one.id !== property.id),
    keptSame: [
      ...before.keptSame.filter((same) => plain(same.name) !== plain(property.name)),
      { id: newId(), name: property.name.trim(), how: `${value} for all`, was: null },
    ],
  }))
}

/** Only where each level has its own value can the property become the thing that is asked about. */
function askInstead(plan: Plan, property: Property): Remedy[] {
  const all = stated(plan, property)
  const values = new Set(all.map(({ value }) => plain(value)))
  if (all.length !== plan.levels.length || values.size !== all.length) return []
  return [
    remedy(`Ask about ${quoted(property.name)} instead`, (before) => ({
      changed: { name: property.name.trim(), kind: 'kinds', unit: null, range: null },
      levels: before.levels.map((level) => ({
        ...level,
        name: defined(property.at[level.id]).trim(),
        value: null,
      })),
      properties: before.properties.filter((one) => one.id !== property.id),
      keptSame: [...before.keptSame, { id: newId(), name: before.changed.name.trim(), how: '', was: null }],
    })),
  ]
}

function mostCommon(values: readonly string[]): string {
  const count = (value: string) => values.filter((other) => plain(other) === plain(value)).length
  return firstOf([...values].sort((a, b) => count(b) - count(a)))
}
