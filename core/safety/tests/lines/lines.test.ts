import { describe, expect, it } from 'vitest'
import { findThings } from '../../../catalogue'
import { withoutFigures } from '../../figures'
import { meantBy } from '../../meant'
import { judgeDangers, judgeHarmless, type JudgedLine } from './judgeLines'

const wrong = (lines: readonly JudgedLine[]) =>
  lines.filter((one) => one.wrong.length > 0).map((one) => `${one.text} → ${one.wrong.join(', ')}`)

describe.each([
  ['looked at while the rules were written', false],
  ['held back', true],
] as const)('lines %s', (_name, heldBack) => {
  const [dangers, harmless] = [judgeDangers(), judgeHarmless()].map((all) =>
    all.filter((one) => one.heldBack === heldBack),
  ) as [JudgedLine[], JudgedLine[]]

  it('are many', () => {
    expect(Math.min(dangers.length, harmless.length)).toBeGreaterThanOrEqual(heldBack ? 60 : 200)
  })

  it('hide at most one danger in sixty', () => {
    expect(wrong(dangers).length / dangers.length, wrong(dangers).join('\n')).toBeLessThanOrEqual(1 / 60)
  })

  it('bring at most three false cautions in sixty', () => {
    expect(wrong(harmless).length / harmless.length, wrong(harmless).join('\n')).toBeLessThanOrEqual(3 / 60)
  })
})

describe('what is meant', () => {
  const meant = (text: string) => findThings(text).flatMap((found) => meantBy(text, found).hazards)

  it.each([
    ['toy fire engine', []],
    ['picture of a candle', []],
    ['candle', ['flames']],
    ['glass case', ['glass']],
    ['battery box', ['batteries']],
    ['wooden snail', []],
    ['snail', ['living-things']],
  ])('by “%s” is %j', (text, hazards) => expect(meant(text)).toEqual(hazards))

  it('is left of ways of speaking, and nothing else is taken out', () => {
    expect(withoutFigures('Run the test, then run to the wall.')).toBe('·, then run to the wall.')
    for (const text of ['Run to the wall.', 'Light the candle.', 'Boil the water.', 'Cut the apple in half.'])
      expect(withoutFigures(text)).toBe(text)
  })
})
