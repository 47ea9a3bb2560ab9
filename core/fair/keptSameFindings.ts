import { newId, waysToKeep, type KeptSame, type Plan, remedy } from '../plan'
import { capital, listed, unitDefinition } from '../quantity'
import { wayOf, type Forgotten } from '../recording'
import { quoted, type FairContext, type Finding } from './finding'
import { usuallyKept } from './usuallyKept'
import { writeDown } from './writeDown'

/** Findings about what must not change: nothing listed, or listed without a way to keep it so. */
export function keptSameFindings(plan: Plan, { words }: FairContext): Finding[] {
  if (plan.keptSame.length === 0)
    return [
      {
        code: 'nothing-kept-same',
        severity: 'mend',
        field: 'keptSame',
        reason: `Nothing is listed under ${words.keptSame}. If other things change too, nobody can say what made the difference.`,
        remedies: [addUsual(plan)],
      },
    ]
  return [...leftToGroups(plan), ...unsaidWays(plan), ...likelyForgotten(plan)]
}

/** What is usually kept the same when it is done like this, in one press. */
function addUsual(plan: Plan) {
  const usual = usuallyKept(plan)
  return remedy(`Add ${listed(usual.map(({ name }) => name))}`, (before) => ({
    keptSame: [...before.keptSame, ...usual.map((one) => ({ id: newId(), ...one, was: null }))],
  }))
}

const ownChoice =
  /\b(?:whatever|whichever|however (?:they|you|each)|any(?:thing|one|how)?(?: that)? (?:they|you|each group) (?:like|want|find|have)|(?:each|every) (?:group|child|team) (?:brings?|chooses?|picks?|decides?|likes?)|(?:its|their|your) own (?:choice|way)|up to (?:them|you|each|the group)|(?:at )?random(?:ly)?|it depends|different (?:for|in) each|not the same)\b|^(?:(?:its|their|your) own|roughly|by guess|it varies)[.!]?$/i
/** "Each child's own straw, all alike" is the same for all. */
const alike = /\b(?:same|alike|identical|equal|one kind)\b(?<!not the same)/i

/**
 * Whether a way of keeping something the same leaves it to each group.
 * @example leavesToGroups('whatever each group likes') // true
 */
export const leavesToGroups = (how: string): boolean => ownChoice.test(how.trim()) && !alike.test(how)

/** A way that lets every group do as it likes keeps nothing the same. */
function leftToGroups(plan: Plan): Finding[] {
  return plan.keptSame
    .filter((same) => leavesToGroups(same.how))
    .map((same) => ({
      code: `left-to-groups-${same.id}`,
      severity: same.loose ? ('think' as const) : ('mend' as const),
      field: 'keptSame' as const,
      reason: same.loose
        ? `“${quoted(same.name)}” is not kept the same, as you have written down. It stands beside the result.`
        : `“${quoted(same.how)}” does not keep “${quoted(same.name)}” the same: groups would differ in it.`,
      remedies: [
        ...waysToKeep(same.name)
          .filter((how) => !how.includes('…'))
          .slice(0, 1)
          .map((how) => remedy(capital(how), changing(same.id, { how }))),
        ...(same.loose ? [] : [writeDown(changing(same.id, { loose: true }))]),
      ],
    }))
}

const changing = (id: string, changes: Partial<KeptSame>) => (before: Plan) => ({
  keptSame: before.keptSame.map((one) => (one.id === id ? { ...one, ...changes } : one)),
})

/** A way with a gap for a value ("the same amount: … mL") is not said either, until the gap is filled. */
function unsaidWays(plan: Plan): Finding[] {
  return plan.keptSame
    .filter((same) => same.how.trim() === '' || same.how.includes('…'))
    .map((same) => ({
      code: `unequal-start-${same.id}`,
      severity: 'think' as const,
      field: 'keptSame' as const,
      reason: same.how.includes('…')
        ? `“${quoted(same.how)}”: fill in the number for “${quoted(same.name)}”, so that every group starts alike.`
        : `How will “${quoted(same.name)}” be kept the same? Otherwise unequal starts are noticed too late.`,
      remedies: waysToKeep(same.name)
        .filter((how) => !how.includes('…'))
        .slice(0, 1)
        .map((how) =>
          remedy(capital(how), (before) => ({
            keptSame: before.keptSame.map((other) => (other.id === same.id ? { ...other, how } : other)),
          })),
        ),
    }))
}

const oftenForgotten: readonly Forgotten[] = [
  {
    applies: ({ measured }) => unitDefinition(measured.unit).dimension === 'temperature',
    about: /temperature|warm|hot|cold/i,
    name: 'starting temperature',
    how: 'all poured from one jug at the same moment',
    reason: 'What starts warmer also cools faster. Is the starting temperature the same for all?',
  },
]

/** What classes often leave uncontrolled with this kind of measurement, unless it is changed on purpose. */
function likelyForgotten(plan: Plan): Finding[] {
  const said = [plan.changed.name, ...plan.keptSame.map((same) => same.name)]
  return [...oftenForgotten, ...wayOf(plan).oftenForgotten]
    .filter(({ applies, about }) => applies(plan) && !said.some((name) => about.test(name)))
    .map(({ name, how, reason }) => ({
      code: `forgotten-${name.replaceAll(' ', '-')}`,
      severity: 'think' as const,
      field: 'keptSame' as const,
      reason,
      remedies: [
        remedy(`Keep the ${name} the same`, (before) => ({
          keptSame: [...before.keptSame, { id: newId(), name, how, was: null }],
        })),
      ],
    }))
}
