import { itemAt } from '../../defined'
import type { ParsedLesson } from '../parsedLesson'
import type { ParsedWord } from '../parsedWord'
import type { Role } from '../role'
import { isSameWord } from '../sameWord'
import { fillers, groupWords, timeWords } from '../vocabulary'
import { levelAt } from './lessonWords'
import { oneWord, type Found } from './reader'

/** "Every group", "each time", "all balls", "any". */
export function readEvery(
  { changed, inRounds, plan, topic }: ParsedLesson,
  words: readonly ParsedWord[],
  at: number,
): Found | null {
  const { normal } = itemAt(words, at)
  if (!['every', 'each', 'all', 'any', 'whatever', 'however'].includes(normal)) return null
  if (normal === 'however' || normal === 'whatever') return oneWord({ kind: 'filler' })
  const skipped = words
    .slice(at + 1, at + 4)
    .findIndex((word) => !/^(of|the|our|these|those|single|six|five|four|three|two|\d+)$/.test(word.normal))
  const next = words[at + 1 + skipped]
  if (skipped < 0 || next === undefined) return oneWord({ kind: 'filler' })
  const length = skipped + 2
  if (groupWords.has(next.root) || groupWords.has(next.normal))
    return { length, roles: [{ kind: 'strength', strength: 'always' }] }
  if (timeWords.has(next.root) || timeWords.has(next.normal)) {
    const along = inRounds || plan.changed.kind === 'number'
    return { length, roles: along ? [{ kind: 'along' }] : [{ kind: 'strength', strength: 'always' }] }
  }
  // All of what was changed is all that was tested.
  const ofChanged = plan.besides ? [...changed, ...topic] : changed
  if (ofChanged.some((own) => isSameWord(own, next)) || fillers.has(next.normal))
    return oneWord({ kind: 'filler' })
  if (normal === 'any' || normal === 'all') return oneWord({ kind: 'filler' })
  return oneWord({ kind: 'reach' })
}

/** "No card", "nothing": the level with none of what is changed. */
export function readNothing(
  { plan, changed }: ParsedLesson,
  words: readonly ParsedWord[],
  at: number,
): Found | null {
  const { normal } = itemAt(words, at)
  if (!['no', 'nothing', 'without', 'zero', 'none'].includes(normal)) return null
  const none =
    plan.changed.kind === 'number' ? levelAt(plan, 0) : plan.levels.findIndex((level) => level.baseline)
  if (none < 0) return null
  const article = /^(?:an?|the|any)$/.test(words[at + 1]?.normal ?? '') ? 1 : 0
  const next = words[at + 1 + article]
  const role: Role = { kind: 'level', places: [none] }
  if (next && normal !== 'nothing' && changed.some((own) => isSameWord(own, next)))
    return { length: 2 + article, roles: [role] }
  // "Nothing lasted longer" is no level.
  return normal === 'nothing' && words[at - 1]?.normal === 'with' ? oneWord(role) : null
}
