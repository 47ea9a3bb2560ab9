import { describe, expect, it } from 'vitest'
import { instrumentCupboard } from '#core/instrument'
import { methodOf } from '#core/method'
import { usualWays } from '#core/plan'
import { examplePlan } from '#core/testing/examplePlan'
import { withPunctuation } from './withPunctuation'

const context = { age: '7-9', vocabulary: 'plain', ways: usualWays, cupboard: instrumentCupboard } as const
const said = (parts: ReturnType<typeof methodOf>[number]) =>
  parts.map((part) => (typeof part === 'string' ? part : part.text)).join('')

describe('withPunctuation', () => {
  const sentences = methodOf(examplePlan(), context)

  it('says the same sentence', () => {
    for (const parts of sentences)
      expect(
        withPunctuation(parts)
          .map(({ word, text }) => (word?.text ?? '') + text)
          .join(''),
      ).toBe(said(parts))
  })

  it('lets no text between words begin with a comma or full stop', () => {
    const texts = sentences.flatMap((parts) => withPunctuation(parts).filter(({ word }) => word === null))
    expect(texts.length).toBeGreaterThan(3)
    expect(texts.filter(({ text }) => /^[,.:;]/u.test(text))).toEqual([])
  })
})
