import { capital, unitDefinition } from '../../quantity'
import { newId } from '../newId'
import type { Plan } from '../plan'
import { waysToKeep } from '../waysToKeep'
import { quoted, remedy, type FairContext, type Finding } from './finding'

/** Findings about what must not change: nothing listed, or listed without a way to keep it so. */
export function keptSameFindings(plan: Plan, { words }: FairContext): Finding[] {
  if (plan.keptSame.length === 0)
    return [
      {
        code: 'nothing-kept-same',
        severity: 'mend',
        part: 'keptSame',
        reason: `Nothing stands under ${words.keptSame}. If other things change too, nobody can say what made the difference.`,
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
      part: 'keptSame' as const,
      reason: same.how.includes('…')
        ? `“${quoted(same.how)}”: fill in the number for “${quoted(same.name)}”, so that every group starts alike.`
        : `How will “${quoted(same.name)}” be kept the same? Unequal starts are noticed too late otherwise.`,
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

interface Forgotten {
  applies: (plan: Plan) => boolean
  about: RegExp
  name: string
  how: string
  reason: string
}

const oftenForgotten: Forgotten[] = [
  {
    applies: ({ measured }) => unitDefinition(measured.unit).dimension === 'temperature',
    about: /temperature|warm|hot|cold/i,
    name: 'starting temperature',
    how: 'all poured from one jug at the same moment',
    reason: 'What starts warmer also loses more. Is the starting temperature the same for all?',
  },
  {
    applies: ({ measured, recording }) =>
      recording.kind === 'before-after' && unitDefinition(measured.unit).dimension !== 'temperature',
    about: /amount|mass|weight|size|volume|water|start/i,
    name: 'amount at the start',
    how: 'measured out alike for every try',
    reason: 'A change is only comparable when all start with as much. Is the amount at the start the same?',
  },
  {
    applies: ({ recording }) => recording.kind === 'daily',
    about: /water|light|place|window|spot/i,
    name: 'place',
    how: 'side by side on the same shelf',
    reason: 'Over days one place gets more light or warmth than another. Do they all stand alike?',
  },
]

/** What classes often leave uncontrolled with this kind of measurement, unless it is changed on purpose. */
function likelyForgotten(plan: Plan): Finding[] {
  const said = [plan.changed.name, ...plan.keptSame.map((same) => same.name)]
  return oftenForgotten
    .filter(({ applies, about }) => applies(plan) && !said.some((name) => about.test(name)))
    .map(({ name, how, reason }) => ({
      code: `forgotten-${name.replaceAll(' ', '-')}`,
      severity: 'think' as const,
      part: 'keptSame' as const,
      reason,
      remedies: [
        remedy(`Keep the ${name} the same`, (before) => ({
          keptSame: [...before.keptSame, { id: newId(), name, how, was: null }],
        })),
      ],
    }))
}
