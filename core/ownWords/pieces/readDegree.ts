import { itemAt, defined } from '../../defined'
import type { ParsedLesson } from '../parsedLesson'
import type { ParsedWord } from '../parsedWord'
import { doings } from '../vocabulary'
import { adverbForm, bestSign, degreeRole, formAt, formOf } from './degreeRole'
import { oneWord, type Found } from './reader'

/** "As high as": the adjective between them compares. */
export function readAs(lesson: ParsedLesson, words: readonly ParsedWord[], at: number): Found | null {
  if (itemAt(words, at).normal !== 'as') return null
  const form = formAt(lesson, words, at + 1)
  if (!form || form.degree !== 'plain') return null
  const degree = degreeRole(lesson, form, words, at + 1)
  return degree && { length: 2, roles: [{ kind: 'as' }, degree] }
}

/** "Higher", "most", "won": a word that compares. */
export function readDegree(lesson: ParsedLesson, words: readonly ParsedWord[], at: number): Found | null {
  const { plan } = lesson
  const { normal, root } = itemAt(words, at)
  const inTime = plan.measured.scale?.kind === 'place' || plan.measured.scale?.kind === 'when'
  const best = bestSign(plan, 'good')
  const sure = (degree: 'comparative' | 'superlative', measured: 1 | -1 | null): Found =>
    measured === null
      ? oneWord({ kind: 'unknown' })
      : oneWord({ kind: 'degree', degree, adjective: normal, changed: null, measured })
  const versus = (degree: Found): Found => ({ length: 1, roles: [...degree.roles, { kind: 'than' }] })
  switch (normal) {
    case 'best':
      return sure('superlative', best)
    case 'worst':
      return sure('superlative', best && (-best as 1 | -1))
    case 'better':
      return sure('comparative', best)
    case 'worse':
      return sure('comparative', best && (-best as 1 | -1))
    case 'first':
      return inTime ? sure('superlative', -1) : null
    case 'last':
      return inTime ? sure('superlative', 1) : null
    case 'before':
      return inTime ? versus(sure('comparative', -1)) : null
  }
  if (root === 'win' || normal === 'won' || normal === 'winner') return sure('superlative', best)
  if (root === 'beat' && plan.measured.unit === 'count' && /beat/.test(plan.measured.name)) return null
  if (root === 'beat') return versus(sure('comparative', best))
  if (plan.measured.scale?.kind === 'rank' && defined(doings.rank).has(root))
    return versus(sure('comparative', best))
  const form = formAt(lesson, words, at)
  if (!form || form.degree === 'plain') return null
  // "Higher and higher" is along the levels, or the rounds.
  if (words[at + 1]?.normal === 'and' && words[at + 2]?.normal === normal) {
    const climbing = degreeRole(lesson, form, words, at)
    return climbing && { length: 3, roles: [climbing, { kind: 'along' }] }
  }
  // "More bouncy" is said of the adjective behind it.
  const next =
    words[at + 1] &&
    (formOf(lesson, itemAt(words, at + 1).normal) ?? adverbForm(itemAt(words, at + 1).normal))
  if (form.adjective === 'much' && next?.degree === 'plain' && next.adjective !== 'much') {
    const role = degreeRole(lesson, { ...next, degree: form.degree }, words, at + 1)
    return role && { length: 2, roles: [role] }
  }
  return { length: 1, roles: [degreeRole(lesson, form, words, at) ?? { kind: 'unknown' }] }
}
