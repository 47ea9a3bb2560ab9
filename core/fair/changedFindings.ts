import { comparesSides } from '../comparison'
import { looksAtVariation, newId, type Plan, remedy } from '../plan'
import { cardRemedies } from './cardRemedies'
import { onlyLookAtVariation } from './onlyLookAtVariation'
import { sameMeaning } from './sameMeaning'
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
  return [
    ...twoThings(plan),
    ...alsoKeptSame(plan, words.keptSame),
    ...measuredKeptSame(plan),
    ...measuresItself(plan),
  ]
}

function twoThings(plan: Plan): Finding[] {
  // A mix of sand and salt is one thing, and so is how much of it is which.
  const isOne =
    /\b(?:mix|mixture|blend|ratio|share|balance|difference|distance|time|gap) (?:of|between)\b/i.test(
      plan.changed.name,
    )
  const isShare = plan.levels.some((level) =>
    /\b(?:half and half|only|equal parts|more \w+ than)\b/i.test(level.name),
  )
  const things =
    isOne || isShare
      ? []
      : plan.changed.name
          .split(/\s+(?:and|or|&|\+|plus|as well as)\s+|\s*[,;&/]\s*(?:and\s+)?/i)
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

/** "Paper: all the same size" keeps its size the same, not what kind it is. */
const saysProperty =
  /\b(?:size|large|big|small|amount|thick\w*|shape|lengths?|long|mass|weight|heavy|number|age|area|colou?r|brand|\d+ ?(?:cm|mm|m|g|kg|mL|L))\b/i

const isWhatChanges = ({ name, how }: Plan['keptSame'][number], { changed }: Plan): boolean =>
  sameWords(name, changed.name) || (sameMeaning(name, changed.name) && !saysProperty.test(how))

function alsoKeptSame(plan: Plan, keptSameWords: string): Finding[] {
  const clash = plan.keptSame.find((same) => isWhatChanges(same, plan))
  if (!clash) return []
  return [
    {
      code: 'changed-and-kept-same',
      severity: 'mend',
      field: 'keptSame',
      reason: `“${quoted(clash.name)}” is changed and also listed under ${keptSameWords}. It cannot be both.`,
      remedies: [
        remedy(`Take ${quoted(clash.name)} off the list`, (before) => ({
          keptSame: before.keptSame.filter((same) => !isWhatChanges(same, before)),
        })),
      ],
    },
  ]
}

/** What is measured is what comes out; it cannot be kept the same. */
function measuredKeptSame(plan: Plan): Finding[] {
  const clash = plan.keptSame.find((same) => sameMeaning(same.name, plan.measured.name))
  if (!clash) return []
  return [
    {
      code: 'measured-and-kept-same',
      severity: 'mend',
      field: 'keptSame',
      reason: `“${quoted(clash.name)}” is what we measure. If we keep it the same, there is nothing to find.`,
      remedies: [
        remedy(`Take ${quoted(clash.name)} off the list`, (before) => ({
          keptSame: before.keptSame.filter((same) => !sameMeaning(same.name, before.measured.name)),
        })),
      ],
    },
  ]
}

function measuresItself(plan: Plan): Finding[] {
  if (!sameMeaning(plan.changed.name, plan.measured.name)) return []
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
