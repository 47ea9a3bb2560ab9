import { levelName, type MaterialRule, type Plan } from '../../plan'
import type { Take } from './amounts'

const rules: [pattern: RegExp, per: MaterialRule][] = [
  [/\b(?:for all groups,? )?(?:in|by|taking|take|with) turns\b/i, 'turns'],
  [
    /\b(?:(?:per|each|every|for (?:each|every))\s+)?level\s*(?:x|×|and|by|,)\s*try\b|\b(?:per|each|every|for (?:each|every)) try (?:at|of) (?:each|every) level\b/i,
    'level-try',
  ],
  [/\b(?:per|each|every|for (?:each|every)|an?) (?:level|kind|container)\b/i, 'level'],
  [/\b(?:per|each|every|for (?:each|every)|an?) (?:try|go|turn|test)\b/i, 'try'],
  [/\b(?:per|each|every|for (?:each|every)|an?) (?:group|tray|table|team)\b/i, 'group'],
  [/\b(?:per|each|every|for (?:each|every)|an?) (?:child|pupil|person)\b/i, 'child'],
  [
    /\b(?:per|for (?:the )?|in )(?:whole )?class\b|\bfor (?:everyone|everybody|all|the whole class)\b|\bin all\b/i,
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
