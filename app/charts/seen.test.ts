import { describe, expect, it } from 'vitest'
import { scoredPlan, weighLesson } from '#core/comparison'
import { wayOf, type Picture } from '#core/recording'
import { entry } from '../../core/testing/exampleEntries'
import { kindsPlan } from '../../core/testing/examplePlan'
import { pictureChart } from './pictureChart'
import { chartWords, resultsChart } from './resultsChart'

const size = { text: 14, symbol: 14, summary: true }
const groups = [
  { id: 'leaf', name: 'Leaf <b>', emblem: 'leaf' as const },
  { id: 'bell', name: 'Bell', emblem: 'bell' as const },
]
const race = kindsPlan(['wool', 'foil'], { recording: { kind: 'race' }, tries: 1 })
const heat = (groupId: string, typed: string, value: string) =>
  entry({ groupId, levelId: null, fields: { value: { typed, given: 'typed', value } } })
const heats = [heat('leaf', 'a b', 'wool>foil'), heat('bell', 'a b!', 'wool>foil!')]
const drawn = (plan: typeof race, picture: Picture) =>
  pictureChart({ plan, groups, picture, byDay: false }, size)
interface Drawn {
  xAxis: { data?: string[] }
  yAxis: { data?: string[]; inverse?: boolean; axisLabel?: { formatter?: (at: number) => string } }
  series: { type: string; name?: string; data: { words?: string; value?: unknown }[] }[]
}

describe('tiles', () => {
  const chart = drawn(race, wayOf(race).picture!(race, heats))
  const option = chart.option as unknown as Drawn & { yAxis: Drawn['yAxis'][] }

  it('say each place in words, in the chart and beside it', () => {
    expect(chart.words).toBe(
      'wool: mean 1, Leaf <b> heat 1 1, Bell heat 1 1; foil: mean 2, Leaf <b> heat 1 2, Bell heat 1 out.',
    )
    expect(option.yAxis[0]!.data).toEqual(['wool', 'foil'])
    expect(option.series[0]!.data.map(({ words }) => words)).toContain('foil, Bell heat 1: out')
  })

  it('stand under the emblem of their group', () => {
    expect(option.series.slice(2).map(({ type, name }) => [type, name])).toEqual([
      ['custom', 'Leaf <b>'],
      ['custom', 'Bell'],
    ])
  })

  it('stand below a podium, the best on its highest step', () => {
    expect(option.series[1]!.data).toMatchObject([
      { value: 1, words: 'wool: mean 1' },
      { value: 0.5, words: 'foil: mean 2' },
    ])
  })

  it('say so while there is nothing', () => {
    expect(drawn(race, wayOf(race).picture!(race, [])).words).toBe('Nothing has been seen yet.')
  })
})

describe('places as dots', () => {
  const data = {
    plan: scoredPlan(race, heats),
    groups,
    evidence: weighLesson(race, heats, ['leaf', 'bell']),
  }

  it('have the first on top and leave out what did not finish', () => {
    const option = resultsChart(data, size) as unknown as Drawn
    expect(option.yAxis.inverse).toBe(true)
    const bell = option.series.find(({ name }) => name === 'Bell')!
    expect(bell.data).toHaveLength(1)
    expect(chartWords(data)).toBe('finishing place by surface: wool, place 1; foil, not finished.')
  })
})

describe('steps', () => {
  const bridge = kindsPlan(['round 1', 'round 2'], { recording: { kind: 'rounds' }, tries: 1 })
  const tries = [entry({ levelId: 'round 1', value: 9 }), entry({ levelId: 'round 2', value: 6 })]

  it('say the best of each group and what a round was altered by', () => {
    const chart = drawn(bridge, wayOf(bridge).picture!(bridge, tries))
    const { series } = chart.option as unknown as Drawn
    expect(series.find(({ name }) => name?.startsWith('Leaf'))!.data.map(({ words }) => words)).toEqual([
      'Leaf <b>, round 1: 9 cm, its best',
      'Leaf <b>, round 2: 6 cm',
    ])
    expect(chart.words).toBe('bounce height from round to round: round 1, 9 cm; round 2, 6 cm.')
  })

  it('say so while there is nothing', () => {
    expect(drawn(bridge, wayOf(bridge).picture!(bridge, [])).words).toBe('No round has a result yet.')
  })
})
