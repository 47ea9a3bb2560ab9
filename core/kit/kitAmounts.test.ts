// Long: every rule of a line, alone and together, by hand.
import fc from 'fast-check'
import { convertUnit } from '../quantity'
import { describe, expect, it } from 'vitest'
import { instrumentCupboard } from '../instrument'
import type { Material, Plan } from '../plan'
import { examplePlan, kindsPlan, material, numberLevel } from '../testing/examplePlan'
import { derivedKit, kitAmounts, madeReady, measurable, mix, dilute, needsOf } from '.'

const cupboard = instrumentCupboard
const six = { groups: 6, children: 24, cupboard }
const kitOf = (plan: Plan, people: Partial<typeof six> = {}) => kitAmounts(plan, { ...six, ...people })
const line = (changes: Partial<Material>, people: Partial<typeof six> = {}, plan: Partial<Plan> = {}) =>
  kitOf(examplePlan({ materials: [material(changes)], ...plan }), people)[0]!

describe('kitAmounts', () => {
  it('needs one of a reused thing for each group, and the spares', () => {
    expect(line({ spare: { kind: 'number', value: 2 } })).toMatchObject({
      perGroup: [1, 1, 1, 1, 1, 1],
      needed: 6,
      spare: 2,
      total: 8,
    })
  })

  it('counts what the class shares once and puts it on no tray', () => {
    expect(line({ per: 'class', amount: 2 })).toMatchObject({
      perGroup: [0, 0, 0, 0, 0, 0],
      shared: 2,
      total: 2,
    })
  })

  it('adds up at the front, or with the teacher, what lies on no tray', () => {
    expect(line({ place: 'teacher', unit: 'mL', amount: 250, per: 'level', use: 'used-up' })).toMatchObject({
      perGroup: [0, 0, 0, 0, 0, 0],
      shared: 4500,
      total: 4500,
    })
  })

  it('leaves a level’s reused things at its station, one set each, however many groups turn', () => {
    const stations = { whoTests: 'stations' as const }
    expect(line({ per: 'level' }, { groups: 3, children: 12 }, stations)).toMatchObject({
      perGroup: [0, 0, 0],
      shared: 3,
      needed: 3,
    })
    expect(line({ per: 'level' }, { groups: 4, children: 12 }, stations).needed).toBe(3)
    expect(line({ per: 'level', level: 'h20' }, { groups: 4, children: 12 }, stations).needed).toBe(1)
    expect(line({ per: 'level', use: 'used-up' }, { groups: 3, children: 12 }, stations).needed).toBe(9)
    expect(line({ per: 'group' }, { groups: 3, children: 12 }, stations).perGroup).toEqual([1, 1, 1])
  })

  it('shares children out over the groups, the first ones taking the rest', () => {
    expect(line({ per: 'child' }, { groups: 5, children: 23 }).perGroup).toEqual([5, 5, 5, 4, 4])
    expect(line({ per: 'child' }, { groups: 3, children: 1 }).perGroup).toEqual([1, 0, 0])
    expect(line({ per: 'child' }, { groups: 8, children: 60 }).needed).toBe(60)
  })

  it('counts used-up things by level, by try, and by level and try with the practice', () => {
    expect(line({ per: 'level', use: 'used-up' }).perGroup[0]).toBe(3)
    expect(line({ per: 'try', use: 'used-up' }).perGroup[0]).toBe(4)
    expect(line({ per: 'level-try', use: 'used-up', amount: 2 }).perGroup[0]).toBe(20)
  })

  it('needs 2 strips for 4 levels, 3 tries, 1 practice and 6 groups with 10% spare: 26 a tray, 156, 172', () => {
    const plan = { levels: [1, 2, 3, 4].map((value) => numberLevel(value)) }
    const strips = {
      per: 'level-try',
      use: 'used-up',
      amount: 2,
      spare: { kind: 'percent', value: 10 },
    } as const
    expect(line(strips, {}, plan)).toMatchObject({
      perGroup: [26, 26, 26, 26, 26, 26],
      needed: 156,
      spare: 16,
      total: 172,
    })
  })

  it('counts reused things once for each simultaneous user', () => {
    expect(line({ per: 'level-try' }).perGroup[0]).toBe(1)
    expect(line({ per: 'level' }).perGroup[0]).toBe(3)
  })

  it('binds a line to its level: the practice is done with the group’s first', () => {
    const plan = { levelOrder: 'same' as const }
    const one = { per: 'try', use: 'used-up', level: 'h20' } as const
    expect(line(one, {}, plan).perGroup[0]).toBe(4)
    expect(line({ ...one, level: 'h40' }, {}, plan).perGroup[0]).toBe(3)
    expect(line({ ...one, level: 'gone' }, {}, plan).needed).toBe(0)
  })

  it('counts as often as the level says: all of them used up, the largest used again', () => {
    expect(line({ per: 'value', use: 'used-up' }).perGroup[0]).toBe(120)
    expect(line({ per: 'value', use: 'reused' }).perGroup[0]).toBe(60)
  })

  it('knows that a group with a share of the levels needs less', () => {
    expect(line({ per: 'level' }, {}, { whoTests: 'shared-levels' }).perGroup).toEqual([2, 2, 2, 2, 2, 2])
  })

  it('packs more where an earlier lesson used more', () => {
    const used = { name: 'strip', use: 'used-up', per: 'group', amount: 10 } as const
    const plan = examplePlan({ materials: [material(used)] })
    expect(kitAmounts(plan, { ...six, usedBefore: { strip: 75 } })[0]).toMatchObject({
      needed: 60,
      spare: 15,
      total: 75,
    })
    expect(kitAmounts(plan, { ...six, usedBefore: { strip: 20 } })[0]!.total).toBe(60)
  })

  it('refuses counts that are none', () => {
    expect(() => kitAmounts(examplePlan(), { ...six, groups: -1 })).toThrow(RangeError)
    expect(() => kitAmounts(examplePlan(), { ...six, children: 2.5 })).toThrow(RangeError)
  })

  it('never has less ready than its trays and its spares, and trays never need more than they ask for and one mark', () => {
    fc.assert(
      fc.property(
        fc.record({
          amount: fc.double({ min: 0, max: 1000, noNaN: true }),
          unit: fc.constantFrom('', 'mL', 'g', 'cm', 'sheets'),
          per: fc.constantFrom('class', 'group', 'child', 'level', 'try', 'level-try', 'value'),
          use: fc.constantFrom('reused', 'used-up'),
          place: fc.constantFrom('tray', 'front', 'teacher'),
        }),
        fc.integer({ min: 1, max: 12 }),
        fc.integer({ min: 0, max: 60 }),
        (changes, groups, children) => {
          const { perGroup, shared, needed, spare, total } = line(changes as Partial<Material>, {
            groups,
            children,
          })
          expect(needed).toBeCloseTo(perGroup.reduce((sum, one) => sum + one, 0) + shared, 6)
          expect(total).toBeCloseTo(needed + spare, 6)
          expect(perGroup).toHaveLength(groups)
        },
      ),
    )
  })
})

describe('measurable', () => {
  it('rounds up to what the cupboard can measure', () => {
    expect(measurable(94.5, 'g', cupboard)).toBe(95)
    expect(measurable(2700, 'mL', cupboard)).toBe(2700)
    expect(measurable(14.2, 'mL', cupboard)).toBe(15)
    expect(measurable(143, 'mL', cupboard)).toBe(150)
    expect(measurable(0.1 * 30, '', cupboard)).toBe(3)
    expect(measurable(2.1, 'sheets', cupboard)).toBe(3)
  })

  it('keeps what one of the instruments has a mark for, whatever the others have', () => {
    const rules = cupboard.filter((one) => one.dimension === 'length')
    const inches = { ...rules[0]!, id: 'inches', unit: 'in' as const, smallestMark: 1 / 16, greatest: 60 }
    expect(measurable(40, 'cm', [inches, ...rules])).toBe(40)
  })

  it('has usual marks where the cupboard has nothing, and refuses what is no amount', () => {
    expect(measurable(143, 'mL', [])).toBe(150)
    expect(measurable(0.0121, 'kg', [])).toBe(0.013)
    expect(() => measurable(-1, '', [])).toThrow(RangeError)
    expect(() => measurable(NaN, '', [])).toThrow(RangeError)
  })
})

describe('mixtures', () => {
  const bubbleMix = { kind: 'solution', of: 'sugar', unit: 'g', amount: 60, inMillilitres: 1000 } as const

  it('needs 2.88 L of water and 173 g of sugar for four cups of 120 mL in six groups', () => {
    expect(mix(bubbleMix, 4 * 120 * 6, cupboard)).toEqual({
      water: 2880,
      added: 173,
      batches: 3,
    })
  })

  it('counts what is poured in as part of the mixture, and mixes what a jug holds at a time', () => {
    // 2,800 mL of 1 part in 10: 2,545 mL of water and 255 mL of washing-up liquid, as 11 parts are 2,800 mL.
    const soapy = {
      kind: 'solution',
      of: 'washing-up liquid',
      unit: 'mL',
      amount: 1,
      inMillilitres: 10,
    } as const
    const { water, added, batches } = mix(soapy, 2800, cupboard)
    expect(water + added).toBeGreaterThanOrEqual(2800)
    expect(water + added).toBeLessThanOrEqual(2800 + 30)
    expect(water / added).toBeCloseTo(10, 0)
    const largest = cupboard.filter((one) => one.dimension === 'volume' && one.howMany > 0)
    const jug = Math.max(...largest.map((one) => convertUnit(one.greatest, one.unit, 'mL')))
    expect(2800 / batches).toBeLessThanOrEqual(jug)
    expect(2800 / (batches - 1)).toBeGreaterThan(jug)
    expect(mix(soapy, 2800, []).batches).toBe(1)
  })

  it('lets a strong mixture down for every level', () => {
    const series = { kind: 'series', of: 'sugar', unit: 'g', inMillilitres: 1000 } as const
    expect(
      dilute(
        series,
        [
          { id: 'a', millilitres: 600, strength: 10 },
          { id: 'b', millilitres: 600, strength: 40 },
          { id: 'c', millilitres: 600, strength: 0 },
        ],
        cupboard,
      ),
    ).toEqual({
      stock: { water: 750, added: 30, batches: 1 },
      steps: [
        { levelId: 'a', strong: 150, water: 450 },
        { levelId: 'b', strong: 600, water: 0 },
        { levelId: 'c', strong: 0, water: 600 },
      ],
    })
  })

  it('is nothing of nothing and refuses ratios to no water', () => {
    expect(mix(bubbleMix, 0, cupboard)).toEqual({ water: 0, added: 0, batches: 1 })
    expect(() => mix({ ...bubbleMix, inMillilitres: 0 }, 100, cupboard)).toThrow(RangeError)
  })

  it('is taken out of the cupboard as what it is made of', () => {
    const plan = examplePlan({
      keptSame: [],
      levels: [20, 40, 60, 80].map((value) => numberLevel(value)),
      materials: [
        material({
          name: 'bubble mix',
          unit: 'mL',
          amount: 120,
          per: 'level',
          use: 'used-up',
          made: bubbleMix,
        }),
      ],
    })
    const needs = needsOf(kitOf(plan), plan, six)
    expect(needs.map((need) => [need.name, need.amount, need.unit])).toEqual(
      expect.arrayContaining([
        ['water', 2880, 'mL'],
        ['sugar', 173, 'g'],
      ]),
    )
    expect(needs.some((need) => need.name === 'bubble mix')).toBe(false)
  })

  it('makes a series over the plan’s own levels', () => {
    const plan = examplePlan({
      changed: { name: 'sugar in a litre', kind: 'number', unit: 'g', range: null },
      levels: [0, 20, 40].map((value) => numberLevel(value)),
      materials: [
        material({
          name: 'bubble mix',
          unit: 'mL',
          amount: 100,
          per: 'level',
          use: 'used-up',
          made: { kind: 'series', of: 'sugar', unit: 'g', inMillilitres: 1000 },
        }),
      ],
    })
    const made = madeReady(kitOf(plan)[0]!, plan, six)
    expect(made).toMatchObject({ kind: 'series', series: { stock: { water: 900, added: 36 } } })
  })

  it('says so when a mixture has no volume or a piece is larger than its sheet', () => {
    const plan = examplePlan({
      materials: [
        material({ name: 'bubble mix', made: bubbleMix }),
        material({
          id: 'n',
          name: 'card',
          made: {
            kind: 'pieces',
            width: 40,
            height: 40,
            from: 'card, A4',
            sheetWidth: 21,
            sheetHeight: 29.7,
          },
        }),
      ],
    })
    const [first, second] = kitOf(plan).map((one) => madeReady(one, plan, six))
    expect(first).toMatchObject({ kind: 'problem', message: expect.stringContaining('volume') })
    expect(second).toMatchObject({
      kind: 'problem',
      message: expect.stringContaining('smaller than the piece'),
    })
  })
})

describe('derivedKit', () => {
  const names = (plan: Plan) => derivedKit(plan).map((one) => one.name)

  it('brings the instrument, the sheets and the things kept the same', () => {
    expect(names(examplePlan())).toEqual(['metre stick', 'recording sheet', 'ball'])
  })

  it('brings nothing that is listed, taken out, or replaced by a line of its own', () => {
    expect(names(examplePlan({ materials: [material({ name: 'bouncy ball' })] }))).toEqual([
      'metre stick',
      'recording sheet',
    ])
    expect(names(examplePlan({ leftOut: ['kit-sheet', 'kit-same-ball'] }))).toEqual(['metre stick'])
    expect(
      names(examplePlan({ materials: [material({ id: 'kit-instrument-metre-stick', name: 'long stick' })] })),
    ).not.toContain('metre stick')
  })

  it('does not pack people, places, doings or the room', () => {
    const keptSame = [
      'who reads',
      'way of dropping',
      'floor',
      'starting temperature',
      'size of the bubble',
      'place',
      'table',
      'time in the water',
    ].map((name) => ({ id: name, name, how: '', was: null }))
    expect(names(examplePlan({ keptSame }))).toEqual(['metre stick', 'recording sheet'])
  })

  it('takes the amount from how it is kept the same', () => {
    const plan = examplePlan({
      keptSame: [{ id: 'w', name: 'amount of water', how: '200 mL in the same tray', was: null }],
    })
    expect(derivedKit(plan).at(-1)).toMatchObject({
      name: 'water',
      amount: 200,
      unit: 'mL',
      per: 'level',
      use: 'used-up',
    })
  })

  it('packs nothing for what is usually kept the same and is no thing', () => {
    const names = ['thing we drop', 'rest before', 'darkness of the room', 'what we count']
    const keptSame = names.map((name, at) => ({ id: `k${at}`, name, how: 'alike', was: null }))
    expect(derivedKit(examplePlan({ keptSame })).map(({ name }) => name)).toEqual([
      'metre stick',
      'recording sheet',
    ])
  })

  it('brings what is given each day for all days', () => {
    const watered = (how: string) =>
      derivedKit(
        examplePlan({
          recording: { kind: 'daily', days: 10, score: 'end' },
          keptSame: [{ id: 'w', name: 'amount of water', how, was: null }],
        }),
      ).at(-1)?.amount
    expect(watered('10 mL each morning')).toBe(100)
    expect(watered('10 mL at the start')).toBe(10)
  })

  it('brings kinds that are things, each for its own level, and none for “no jacket” or a window sill', () => {
    const kinds = kindsPlan(['no jacket', 'newspaper', 'woollen sock'], {
      changed: { name: 'jacket', kind: 'kinds', unit: null, range: null },
      keptSame: [],
    })
    expect(derivedKit(kinds).slice(2)).toMatchObject([
      { name: 'newspaper', level: 'newspaper', use: 'used-up', per: 'try' },
      { name: 'woollen sock', level: 'woollen sock', use: 'reused', per: 'level' },
    ])
    for (const places of [
      ['window sill', 'inside a cupboard'],
      ['on the window sill', 'at the back of the room'],
    ])
      expect(names(kindsPlan(places, { keptSame: [] }))).toEqual(['metre stick', 'recording sheet'])
  })

  it('brings the changed thing in each kind where the kinds only say how it is', () => {
    const brought = (changed: string, kinds: string[]) => {
      const plan = kindsPlan(kinds)
      return derivedKit({ ...plan, keptSame: [], changed: { ...plan.changed, name: changed } })
        .filter((line) => line.id.startsWith('kit-level-'))
        .map((line) => line.name)
    }
    expect(brought('size of jar', ['small', 'large'])).toEqual(['jar, small', 'jar, large'])
    expect(brought('magnet', ['bar', 'horseshoe'])).toEqual(['magnet, bar', 'magnet, horseshoe'])
    expect(brought('kind of paper', ['napkin', 'newspaper'])).toEqual(['napkin', 'newspaper'])
    expect(brought('shape of the glorb', ['flat', 'bowl'])).toEqual([])
    expect(brought('glorb', ['thick', 'fleem'])).toEqual(['fleem'])
    // A surface is no ball.
    expect(brought('ball surface', ['glorb', 'carpet'])).toEqual(['glorb', 'carpet'])
  })

  it('brings as many as the largest level, or as much as all say', () => {
    const layers = examplePlan({
      changed: { name: 'layers of card', kind: 'number', unit: 'count', range: null },
      keptSame: [],
      levels: [0, 2, 4].map((value) => numberLevel(value)),
    })
    expect(kitOf(layers).find((one) => one.material.name === 'card')!.perGroup[0]).toBe(6)
    const sugar = examplePlan({
      changed: { name: 'amount of sugar', kind: 'number', unit: 'g', range: null },
      keptSame: [],
      levels: [0, 10, 20].map((value) => numberLevel(value)),
    })
    expect(kitOf(sugar).find((one) => one.material.name === 'sugar')).toMatchObject({
      perGroup: [30, 30, 30, 30, 30, 30],
    })
  })

  it('packs no tally, and an instrument for each station', () => {
    const tally = { ...examplePlan().measured, instrument: cupboard.find((one) => one.id === 'tally')! }
    expect(names(examplePlan({ measured: tally }))).toEqual(['recording sheet', 'ball'])
    const stations = examplePlan({ whoTests: 'stations' })
    expect(kitOf(stations).find((one) => one.material.id === 'kit-instrument-metre-stick')).toMatchObject({
      shared: 3,
    })
  })

  it('leaves nothing behind: a line in place of a derived one stands while the plan brings that one', () => {
    const own = material({ id: 'kit-instrument-metre-stick', name: 'metre stick', per: 'turns', amount: 3 })
    const plan = examplePlan({ materials: [own], keptSame: [] })
    const listed = (of: Plan) => kitOf(of).map((line) => line.material.name)
    expect(listed(plan)).toEqual(['metre stick', 'recording sheet'])
    const tape = cupboard.find((one) => one.id === 'tape')!
    expect(listed({ ...plan, measured: { ...plan.measured, instrument: tape } })).toEqual([
      'tape measure',
      'recording sheet',
    ])
    const gone = kindsPlan(['foil'], {
      keptSame: [],
      materials: [material({ id: 'kit-level-wool', name: 'wool', level: 'wool' })],
    })
    expect(listed(gone)).toEqual(['metre stick', 'recording sheet', 'foil'])
  })

  it('follows every change of the plan at once', () => {
    const plan = examplePlan()
    const tape = {
      ...plan,
      measured: { ...plan.measured, instrument: cupboard.find((one) => one.id === 'tape')! },
    }
    expect(names(tape)[0]).toBe('tape measure')
    expect(names({ ...plan, recording: { kind: 'race' } })).not.toContain('metre stick')
  })
})
