import { newId, waysToKeep, type Plan, remedy } from '../plan'
import { capital, unitDefinition } from '../quantity'
import { wayOf, type Forgotten } from '../recording'
import { quoted, type FairContext, type Finding } from './finding'

/** Findings about what must not change: nothing listed, or listed without a way to keep it so. */
export function keptSameFindings(plan: Plan, { words }: FairContext): Finding[] {
  if (plan.keptSame.length === 0)
    return [
      {
        code: 'nothing-kept-same',
        severity: 'mend',
        field: 'keptSame',
        reason: `Nothing is listed under ${words.keptSame}. If other things change too, nobody can say what made the difference.`,
        remedies: [
          remedy('Add place, person and start', () => ({
            keptSame: [
              { id: newId(), name: 'place', how: 'the same spot for every try', was: null },
              { id: newId(), name: 'person', how: 'the same child does it each time', was: null },
              { id: newId(), name: 'start', how: 'begin every try in the same way', was: null },
            ],
          })),
        ],
      },
    ]
  return [...unsaidWays(plan), ...likelyForgotten(plan)]
}

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
