import { comparesSides } from '../comparison'
import { looksAtVariation, newId, type Plan, remedy } from '../plan'
import { cardRemedies } from './cardRemedies'
import { onlyLookAtVariation } from './onlyLookAtVariation'
import { quoted, type FairContext, type Finding } from './finding'

/** Findings about the one thing that is changed: none, more than one, or the same as another part of the plan. */
export function changedFindings(plan: Plan, { words }: FairContext): Finding[] {
  if ((looksAtVariation(plan) || comparesSides(plan)) && !plan.changed.name.trim()) return []
  if (!plan.changed.name.trim())
    return [
      {
        code: 'nothing-changed',
        severity: 'mend',
        field: 'changed',
        reason: `Nothing is changed yet, so there is nothing to compare. Say ${words.changed}: one thing only.`,
        remedies: [
          ...cardRemedies(plan, ['could-change', 'kept-same'], 'changed', 'Change'),
          onlyLookAtVariation,
        ],
      },
    ]
  return [...twoThings(plan), ...alsoKeptSame(plan, words.keptSame), ...measuresItself(plan)]
}

function twoThings(plan: Plan): Finding[] {
  const things = plan.changed.name
    .split(/\s+(?:and|&|\+|plus|as well as)\s+|\s*[,;&]\s*(?:and\s+)?/i)
    .map((thing) => thing.trim())
    .filter(Boolean)
  if (things.length < 2) return []
  return [
    {
      code: 'two-things-changed',
      severity: 'mend',
      field: 'changed',
      reason: `${things.length === 2 ? 'Two things change' : 'Several things change'} here. Which one are we asking about?`,
      remedies: things.map((kept) =>
        remedy(`Change only ${quoted(kept)}`, (before) => ({
          changed: { ...before.changed, name: kept },
          keptSame: [
            ...before.keptSame,
            ...things
              .filter(
                (thing) => thing !== kept && !before.keptSame.some((same) => sameWords(same.name, thing)),
              )
              .map((thing) => ({ id: newId(), name: thing, how: '', was: null })),
          ],
        })),
      ),
    },
  ]
}

function alsoKeptSame(plan: Plan, keptSameWords: string): Finding[] {
  const clash = plan.keptSame.find((same) => sameWords(same.name, plan.changed.name))
  if (!clash) return []
  return [
    {
      code: 'changed-and-kept-same',
      severity: 'mend',
      field: 'keptSame',
      reason: `“${quoted(clash.name)}” is changed and also listed under ${keptSameWords}. It cannot be both.`,
      remedies: [
        remedy(`Take ${quoted(clash.name)} off the list`, (before) => ({
          keptSame: before.keptSame.filter((same) => !sameWords(same.name, before.changed.name)),
        })),
      ],
    },
  ]
}

function measuresItself(plan: Plan): Finding[] {
  if (!sameWords(plan.changed.name, plan.measured.name)) return []
  return [
    {
      code: 'changed-is-measured',
      severity: 'mend',
      field: 'measured',
      reason: `“${quoted(plan.changed.name)}” is both changed and measured. We set it ourselves, so measuring it tells nothing new.`,
      remedies: [],
    },
  ]
}

function sameWords(a: string, b: string): boolean {
  const plain = (text: string) => text.trim().toLowerCase().replace(/\s+/g, ' ')
  return plain(a) !== '' && plain(a) === plain(b)
}
