import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { variableWords } from '#core/class'
import { checkFair } from '#core/fair'
import { instrumentCupboard } from '#core/instrument'
import { kitAmounts, madeReady } from '#core/kit'
import { comparesSides, weighLesson } from '#core/comparison'
import { orderedLevels, type Plan } from '#core/plan'
import { readWithOf, wayOf, ways } from '#core/recording'
import { entry } from '#core/testing/exampleEntries'
import { checkSafe } from '#core/safety'
import { planSchema, validate } from '#shared/schemas'
import { ownWords } from './sentences'
import { starters, type Starter } from '.'

describe('starters', () => {
  it.each(starters.map((starter) => [starter.id, starter] as const))(
    '%s is a whole plan with nothing to mend and expected values for its levels',
    (_, { plan, expected }) => {
      expect(validate(planSchema, plan)).toEqual({ ok: true, value: plan })
      expect(
        checkFair(plan, { age: '7-9', words: variableWords('plain') }).findings.filter(
          (finding) => finding.severity === 'mend',
        ),
      ).toEqual([])
      expect(Object.keys(expected.values)).toEqual(plan.levels.map((level) => level.id))
      expect(expected.basis).not.toBe('')
    },
  )
})

describe.each([
  { groups: 6, children: 24 },
  { groups: 8, children: 31 },
])('the kit of every starter for $children children in $groups groups', (people) => {
  const own = { ...people, cupboard: instrumentCupboard }

  it.each(starters.map((starter) => [starter.id, starter] as const))('%s', (_, { plan, cautions }) => {
    const lines = kitAmounts(plan, own)
    const names = lines.map((line) => line.material.name)
    // A tray can run the test: something to read with where something is read, and somewhere to write.
    if (plan.measured.unit !== 'count') expect(names).toContain(plan.measured.instrument.name)
    expect(names).toContain('recording sheet')
    for (const line of lines) {
      expect(line.total, line.material.name).toBeGreaterThan(0)
      expect(madeReady(line, plan, own)?.kind, line.material.name).not.toBe('problem')
    }
    // Kinds that are brought are each on the tray of every group that tests them.
    for (const line of lines.filter((one) => one.material.level !== null && one.shared === 0))
      expect(Math.min(...line.perGroup), line.material.name).toBeGreaterThan(0)
    const perChild = lines.find((line) => line.material.per === 'child')
    if (perChild) expect(perChild.needed).toBe(people.children)
    const safe = checkSafe(plan, { age: '7-9', lines, allergies: [], supplies: [] })
    expect(safe.unknown).toEqual([])
    expect(safe.cautions.map((one) => one.hazard).sort()).toEqual([...cautions].sort())
  })
})

/** What stands at each side of a plan when all goes as expected, as the mean of its levels. */
function sidesExpected(plan: Plan, { row, values }: Starter['expected']): number[] {
  const entries = plan.levels.flatMap(({ id: levelId }) =>
    Object.entries(row!(levelId, values[levelId]!, () => 0)).map(([moment, value]) =>
      entry({ groupId: 'leaf', levelId, tryNumber: 1, moment, value, readWith: readWithOf(plan, moment) }),
    ),
  )
  return weighLesson(plan, entries).results.map(({ centre }) => centre)
}

describe('the list of starters', () => {
  it('has each folder that holds one, with its plan, its drawing and what classes say of it', () => {
    const folders = readdirSync('starters', { withFileTypes: true })
      .filter((one) => one.isDirectory() && one.name !== 'sentences')
      .map((one) => one.name)
    expect(starters.map(({ id }) => id).sort()).toEqual(folders.sort())
    for (const folder of folders)
      expect(readdirSync(`starters/${folder}`).sort()).toEqual([
        'background.ts',
        'drawing.svg',
        'index.ts',
        'sentences.ts',
      ])
    expect(ownWords.map(({ starter }) => starter.id)).toEqual(expect.arrayContaining(folders))
  })

  it('shows many ways of recording, each with a basis for its numbers and steps for the groups', () => {
    expect(new Set(starters.map(({ plan }) => plan.recording.kind)).size).toBe(ways.length)
    for (const { plan } of starters) {
      // What cannot be rehearsed says why instead.
      expect(plan.expected === null).toBe(wayOf(plan).unrehearsed !== null)
      expect(plan.steps.length).toBeGreaterThan(1)
      expect(plan.materials.length).toBeGreaterThan(2)
    }
  })

  it('has a drawing of each', () => {
    for (const { id } of starters)
      expect(readFileSync(`starters/${id}/drawing.svg`, 'utf8')).toMatch(/^<svg [^>]*viewBox="0 0 48 48"/)
  })

  it('expects of each plan what its own values say, at either end', () => {
    for (const { plan, expected } of starters.filter((one) => one.plan.expected !== null)) {
      const values = comparesSides(plan)
        ? sidesExpected(plan, expected)
        : orderedLevels(plan).map((level) => expected.values[level.id]!)
      expect([plan.title, plan.expected!.first, plan.expected!.last]).toEqual([
        plan.title,
        expect.closeTo(values[0]!, 0),
        expect.closeTo(values.at(-1)!, 0),
      ])
    }
  })
})
