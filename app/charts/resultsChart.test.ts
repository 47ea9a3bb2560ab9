import { describe, expect, it } from 'vitest'
import { weighLesson } from '#core/comparison'
import type { Plan } from '#core/plan'
import { examplePlan, kindsPlan } from '../../core/testing/examplePlan'
import { entriesFrom } from '../../core/testing/exampleEntries'
import { lessonDto } from '../testing/fakeServer'
import { chartWords, resultsChart } from './resultsChart'

const { groups } = lessonDto().class
const size = { text: 14, symbol: 14, summary: true }

interface Series {
  type: string
  data: ({ value: number[]; label?: { formatter: string } } & number[])[]
  lineStyle: { opacity?: number }
  tooltip: { formatter: (point: unknown) => string }
}
interface Drawn {
  xAxis: {
    min: number
    max: number
    name: string
    axisLabel: { customValues: number[]; formatter: (place: number) => string }
  }
  yAxis: { max?: number; min?: number; name: string }
  series: Series[]
}

function draw(plan: Plan, table: Parameters<typeof entriesFrom>[0], changes = {}): Drawn {
  const entries = entriesFrom(table)
  return resultsChart(
    { plan, groups, evidence: weighLesson(plan, entries) },
    { ...size, ...changes },
  ) as unknown as Drawn
}

describe('resultsChart', () => {
  const table = { leaf: { h20: [10, 11], h60: [30] }, bell: { h20: [12] } }

  it('draws every counted try as a dot of its group and the class result at each level', () => {
    const { series } = draw(examplePlan(), table)
    expect(series.map((one) => [one.type, one.data.length])).toEqual([
      ['line', 2],
      ['scatter', 3],
      ['scatter', 1],
      ['scatter', 0],
    ])
    expect(series[0]!.data).toEqual([
      [20, 11.25],
      [60, 30],
    ])
    expect(series[1]!.data.map((dot) => dot.value[1])).toEqual([10, 11, 30])
  })

  it('keeps the groups beside their level, never nearer to another', () => {
    const xs = draw(examplePlan(), { leaf: { h40: [1] }, bell: { h40: [1] }, key: { h40: [1] } })
      .series.slice(1)
      .map((one) => one.data[0]!.value[0]!)
    expect(new Set(xs).size).toBe(3)
    for (const x of xs) expect(Math.abs(x - 40)).toBeLessThan(10)
  })

  it('puts names to kinds and joins nothing between them', () => {
    const { xAxis, series } = draw(kindsPlan(['carpet', 'tiles']), { leaf: { carpet: [5], tiles: [9] } })
    expect(xAxis.axisLabel.customValues.map(xAxis.axisLabel.formatter)).toEqual(['carpet', 'tiles'])
    expect(series[0]!.lineStyle.opacity).toBe(0)
  })

  it('names its axes with their units', () => {
    const { xAxis, yAxis } = draw(examplePlan(), table)
    expect([xAxis.name, yAxis.name, yAxis.min]).toEqual(['drop height (cm)', 'bounce height (cm)', 0])
  })

  it('keeps a reading off the scale in sight at the edge and says what it is', () => {
    const { yAxis, series } = draw(examplePlan(), { leaf: { h20: [10, 640] } })
    expect(yAxis.max).toBe(100)
    expect(series[1]!.data.map((dot) => [dot.value[1], dot.label?.formatter])).toEqual([
      [10, undefined],
      [100, '↑ 640 cm'],
    ])
  })

  it('shows dots only where the plan or the wall wants no summary', () => {
    expect(draw(examplePlan({ summary: 'none' }), table).series.every((one) => one.type === 'scatter')).toBe(
      true,
    )
    expect(draw(examplePlan(), table, { summary: false }).series).toHaveLength(3)
  })

  it('never lets a name become markup in a tooltip', () => {
    const plan = kindsPlan(['<img src=x>'])
    const [, scatter] = draw(plan, { leaf: { '<img src=x>': [5] } }).series
    expect(scatter!.tooltip.formatter({ data: scatter!.data[0] })).not.toContain('<')
  })

  it('stands with a single level and with none', () => {
    const one = draw(examplePlan({ levels: [examplePlan().levels[0]!] }), { leaf: { h20: [10] } })
    expect([one.xAxis.min, one.xAxis.max]).toEqual([19.5, 20.5])
    expect(() => draw(examplePlan({ levels: [] }), {})).not.toThrow()
  })
})

describe('chartWords', () => {
  it('tells the results to those who do not see them', () => {
    const readings = entriesFrom({ leaf: { h20: [10], h60: [30] } })
    expect(chartWords({ plan: examplePlan(), evidence: weighLesson(examplePlan(), readings) })).toBe(
      'bounce height by drop height: 20 cm, 10 cm; 60 cm, 30 cm.',
    )
    expect(chartWords({ plan: examplePlan(), evidence: weighLesson(examplePlan(), []) })).toBe(
      'No readings yet.',
    )
  })
})
