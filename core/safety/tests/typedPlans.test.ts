import { describe, expect, it } from 'vitest'
import { instrumentCupboard } from '../../instrument'
import { kitAmounts, understandLine } from '../../kit'
import type { Plan } from '../../plan'
import { examplePlan } from '../../testing/examplePlan'
import { firstForty } from './firstForty'
import { furtherTwenty } from './furtherTwenty'
import type { Typed } from './typed'
import { checkSafe } from '../checkSafe'

function planOf(typed: Typed): Plan {
  const asNumbers = typed.levels.every((one) => /^\d+(?: (?:cm|mL|m))?$/.test(one))
  const unit = /cm$/.test(typed.levels[0]!)
    ? 'cm'
    : /mL$/.test(typed.levels[0]!)
      ? 'mL'
      : / m$/.test(typed.levels[0]!)
        ? 'm'
        : 'count'
  const plan = examplePlan({
    changed: {
      name: typed.changed,
      kind: asNumbers ? 'number' : 'kinds',
      unit: asNumbers ? unit : null,
      range: null,
    },
    levels: typed.levels.map((one, index) => ({
      id: `l${index}`,
      name: asNumbers ? '' : one,
      value: asNumbers ? Number.parseFloat(one) : null,
      baseline: false,
      picture: null,
    })),
    measured: {
      name: typed.measured,
      unit: 'count',
      instrument: instrumentCupboard.find((one) => one.id === 'tally')!,
    },
    keptSame: Object.entries(typed.same ?? {}).map(([name, how]) => ({ id: name, name, how, was: null })),
    steps: typed.steps ?? [],
    question: '',
  })
  const materials = typed.materials.map((line, index) => {
    const read = understandLine(line, plan)
    if (!read.ok) throw new Error(`${line}: ${read.message}`)
    return { ...read.material, id: `m${index}` }
  })
  return { ...plan, materials }
}

function check(typed: Typed) {
  const plan = planOf(typed)
  const lines = kitAmounts(plan, { groups: 6, children: 24, cupboard: instrumentCupboard })
  const safe = checkSafe(plan, { age: '7-9', lines, allergies: [], supplies: [] })
  return { typed, safe, shown: safe.cautions.map((one) => one.hazard) }
}

describe.each([
  { what: 'the first plans', plans: firstForty, count: 40 },
  { what: 'further plans', plans: furtherTwenty, count: 20 },
])('$what', ({ plans, count }) => {
  const checked = plans.map(check)

  it(`are ${count}`, () => expect(plans).toHaveLength(count))

  it.each(checked.map((one) => [`${one.typed.changed}: ${one.typed.levels.join(', ')}`, one] as const))(
    'misses no danger of %s',
    (_, { typed, shown }) => {
      expect(typed.danger.filter((hazard) => !shown.includes(hazard))).toEqual([])
    },
  )

  it('shows at most one caution in ten that does not apply', () => {
    const all = checked.flatMap(({ shown }) => shown)
    const astray = checked.flatMap(({ typed, shown }) =>
      shown
        .filter((hazard) => !typed.danger.includes(hazard) && !typed.fits.includes(hazard))
        .map((hazard) => `${typed.changed} (${typed.levels[0]}): ${hazard}`),
    )
    expect(astray.length / all.length, astray.join('\n')).toBeLessThanOrEqual(0.1)
  })
})

describe('what only looks harmless', () => {
  const shownOf = (materials: string[], steps: string[]) =>
    check({
      changed: 'distance',
      levels: ['1', '2'],
      measured: 'time',
      materials,
      steps,
      danger: [],
      fits: [],
    }).shown

  it('is a bulb in a socket beside a battery', () => {
    expect(shownOf(['1.5 V battery', '60 W bulb'], [])).toEqual(expect.arrayContaining(['mains', 'hot-lamp']))
    expect(shownOf(['1.5 V battery', 'bulb'], [])).not.toContain('mains')
  })

  it('are bricks beside light weights', () => {
    expect(shownOf(['weights 10 g'], ['Hang the bricks from the string.'])).toContain('falling-loads')
    expect(shownOf(['weights 10 g'], ['Hang the weights from the thread.'])).not.toContain('falling-loads')
  })

  it('are children that run, not water that runs through', () => {
    expect(shownOf([], ['Choose two children that run to the wall.'])).toContain('running')
    expect(shownOf([], ['Catch the water that runs through.'])).not.toContain('running')
  })
})

describe('what is unknown', () => {
  const unknownOf = (typed: Omit<Typed, 'danger' | 'fits'>) =>
    check({ ...typed, danger: [], fits: [] }).safe.unknown

  it('is a kind by its own name where that may be a thing', () => {
    expect(
      unknownOf({ changed: 'powder', levels: ['glorb', 'fleem'], measured: 'height', materials: ['cup'] }),
    ).toEqual(['glorb', 'fleem'])
  })

  it('is the changed thing once where its kinds only say how it is', () => {
    expect(
      unknownOf({ changed: 'glorb', levels: ['small', 'large'], measured: 'height', materials: ['cup'] }),
    ).toEqual(['glorb'])
  })

  it('is nothing where the changed thing is known, in whatever kinds', () => {
    expect(
      unknownOf({ changed: 'magnet', levels: ['bar', 'horseshoe'], measured: 'clips held', materials: [] }),
    ).toEqual([])
  })
})
