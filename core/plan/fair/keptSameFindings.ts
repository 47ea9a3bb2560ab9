import { newId } from '../newId'
import type { Plan } from '../plan'
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
              { id: newId(), name: 'place', how: 'the same spot for every try' },
              { id: newId(), name: 'person', how: 'the same child does it each time' },
              { id: newId(), name: 'start', how: 'begin every try in the same way' },
            ],
          })),
        ],
      },
    ]
  return plan.keptSame
    .filter((same) => same.how.trim() === '')
    .map((same) => ({
      code: `unequal-start-${same.id}`,
      severity: 'think' as const,
      part: 'keptSame' as const,
      reason: `How will “${quoted(same.name)}” be kept the same? Unequal starts are noticed too late otherwise.`,
      remedies: [
        remedy('The same one every time', (before) => ({
          keptSame: before.keptSame.map((other) =>
            other.id === same.id ? { ...other, how: 'the same one every time' } : other,
          ),
        })),
      ],
    }))
}
