import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { claimSentence, comparePrediction, suggestClaim } from '../../conclusion'
import { resultSentence } from '../../evidence'
import { evidenceDocument } from '../../format'
import type { Plan } from '../../plan'
import { entry } from '../../testing/exampleEntries'
import { examplePlan, kindsPlan } from '../../testing/examplePlan'
import { scoredPlan, scoresOf, weighLesson } from '../../comparison'
import { wayOf } from '..'
import { keptOrder, orderKept, orderTyped, readOrder, type FinishOrder } from './finishOrder'
import { kendallW } from './kendallW'
import { placesOf } from './placesOf'
import { standingOf } from '../../entries'

const race = kindsPlan(['wool', 'foil', 'none'], { recording: { kind: 'race' } })
const read = (text: string, plan: Plan = race) => readOrder(plan, text)
const heat = (groupId: string, tryNumber: number, typed: string, plan: Plan = race) => {
  const order = read(typed, plan)
  if (!order.ok) throw new Error(order.message)
  return entry({
    groupId,
    tryNumber,
    levelId: null,
    fields: { value: { typed, given: 'typed', value: keptOrder(order.order) } },
  })
}

describe('an order that is typed', () => {
  it.each([
    ['acb', [['wool'], ['none'], ['foil']], []],
    ['A C B', [['wool'], ['none'], ['foil']], []],
    ['a=b c', [['wool', 'foil'], ['none']], []],
    ['b a! c!', [['foil']], ['wool', 'none']],
    ['Foil > wool = none', [['foil'], ['wool', 'none']], []],
    ['none, wool, foil!', [['none'], ['wool']], ['foil']],
    ['a! b! c!', [], ['wool', 'foil', 'none']],
  ])('reads %j', (text, places, out) => {
    expect(read(text)).toEqual({ ok: true, order: { places, out } })
  })

  it.each([
    ['a b', 'Where is none?'],
    ['a b b', 'stands there twice'],
    ['wool, silk, none', 'no runner “silk”'],
    ['=a b c', 'stands between two'],
    ['a b c =', 'stands between two'],
    ['a=b! c', 'can’t share a place'],
    ['1 2 3', 'no runner “1”'],
    ['b a e', 'no runner “e”'],
    ['wool foil', 'no runner “wool foil”'],
    ['x', 'no runner “x”'],
    ['!', 'no runner'],
  ])('asks about %j', (text, words) => {
    expect(read(text)).toMatchObject({ ok: false, message: expect.stringContaining(words) })
  })

  it('leaves out the levels of other groups only where levels are shared', () => {
    expect(read('a c').ok).toBe(false)
    expect(read('a c', { ...race, whoTests: 'shared-levels' }).ok).toBe(true)
    expect(read('a', { ...race, whoTests: 'shared-levels' }).ok).toBe(false)
  })

  it('comes back from how it is kept and how it is typed', () => {
    const orders = fc.shuffledSubarray(['wool', 'foil', 'none'], { minLength: 3 }).chain((ids) =>
      fc.tuple(fc.integer({ min: 0, max: 3 }), fc.boolean()).map(([finished, tie]): FinishOrder => {
        const places = ids.slice(0, finished).map((id) => [id])
        const tied = tie && places.length > 1 ? [[...places[0]!, ...places[1]!], ...places.slice(2)] : places
        return { places: tied, out: ids.slice(finished) }
      }),
    )
    fc.assert(
      fc.property(orders, (order) => {
        expect(orderKept(keptOrder(order))).toEqual(order)
        expect(read(orderTyped(race, order))).toEqual({ ok: true, order })
        const ranks = [...placesOf(order).values()]
        expect(ranks.reduce((sum, rank) => sum + rank, 0)).toBe(6)
      }),
    )
  })

  it('never throws, whatever is typed', () => {
    fc.assert(fc.property(fc.string(), (text) => typeof read(text).ok === 'boolean'))
  })
})

describe('heats', () => {
  const three = [heat('leaf', 1, 'a b c'), heat('leaf', 2, 'a c b'), heat('leaf', 3, 'a=b c')]

  it('agree as Kendall says: mean ranks 1.17, 2.17, 2.67 and W 0.64', () => {
    const ranks = [
      [1, 2, 3],
      [1, 3, 2],
      [1.5, 1.5, 3],
    ]
    expect(kendallW(ranks)).toBeCloseTo(0.636, 3)
    expect(wayOf(race).detail(race, three, [])).toBe(
      'mean place over 3 heats: wool 1.17, foil 2.17 and none 2.67. The heats agree in part: 0.64 on a scale from 0 (not at all) to 1 (always the same order).',
    )
  })

  it('say nothing of agreement where there is one, or where all came in level', () => {
    expect(kendallW([[1, 2]])).toBeNull()
    expect(kendallW([[1], [1]])).toBeNull()
    expect(
      kendallW([
        [1.5, 1.5],
        [1.5, 1.5],
      ]),
    ).toBeNull()
    expect(
      kendallW([
        [1, 2],
        [2, 1],
      ]),
    ).toBe(0)
  })

  it('put what did not finish last, tied and without a number', () => {
    const out = [heat('leaf', 1, 'a b! c!')]
    expect(scoresOf(race, out).map((score) => score.value)).toEqual([1, Infinity, Infinity])
    expect([...placesOf(orderKept('wool>foil!>none!')).values()]).toEqual([1, 2.5, 2.5])
    expect(wayOf(race).detail(race, out, [])).toContain(
      'Not finished, which counts as last: foil once and none once.',
    )
    expect(wayOf(race).print(race, out[0]!)).toBe('wool > not finished: foil, none')
  })

  it('of which nobody finished are asked about', () => {
    expect(wayOf(race).check(race, 'a! b! c!', null)).toMatchObject({
      state: 'value',
      hints: [{ message: expect.stringContaining('nobody finished') }],
    })
  })

  it('are judged by who comes in first, or last where the least is wanted', () => {
    const groups = ['a', 'b', 'c', 'd', 'e', 'f']
    const entries = groups.flatMap((groupId) => [1, 2, 3].map((one) => heat(groupId, one, 'b a c!')))
    const scored = scoredPlan({ ...race, best: 'most' }, entries)
    const told = resultSentence(scored, weighLesson(race, entries, groups))
    expect(told.sentence).toBe('Foil came in first, ahead of wool. From first to last: foil; wool; none.')
    expect(scoredPlan({ ...race, best: 'least' }).best).toBe('most')
    expect(JSON.stringify(told)).not.toContain('NaN')
  })

  it('of numbers say that larger ones came in earlier, and the claim does too', () => {
    const widths = examplePlan({ recording: { kind: 'race' } })
    const groups = ['a', 'b', 'c', 'd', 'e', 'f']
    const entries = groups.flatMap((id) => [1, 2, 3].map((one) => heat(id, one, 'c b a', widths)))
    const scored = scoredPlan(widths, entries)
    const evidence = weighLesson(widths, entries, groups)
    expect(resultSentence(scored, evidence).sentence).toBe('The higher the drop, the earlier it came in.')
    expect(claimSentence(scored, suggestClaim(scored, evidence)!)).toBe(
      'Every time, the higher the drop, the earlier it came in, from 20 cm to 60 cm.',
    )
    const wanted = { format: 'direction', direction: 'less' } as const
    expect(comparePrediction(scored, wanted, evidence)).toBe('as-predicted')
    expect(JSON.stringify(evidenceDocument(scored, evidence))).not.toMatch(/NaN|Infinity/)
  })

  it('are not read by letters that have come to mean others', () => {
    const sent = { typed: 'a b c', given: 'typed', value: 'foil>wool>none' } as const
    expect(
      wayOf(race).understand(race, { fields: { value: sent }, readWith: null, moment: '' }),
    ).toMatchObject({ ok: false, message: expect.stringContaining('levels have changed') })
  })

  it('go by letters also where levels are called by letters', () => {
    const turned = kindsPlan(['B', 'A'], { recording: { kind: 'race' } })
    const one = heat('leaf', 1, 'a b', turned)
    expect(one.fields.value!.value).toBe('B>A')
    expect(wayOf(turned).typedText(turned, one)).toBe('A B')
    for (const value of ['B>A', 'a b', 'B > A'])
      expect(
        wayOf(turned).understand(turned, {
          fields: { value: { typed: 'a b', given: 'typed', value } },
          readWith: null,
          moment: '',
        }).ok,
      ).toBe(true)
  })

  it('stand in rows of levels, the best on top', () => {
    const picture = wayOf(race).picture!(race, standingOf(three).counted)
    expect(picture).toMatchObject({
      kind: 'tiles',
      tiles: {
        rows: ['wool', 'foil', 'none'],
        columns: [{ head: '1' }, { head: '2' }, { head: '3' }],
        podium: [
          { row: 0, text: '1.17', height: expect.closeTo(0.944, 3) },
          { row: 1, text: '2.17', height: expect.closeTo(0.611, 3) },
          { row: 2, text: '2.67', height: expect.closeTo(0.444, 3) },
        ],
      },
    })
    const texts = picture.kind === 'tiles' ? picture.tiles.cells.map(({ text }) => text) : []
    expect(texts).toEqual(['1', '1', '1=', '2', '3', '1=', '3', '2', '3'])
  })

  it('stand with the last to come in on top where the slowest wins', () => {
    const slowest: Plan = { ...race, best: 'least' }
    const picture = wayOf(slowest).picture!(slowest, standingOf(three).counted)
    expect(picture).toMatchObject({ tiles: { rows: ['none', 'foil', 'wool'] } })
    const heights = picture.kind === 'tiles' ? picture.tiles.podium!.map(({ height }) => height) : []
    expect(heights).toHaveLength(3)
    expect(heights).toEqual([...heights].sort((a, b) => b - a))
  })

  it('have no podium of one heat, and a level that never ran comes last', () => {
    const shared: Plan = { ...race, whoTests: 'shared-levels' }
    const one = [heat('g1', 1, 'b c', shared)]
    for (const best of ['most', 'least'] as const) {
      const plan: Plan = { ...shared, best }
      const picture = wayOf(plan).picture!(plan, one)
      expect(picture).toMatchObject({ tiles: { columns: [{ head: '1' }] } })
      expect(picture).not.toHaveProperty('tiles.podium')
      expect(picture.kind === 'tiles' && picture.tiles.rows.at(-1)).toBe('wool')
    }
  })

  it('are counted by place where there are too many to be told apart', () => {
    const many = Array.from({ length: 25 }, (_, index) =>
      heat(`g${index % 5}`, 1 + Math.floor(index / 5), index === 0 ? 'b a=c' : 'a b c!'),
    )
    const picture = wayOf(race).picture!(race, many)
    expect(picture).toMatchObject({
      tiles: {
        rows: ['wool', 'foil', 'none'],
        columns: [{ head: '1' }, { head: '2' }, { head: '3' }, { head: 'out' }],
      },
    })
    const cells = picture.kind === 'tiles' ? picture.tiles.cells : []
    expect(cells.map(({ row, column, text }) => [row, column, text])).toEqual([
      [0, 0, '24×'],
      [0, 1, '1×'],
      [1, 0, '1×'],
      [1, 1, '24×'],
      [2, 1, '1×'],
      [2, 3, '24×'],
    ])
  })
})
