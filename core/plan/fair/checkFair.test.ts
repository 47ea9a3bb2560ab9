import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { checkFair } from './checkFair'
import type { Finding } from './finding'
import { variableWords } from '../../class'
import { examplePlan, kindsPlan } from '../../testing/examplePlan'
import type { Plan } from '../plan'

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
    expect(
      find(examplePlan({ keptSame: [] }), 'nothing-kept-same').remedies[0]!.apply(plan).keptSame,
    ).toHaveLength(3)
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
          changed: names.map((name) => ({ name, kind: 'number' as const, unit: 'cm' as const, range: null })),
          levels: fc
            .array(fc.constantFrom(null, 20, 40, 60), { maxLength: 16 })
            .map((values) => values.map((value, index) => level(value, `l${index}`))),
          keptSame: fc
            .array(fc.record({ name: names, how: fc.constantFrom('', 'same') }), { maxLength: 4 })
            .map((all) => all.map((one, index) => ({ ...one, id: `k${index}`, was: null }))),
          tries: fc.integer({ min: 0, max: 4 }),
          levelOrder: fc.constantFrom('same' as const, 'own' as const),
          question: fc.constantFrom('', 'Which is best?', 'Does it help?'),
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
