import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { resultSentence } from '.'
import { weighLesson } from '../comparison'
import { examplePlan, kindsPlan } from '../testing/examplePlan'
import { entriesFrom } from '../testing/exampleEntries'
import { afterLooks } from './looks'
import { normalTail } from './tails'

const groups = ['a', 'b', 'c', 'd', 'e', 'f']
/** Each group's three tries at three levels, well apart, as far as so many groups have come. */
const entries = (done: number, levels: [string, number][]) =>
  entriesFrom(
    Object.fromEntries(
      groups
        .slice(0, done)
        .map((id, group) => [
          id,
          Object.fromEntries(
            levels.map(([level, centre]) => [level, [0, 1, 2].map((one) => centre + group + one)]),
          ),
        ]),
    ),
  )
const heights: [string, number][] = [
  ['h20', 10],
  ['h40', 20],
  ['h60', 30],
]
const kinds: [string, number][] = [
  ['tile', 30],
  ['wood', 20],
  ['carpet', 10],
]

describe('while tries are still to come', () => {
  it('says no more than that it leans so far, and how much is in', () => {
    for (const [plan, levels] of [
      [examplePlan(), heights],
      [kindsPlan(['tile', 'wood', 'carpet']), kinds],
    ] as const) {
      const evidence = weighLesson(plan, entries(5, [...levels]), groups)
      const { sentence, reasons } = resultSentence(plan, evidence)
      expect(evidence.judgement.verdict.word).toBe('leaning')
      expect(evidence.judgement.order).toHaveLength(1)
      expect(sentence).toContain(
        plan.changed.kind === 'number'
          ? 'So far: it looks as if the higher the drop, the higher the bounce, but it is not certain.'
          : 'So far: it looks as if tile gave the highest bounce, but it is not certain.',
      )
      expect(reasons.join(' ')).toContain('45 of 54 tries are in')
    }
  })

  it('finds no difference only when all are in, or testing is over', () => {
    const level: [string, number][] = heights.map(([id]) => [id, 20])
    const plan = examplePlan({ expected: { first: 10, last: 30, apart: 2 } })
    const word = (done: number, finished = false) =>
      weighLesson(plan, entries(done, level), groups, finished).judgement.verdict.word
    expect([word(6), word(5), word(5, true)]).toEqual(['no-difference', 'cant-tell', 'no-difference'])
  })

  it('is over when it was said to be, and wants a surer result then', () => {
    const plan = examplePlan()
    const [open, stopped, all] = [
      weighLesson(plan, entries(5, heights), groups),
      weighLesson(plan, entries(5, heights), groups, true),
      weighLesson(plan, entries(6, heights), groups),
    ].map((evidence) => ({ ...evidence.judgement.verdict, said: resultSentence(plan, evidence) }))
    expect([open!.word, stopped!.word, all!.word]).toEqual(['leaning', 'clear', 'clear'])
    expect(stopped!.p).toBeGreaterThan(all!.p)
    expect(stopped!.said.reasons.join(' ')).toContain('Testing stopped with 45 of 54 tries in')
    const half = weighLesson(plan, entries(2, heights), groups, true)
    expect(resultSentence(plan, half).sentence).toMatch(/^From 2 of 6 groups: /)
    expect(all!.said.reasons.join(' ')).not.toMatch(/tries are in|Testing stopped/)
  })

  it('takes extra tries of one group for no missing ones of another', () => {
    const more = entriesFrom({
      a: { h20: [10, 11, 12, 10, 11, 12], h40: [20, 21, 22, 20, 21, 22], h60: [30, 31, 32] },
    })
    const { triesIn, triesPlanned } = weighLesson(examplePlan(), more, ['a', 'b']).coverage
    expect([triesIn, triesPlanned]).toEqual([9, 18])
  })
})

describe('afterLooks', () => {
  it('leaves a chance as it is where all is in, and makes it no smaller anywhere', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1e-9, max: 1, noNaN: true }),
        fc.double({ min: 0.01, max: 0.999, noNaN: true }),
        (p, share) => {
          expect(afterLooks(p, { share: 1, open: false })).toBe(p)
          expect(afterLooks(p, { share, open: false })).toBeGreaterThanOrEqual(p * (1 - 1e-6))
          expect(afterLooks(p, { share, open: true })).toBeGreaterThan(0.05)
        },
      ),
    )
  })

  it('is the chance that a random walk has ever come so far, by hand at one half', () => {
    // z = 2.576 at 0.01; at half of the way it stands at 2.576 · √½ = 1.8214 of the whole way's sd, on either side, twice.
    expect(afterLooks(0.01, { share: 0.5, open: false })).toBeCloseTo(
      4 * normalTail(2.5758 * Math.SQRT1_2),
      4,
    )
  })
})
