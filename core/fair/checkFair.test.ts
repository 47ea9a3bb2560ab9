// Long: every finding has an example that raises it and one that does not.
import { usualWays, withVariation, type Plan } from '../plan'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { checkFair } from './checkFair'
import type { Finding } from './finding'
import { variableWords } from '../class'
import { examplePlan, kindsPlan } from '../testing/examplePlan'

const context = { age: '7-9' as const, words: variableWords('plain') }
const check = (plan: Plan) => checkFair(plan, context)
const find = (plan: Plan, code: string): Finding => {
  const found = check(plan).findings.find((finding) => finding.code.startsWith(code))
  if (!found)
    throw new Error(
      `no finding ${code} among ${check(plan)
        .findings.map((finding) => finding.code)
        .join(', ')}`,
    )
  return found
}
const level = (value: number | null, id = String(value)) => ({
  id,
  name: '',
  value,
  baseline: false,
  picture: null,
})

describe('checkFair', () => {
  it('is content with a sound plan', () => {
    expect(check(examplePlan())).toEqual({ state: 'good', findings: [] })
  })

  it('asks for one thing to change', () => {
    expect(
      find(
        examplePlan({ changed: { name: ' ', kind: 'number', unit: 'cm', range: null } }),
        'nothing-changed',
      ).severity,
    ).toBe('mend')
  })

  it.each(['height and ball', 'height & ball', 'height, ball', 'height plus ball'])(
    'sees two things in %j and keeps the other the same',
    (name) => {
      const plan = examplePlan({
        changed: { name, kind: 'number', unit: 'cm', range: null },
        keptSame: [{ id: 'f', name: 'floor', how: 'x', was: null }],
      })
      const { remedies } = find(plan, 'two-things-changed')
      expect(remedies.map((one) => one.label)).toEqual(['Change only height', 'Change only ball'])
      const mended = remedies[0]!.apply(plan)
      expect(mended.changed.name).toBe('height')
      expect(mended.keptSame.map((same) => same.name)).toEqual(['floor', 'ball'])
    },
  )

  it('does not take a word with “and” inside for two things', () => {
    expect(
      check(examplePlan({ changed: { name: 'sand wetness', kind: 'number', unit: 'cm', range: null } }))
        .state,
    ).toBe('good')
  })

  it('sees a thing that is changed and kept the same', () => {
    const plan = examplePlan({
      keptSame: [
        { id: 'a', name: 'Drop  Height', how: 'x', was: null },
        { id: 'b', name: 'floor', how: 'x', was: null },
      ],
    })
    expect(
      find(plan, 'changed-and-kept-same')
        .remedies[0]!.apply(plan)
        .keptSame.map((same) => same.id),
    ).toEqual(['b'])
  })

  it('sees a measure that is the change itself', () => {
    expect(
      find(
        examplePlan({ measured: { ...examplePlan().measured, name: 'drop height' } }),
        'changed-is-measured',
      ).severity,
    ).toBe('mend')
  })

  it('counts levels: none, one, two, and more than a class can test', () => {
    expect(find(examplePlan({ levels: [] }), 'too-few-levels').severity).toBe('mend')
    expect(find(examplePlan({ levels: [level(20)] }), 'too-few-levels').remedies[0]!.label).toBe('Add 40 cm')
    expect(find(examplePlan({ levels: [level(20), level(50)] }), 'two-levels').severity).toBe('think')
    const many = examplePlan({ levels: Array.from({ length: 40 }, (_, index) => level(index)) })
    expect(find(many, 'too-many-levels').remedies[0]!.apply(many).levels).toHaveLength(12)
    expect(
      check(kindsPlan(['a', 'b'])).findings.some((finding) => finding.code === 'two-levels-no-pattern'),
    ).toBe(false)
  })

  it('sees unfinished and doubled levels', () => {
    const open = examplePlan({ levels: [...examplePlan().levels, level(null, 'new')] })
    expect(find(open, 'unfinished-level').remedies[0]!.apply(open).levels).toHaveLength(3)
    const twice = examplePlan({ levels: [...examplePlan().levels, level(20, 'again')] })
    expect(
      find(twice, 'level-twice')
        .remedies[0]!.apply(twice)
        .levels.map((one) => one.id),
    ).toEqual(['h20', 'h40', 'h60'])
    expect(find(kindsPlan(['Carpet', 'carpet ']), 'level-twice').severity).toBe('mend')
  })

  it('asks for a baseline only where the question asks whether something helps', () => {
    const jackets = kindsPlan(['wool', 'foil'], { question: 'Does a jacket keep the bottle warm?' })
    expect(find(jackets, 'no-baseline').remedies[0]!.apply(jackets).levels[0]).toMatchObject({
      name: 'nothing added',
      baseline: true,
    })
    expect(check(kindsPlan(['wool', 'foil'], { question: 'Which is rougher?' })).state).toBe('good')
  })

  it('asks what “best” means, once', () => {
    const plan = examplePlan({ question: 'Which height is best?' })
    const [most, least] = find(plan, 'best-undefined').remedies
    expect(check(most!.apply(plan)).state).toBe('good')
    expect(least!.apply(plan).best).toBe('least')
  })

  it('sees that nothing is measured, or with the wrong instrument', () => {
    expect(
      find(examplePlan({ measured: { ...examplePlan().measured, name: '' } }), 'nothing-measured').severity,
    ).toBe('mend')
    const wrong = examplePlan({ measured: { ...examplePlan().measured, unit: 's' } })
    expect(find(wrong, 'wrong-instrument').remedies[0]!.apply(wrong).measured.unit).toBe('cm')
  })

  it('asks how each thing is kept the same', () => {
    const plan = examplePlan({
      keptSame: [
        { id: 'a', name: 'ball', how: '', was: null },
        { id: 'b', name: 'floor', how: '', was: null },
      ],
    })
    const first = find(plan, 'unequal-start-a')
    expect(first.remedies[0]!.apply(plan).keptSame.map((same) => same.how)).toEqual([
      'the same one every time',
      '',
    ])
    const none = examplePlan({ keptSame: [] })
    const usual = find(none, 'nothing-kept-same').remedies[0]!
    // What belongs to dropping a ball, without the height, which is what changes.
    expect(usual.label).toBe('Add thing we drop, surface and letting go')
    expect(check(usual.apply(none)).state).toBe('good')
  })

  it('knows how many tries are usual at an age', () => {
    expect(find(examplePlan({ tries: 2 }), 'too-few-tries').severity).toBe('think')
    expect(checkFair(examplePlan({ tries: 2 }), { ...context, age: '5-7' }).state).toBe('good')
    expect(find(examplePlan({ tries: 0 }), 'no-tries').severity).toBe('mend')
  })

  it('warns of one order for all groups, but not when the class tests together', () => {
    const plan = examplePlan({ levelOrder: 'same' })
    expect(check(find(plan, 'same-order').remedies[0]!.apply(plan)).state).toBe('good')
    expect(check(examplePlan({ levelOrder: 'same', whoTests: 'whole-class' })).state).toBe('good')
  })

  it('puts what must be mended first', () => {
    expect(
      check(examplePlan({ tries: 1, keptSame: [], levelOrder: 'same' })).findings.map(
        (finding) => finding.severity,
      ),
    ).toEqual(['mend', 'think', 'think'])
  })

  it('does not let a pasted essay into a label', () => {
    const plan = examplePlan({
      changed: {
        name: `${'a'.repeat(3000)} and ${'b'.repeat(3000)}`,
        kind: 'number',
        unit: 'cm',
        range: null,
      },
    })
    for (const { remedies, reason } of check(plan).findings)
      for (const text of [reason, ...remedies.map((one) => one.label)]) expect(text.length).toBeLessThan(200)
  })

  it('offers only remedies that remove their finding and leave the plan they were given', () => {
    const names = fc.constantFrom('', 'height', 'height and ball', 'ball', 'floor, wind')
    fc.assert(
      fc.property(
        fc.record({
          changed: fc
            .tuple(names, fc.constantFrom(null, { least: 0, greatest: 50 }))
            .map(([name, range]) => ({
              name,
              kind: 'number' as const,
              unit: 'cm' as const,
              range,
            })),
          levels: fc
            .array(fc.constantFrom(null, 20, 40, 60), { maxLength: 16 })
            .map((values) => values.map((value, index) => level(value, `l${index}`))),
          keptSame: fc
            .array(fc.record({ name: names, how: fc.constantFrom('', 'same') }), { maxLength: 4 })
            .map((all) => all.map((one, index) => ({ ...one, id: `k${index}`, was: null }))),
          tries: fc.integer({ min: 0, max: 4 }),
          levelOrder: fc.constantFrom('same' as const, 'own' as const),
          question: fc.constantFrom('', 'Which is best?', 'Does it help?'),
          properties: fc
            .dictionary(fc.constantFrom('l0', 'l1', 'l2'), fc.constantFrom('', 'small', 'large'))
            .map((at) => [{ id: 'p', name: 'size', at }]),
          expected: fc.constantFrom(
            null,
            { first: 10, last: 40, apart: 2 },
            { first: 10, last: 400, apart: 2 },
            { first: 10, last: 10.4, apart: 2 },
          ),
          ideas: fc.constantFrom<Plan['ideas'][]>(
            { change: [], measure: [] },
            { change: [{ id: 'i', name: 'weather' }], measure: [{ id: 'j', name: 'time' }] },
          ),
        }),
        (changes) => {
          const plan = examplePlan(changes)
          const before = JSON.stringify(plan)
          for (const finding of check(plan).findings)
            for (const remedy of finding.remedies) {
              const after = check(remedy.apply(plan)).findings.filter((other) => other.code === finding.code)
              // One press adds one level; a plan without any needs two of them.
              if (finding.code !== 'too-few-levels')
                expect(after.map((other) => other.reason)).not.toContain(finding.reason)
              expect(JSON.stringify(plan)).toBe(before)
            }
        },
      ),
    )
  })
})

describe('checkFair, of what levels and instruments are', () => {
  const towels = kindsPlan(['blue', 'white', 'bumpy'], { question: 'Which soaks up most?' })

  it('says that there is nothing to compare or to tell apart while nothing is changed or measured, and offers the cards', () => {
    const open = examplePlan({
      changed: { ...examplePlan().changed, name: '' },
      measured: { ...examplePlan().measured, name: '' },
      ideas: {
        change: [{ id: 'a', name: 'drop height' }],
        measure: [{ id: 'b', name: 'bounce height' }],
      },
    })
    const nothing = find(open, 'nothing-changed')
    expect(nothing.reason).toMatch(/so there is nothing to compare\./)
    const changed = nothing.remedies[0]!.apply(open)
    expect(changed.changed.name).toBe('drop height')
    expect(find(changed, 'nothing-measured').remedies[0]!.apply(changed).measured.name).toBe('bounce height')
  })

  it('finds a second property that changes with the level', () => {
    const plan = {
      ...towels,
      properties: [{ id: 'p', name: 'size', at: { blue: 'small', white: 'large', bumpy: 'large' } }],
    }
    const found = find(plan, 'second-property')
    expect(found.reason).toBe(
      'The size differs too (blue: small, white: large). Then nobody can say which of the two made the difference.',
    )
    const [alike] = found.remedies
    expect(alike!.label).toBe('Same size for all: large')
    expect(alike!.apply(plan)).toMatchObject({
      properties: [],
      keptSame: [{ name: 'ball' }, { name: 'size', how: 'large for all' }],
    })
    expect(check(alike!.apply(plan)).state).toBe('good')
  })

  it('lets a class ask about the second property instead, where each level has its own', () => {
    const plan = {
      ...towels,
      properties: [{ id: 'p', name: 'size', at: { blue: 'small', white: 'middle', bumpy: 'large' } }],
    }
    const instead = find(plan, 'second-property').remedies[1]!.apply(plan)
    expect(instead.changed.name).toBe('size')
    expect(instead.levels.map((one) => one.name)).toEqual(['small', 'middle', 'large'])
    expect(instead.levels.map((one) => one.id)).toEqual(['blue', 'white', 'bumpy'])
    expect(instead.keptSame.at(-1)!.name).toBe('surface')
  })

  it('asks for a property that is stated of some levels only, and is content when all are alike', () => {
    const some = { ...towels, properties: [{ id: 'p', name: 'size', at: { blue: 'small' } }] }
    expect(find(some, 'property-unstated').remedies[0]!.apply(some).properties).toEqual([])
    const alike = {
      ...towels,
      properties: [{ id: 'p', name: 'size', at: { blue: 'Small', white: 'small ', bumpy: 'small' } }],
    }
    expect(check(alike).state).toBe('good')
  })

  it('finds levels beyond what the set-up allows', () => {
    const plan = examplePlan({ changed: { ...examplePlan().changed, range: { least: 0, greatest: 50 } } })
    const found = find(plan, 'level-out-of-reach')
    expect(found.reason).toContain('from 0 cm to 50 cm')
    expect(found.remedies[0]!.apply(plan).levels.map((one) => one.value)).toEqual([20, 40, 50])
    expect(found.remedies[1]!.apply(plan).levels).toHaveLength(2)
    const taken = { ...plan, levels: [...plan.levels, level(50)] }
    expect(find(taken, 'level-out-of-reach').remedies.map((one) => one.label)).toEqual(['Take 60 cm out'])
  })

  it('finds what the instrument cannot show: off the scale, or finer than a mark', () => {
    const off = examplePlan({ expected: { first: 40, last: 160, apart: 4 } })
    expect(find(off, 'off-the-scale').remedies.map((one) => one.label)).toEqual(['Use a tape measure'])
    expect(check(find(off, 'off-the-scale').remedies[0]!.apply(off)).state).toBe('good')
    const fine = examplePlan({
      measured: {
        ...examplePlan().measured,
        name: 'time in the air',
        unit: 's',
        instrument: { ...examplePlan().measured.instrument, name: 'clock', unit: 's', greatest: 600 },
      },
      expected: { first: 3, last: 3.4, apart: 0.1 },
    })
    expect(find(fine, 'finer-than-a-mark').remedies[0]!.label).toBe('Use a stopwatch')
    expect(check(find(fine, 'finer-than-a-mark').remedies[0]!.apply(fine)).state).toBe('good')
  })

  it('reminds of what classes forget to keep the same with such measurements', () => {
    const warm = examplePlan({
      measured: {
        ...examplePlan().measured,
        name: 'temperature lost',
        unit: 'C',
        instrument: { ...examplePlan().measured.instrument, unit: 'C' },
      },
    })
    const found = find(warm, 'forgotten-starting-temperature')
    expect(check(found.remedies[0]!.apply(warm)).state).toBe('good')
    const weighed = examplePlan({
      recording: {
        kind: 'before-after',
        moments: ['before', 'after'],
        stand: 'in-turn',
        container: 'none',
        change: 'lost',
        compare: 'amount',
      },
    })
    expect(find(weighed, 'forgotten-amount-at-the-start').severity).toBe('think')
    const grown = examplePlan({ recording: { kind: 'daily', days: 5, score: 'gained' } })
    expect(find(grown, 'forgotten-place').severity).toBe('think')
  })

  it('wants the number filled in where a way to keep something the same has a gap', () => {
    const gap = examplePlan({
      keptSame: [{ id: 'w', name: 'water', how: 'the same amount: … mL', was: null }],
    })
    const found = find(gap, 'unequal-start-w')
    expect(found.reason).toMatch(/fill in the number/)
    expect(check(found.remedies[0]!.apply(gap)).state).toBe('good')
  })

  it('speaks in the school’s words and goes by its usual tries', () => {
    const open = examplePlan({ changed: { ...examplePlan().changed, name: '' } })
    const formal = checkFair(open, { age: '7-9', words: variableWords('formal') })
    expect(formal.findings[0]!.reason).toContain('the independent variable')
    const ways = {
      ...usualWays,
      byAge: { ...usualWays.byAge, '7-9': { tries: 5, summary: 'mean' as const } },
    }
    expect(checkFair(examplePlan(), { ...context, ways }).findings[0]!.remedies[0]!.label).toBe(
      'Make it 5 tries',
    )
  })

  it('does not warn of one order at stations or in rounds', () => {
    expect(check(examplePlan({ levelOrder: 'same', whoTests: 'stations' })).state).toBe('good')
    const rounds = kindsPlan(['round 1', 'round 2'], { recording: { kind: 'rounds' }, levelOrder: 'same' })
    expect(check(rounds).state).toBe('good')
  })
})

describe('rows of readings', () => {
  const row = (changes: Partial<Plan> = {}) =>
    kindsPlan(['nothing', 'wool'], {
      tries: 1,
      levelOrder: 'same',
      recording: { kind: 'intervals', minutes: [0, 5, 10], score: 'lost' },
      ...changes,
    })
  const codes = (plan: Plan) => check(plan).findings.map((finding) => finding.code)

  it('are not asked for more tries, nor for another order: containers stand side by side', () => {
    expect(codes(row())).not.toContain('too-few-tries')
    expect(codes(row())).not.toContain('same-order')
    expect(codes(row({ tries: 0 }))).toContain('no-tries')
  })

  it('are measurable by their score: a change that is smaller than a mark is none', () => {
    expect(codes(row({ expected: { first: 5, last: 5.4, apart: 1 } }))).toContain('finer-than-a-mark')
    // A change of −8 is no reading below the scale.
    expect(codes(row({ expected: { first: -8, last: 12, apart: 1 } }))).not.toContain('off-the-scale')
  })
})

describe('a class that looks how much one setting varies', () => {
  const varying = withVariation(examplePlan())
  const codes = (plan: Plan) => checkFair(plan, context).findings.map((one) => one.code)

  it('needs nothing changed and one setting, but many tries', () => {
    expect(codes(varying)).not.toContain('too-few-levels')
    const unnamed = withVariation({ ...examplePlan(), changed: { ...examplePlan().changed, name: '' } })
    expect(codes(unnamed)).not.toContain('nothing-changed')
    expect(unnamed.levels.map((level) => level.name)).toEqual(['our setting'])
    expect(codes({ ...varying, tries: 3 })).toContain('too-few-tries')
  })

  it('keeps one of several settings, or compares them', () => {
    const several = { ...varying, levels: examplePlan().levels }
    const { remedies } = checkFair(several, context).findings.find((one) => one.code === 'several-settings')!
    expect(remedies.map(({ label }) => label)).toEqual(['Compare them', 'Keep 20 cm'])
    for (const one of remedies) expect(codes(one.apply(several))).not.toContain('several-settings')
  })

  it('is offered where there is only one level', () => {
    const single = { ...examplePlan(), levels: examplePlan().levels.slice(0, 1) }
    const { remedies } = checkFair(single, context).findings.find((one) => one.code === 'too-few-levels')!
    const looked = remedies.find(({ label }) => label === 'Only look how much it varies')!.apply(single)
    expect(codes(looked)).not.toContain('too-few-levels')
  })
})
