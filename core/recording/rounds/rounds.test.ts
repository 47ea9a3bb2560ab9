import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { entry } from '../../testing/exampleEntries'
import { kindsPlan } from '../../testing/examplePlan'
import { scoresOf } from '../../comparison'
import { readWithOf, wayOf } from '..'
import { typedWithAltered } from './altered'
import { progressOf } from './progress'

const names = ['round 1', 'round 2', 'round 3', 'round 4']
const bridge = kindsPlan(names, { recording: { kind: 'rounds' }, tries: 1, best: 'most' })
const rounds = wayOf(bridge)

describe('progress from round to round', () => {
  it('is 6, 9, 9, 12 at best, with +3, −1 and +4', () => {
    expect(progressOf([6, 9, 8, 12], 'most')).toEqual({
      bestSoFar: [6, 9, 9, 12],
      gains: [null, 3, -1, 4],
      best: 3,
    })
  })

  it('takes the least where that is best, and bridges a round without a result', () => {
    expect(progressOf([6, null, 4, 5], 'least')).toEqual({
      bestSoFar: [6, 6, 4, 4],
      gains: [null, null, 2, -1],
      best: 2,
    })
    expect(progressOf([null, null], 'most')).toEqual({
      bestSoFar: [null, null],
      gains: [null, null],
      best: null,
    })
  })

  it('gains what lies between the first and the last', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 99 }), { minLength: 1 }), (results) => {
        const { gains, bestSoFar } = progressOf(results, 'most')
        const sum = gains.reduce<number>((total, one) => total + (one ?? 0), 0)
        expect(sum).toBe(results.at(-1)! - results[0]!)
        expect(bestSoFar.at(-1)).toBe(Math.max(...results))
      }),
    )
  })
})

describe('a round', () => {
  it.each([
    ['9: folded the sides', 9, 'folded the sides'],
    ['9:folded', 9, 'folded'],
    ['9', 9, undefined],
    ['12,5 : no tape: none at all', 12.5, 'no tape: none at all'],
  ])('typed as %j says what was altered, on both sides', (typed, value, altered) => {
    expect(rounds.check(bridge, typed, null)).toMatchObject({ state: 'value', value })
    const fields = { value: { typed, given: 'typed' as const, value: 0 } }
    const read = rounds.understand(bridge, { fields, readWith: readWithOf(bridge), moment: '' })
    expect(read).toMatchObject({ ok: true, fields: { value: { typed, value } } })
    expect(read.ok && read.fields.altered?.value).toBe(altered)
  })

  it('keeps a clock whole', () => {
    expect(typedWithAltered('1:05')).toEqual({ value: '1:05', altered: '' })
  })

  it('takes what was altered from a field of its own, as a Sheet sends it', () => {
    const fields = {
      value: { typed: '9', given: 'typed' as const, value: 9 },
      altered: { typed: ' folded ', given: 'typed' as const, value: 'anything' },
    }
    const read = rounds.understand(bridge, { fields, readWith: null, moment: '' })
    expect(read).toMatchObject({ ok: true, fields: { altered: { value: 'folded' } } })
    expect(rounds.print(bridge, { fields, readWith: null })).toBe('9 cm, altered: anything')
  })

  it('is told with its gains, and drawn with its best', () => {
    const entries = [6, 9, 8, 12].map((value, index) =>
      entry({ levelId: names[index]!, value, typed: `${value}` }),
    )
    expect(scoresOf(bridge, entries)).toHaveLength(4)
    expect(rounds.detail(bridge, entries, [])).toBe(
      'the best so far 12 cm in round 4. From one round to the next: +3 in round 2, −1 in round 3 and +4 in round 4.',
    )
    expect(rounds.picture!(bridge, entries)).toMatchObject({
      kind: 'steps',
      steps: [{ groupId: 'leaf', results: [6, 9, 8, 12], best: 3 }],
    })
  })

  it('says which alteration gained most, written alike or not, and who reached the target', () => {
    const made = (groupId: string, results: number[], altered: string[]) =>
      results.map((value, index) =>
        entry({
          groupId,
          levelId: names[index]!,
          fields: {
            value: { typed: String(value), given: 'typed', value },
            ...(altered[index]
              ? { altered: { typed: altered[index], given: 'typed', value: altered[index] } }
              : {}),
          },
        }),
      )
    const plan = { ...bridge, recording: { kind: 'rounds' as const, target: 12 } }
    const entries = [
      ...made('leaf', [5, 12, 13], ['', 'Folded the sides.', 'a second sheet']),
      ...made('bell', [6, 7, 11], ['', 'a wider sheet', 'folded  the sides']),
    ]
    const detail = rounds.detail(plan, entries, [])!
    expect(detail).toContain('“Folded the sides.” gained most: +5.5 on average, in 2 groups.')
    expect(detail).toContain('1 of 2 groups reached the target of 12 cm.')
    expect(rounds.detail(plan, made('leaf', [5, 4], ['', 'made it flat']), [])).toMatch(
      /\. The group hasn’t reached the target of 12 cm yet\.$/,
    )
  })
})
