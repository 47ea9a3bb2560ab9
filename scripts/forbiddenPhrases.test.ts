import { describe, expect, it } from 'vitest'
import { interfaceTexts } from './sentences/interfaceTexts'

/** What nobody says in a staffroom, and what stands for it. */
const forbidden: [phrase: RegExp, instead: string][] = [
  [/\banew\b/i, 'reload, start again'],
  [/\breckon/i, 'work out, allow for'],
  [/\bto be had\b/i, 'have, needed'],
  [/\bbesides\b/i, 'other things'],
  [/\bafter all\b(?=.*\bgoes on\b)|\bgoes on after all\b/i, 'carry on'],
  [/\bare the most\b/i, 'you can have up to'],
  [/\bcan do otherwise\b/i, 'you can change'],
  [/\bis no (?:\p{L}+ )?(?:that|which|we)\b/iu, 'is not'],
  [/^Checked were\b/i, 'we checked'],
  [/\bluck alone would rarely\b/i, 'fewer than 1 class in 20 would see this'],
  [/\b(?:OK|Submit)\b(?! to)/, 'a verb and a thing'],
  [/\bgroup\(s\)|\(s\)\b/i, '1 group, 2 groups'],
  [/\blost the (?:most|least) temperature\b/i, 'cooled most, cooled least'],
  [/\bthe most hardness\b/i, 'the hardest'],
  [/\binset day\b/i, 'training day'],
  [/\bhitherto\b|\bthereof\b|\bhereby\b|\bshall\b/i, 'plain words'],
]

describe('texts that people read', () => {
  const texts = interfaceTexts()

  it('are found: components, computation, server and starters', () => {
    expect(texts.length).toBeGreaterThan(2000)
    for (const folder of ['app/components', 'core/', 'server/', 'starters/'])
      expect(texts.some(({ file }) => file.startsWith(folder))).toBe(true)
  })

  it.each(forbidden)('never say %s', (phrase, instead) => {
    const found = texts.filter(({ text }) => phrase.test(text))
    expect(found.map(({ file, line, text }) => `${file}:${line}: ${text} (say: ${instead})`)).toEqual([])
  })
})
