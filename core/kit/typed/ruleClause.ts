import { itemAt } from '../../defined'
import { levelName, type MaterialRule, type Plan } from '../../plan'
import type { Take } from './amounts'

const rules: [pattern: RegExp, per: MaterialRule][] = [
  [/\b(?:for all groups,? )?(?:in|by|taking|take|with) turns\b/i, 'turns'],
  [
    /\b(?:per|each|every|for (?:each|every)) (?:child|pupil|person)(?:,? (?:and|x|×|for|at|per|in)(?: (?:each|every|a))? (?:try|go|test)\b)|\b(?:per|each|every|for (?:each|every)) try (?:and|x|×|for|of)(?: (?:each|every|a))? (?:child|pupil|person)\b/i,
    'child-try',
  ],
  [
    /\b(?:(?:per|each|every|for (?:each|every))\s+)?level\s*(?:x|×|and|by|,)\s*try\b|\b(?:per|each|every|for (?:each|every)) try (?:at|of) (?:each|every) level\b/i,
    'level-try',
  ],
  [
    /\b(?:(?:per|in|for) (?:each|every|a)|per|each|every) (?:level|kind|container|cup|jar|beaker|bottle|pot|bowl|tub|glass)\b(?! of\b)|(?<=\S\s+)an? (?:level|kind|container)\b/i,
    'level',
  ],
  [/(?:\b(?:per|each|every|for (?:each|every))|(?<=\S\s+)an?) (?:try|go|turn|test)\b(?! tubes?\b)/i, 'try'],
  [
    /(?:\b(?:per|each|every|for (?:each|every))|(?<=\S\s+)an?) (?:group|tray|table|team)\b(?! tennis\b)/i,
    'group',
  ],
  [
    /(?:\b(?:per|each|every|for (?:each|every))|(?<=\S\s+)an?) (?:child|pupil|person)\b|\bfor (?:everyone|everybody)\b/i,
    'child',
  ],
  [
    /\b(?:(?:per|for|in|to|with)(?: the| a| each)? )(?:whole )?class\b|\bfor (?:all|the whole class)\b|\bin all\b/i,
    'class',
  ],
  [/\b(?:each|apiece)\b(?=[\s,]*$)/i, 'group'],
  [/\bas (?:many|much) as (?:it|the level|its level) says\b|\bby the level\b/i, 'value'],
]

/** What the amount is for, taken out of the text: "per level", "each child". */
export function takeRule(take: Take): MaterialRule | null {
  for (const [pattern, rule] of rules) if (take(pattern)) return rule
  return null
}

const sharers: Record<string, number> = { two: 2, three: 3, four: 4, five: 5, six: 6 }

/** How many children share one, taken out of the text: "between two", "per pair". */
export function takeSharers(take: Take): number | null {
  if (take(/\b(?:per|for (?:each|every)|each|every) pair(?: of children)?\b(?! of\b)/i)) return 2
  const found = take(
    /\b(?:(?:shared )?between|for every) (two|three|four|five|six|[2-6])(?: children| pupils)?(?=\s*(?:[,.+]|and\b|$))/i,
  )
  return found ? (sharers[itemAt(found, 1).toLowerCase()] ?? Number(found[1])) : null
}

/** "only for level 20 cm", "for wool only": the level's own name has to stand there. */
export function takeLevel(take: Take, plan: Plan): string | null {
  for (const level of [...plan.levels].sort((a, b) => b.name.length - a.name.length)) {
    const name = levelName(plan, level).replace(/[.*+?^${}()|[\]\\]/g, '\\$&')
    if (
      take(
        new RegExp(
          String.raw`\b(?:only (?:for|at) (?:the )?(?:level )?|(?:for|at) (?:the )?level )${name}(?![\p{L}\d])`,
          'iu',
        ),
      )
    )
      return level.id
  }
  return null
}
