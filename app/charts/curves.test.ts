import { describe, expect, it } from 'vitest'
import { classCurves, type Curve } from '#core/recording'
import { examplePlan } from '../../core/testing/examplePlan'
import { curvesChart, curvesWords } from './curvesChart'

const curve = (
  groupId: string,
  levelId: string,
  ...points: [moment: string, at: number, value: number][]
): Curve => ({
  groupId,
  levelId,
  tryNumber: 1,
  position: '',
  points: points.map(([moment, at, value]) => ({ moment, at, value })),
})
const curves = [
  curve('leaf', 'h20', ['0 min', 0, 40], ['10 min', 10, 30]),
  curve('bell', 'h20', ['0 min', 0, 42], ['10 min', 12, 33]),
  curve('key', 'h20', ['10 min', 10.5, 38]),
]
const groups = [
  { id: 'leaf', name: 'Leaf <b>', emblem: 'leaf' as const },
  { id: 'bell', name: 'Bell', emblem: 'bell' as const },
  { id: 'key', name: 'Key', emblem: 'key' as const },
]
const data = { plan: examplePlan(), groups, curves, byDay: false }
interface Line {
  name: string
  data: number[][]
  lineStyle: { width: number; type?: unknown }
}
const drawn = (of = data) =>
  curvesChart(of, { text: 14, symbol: 14, summary: true }) as unknown as {
    xAxis: { name: string }
    series: Line[]
  }

describe('the class curve', () => {
  it('is the middle of the groups at each moment, at the middle of their times; a gap is no nought', () => {
    expect(classCurves(curves).get('h20|')).toEqual([
      { moment: '0 min', at: 0, value: 41, count: 2 },
      { moment: '10 min', at: 10.5, value: 33, count: 3 },
    ])
    expect(classCurves(curves).get('h40|')).toBeUndefined()
  })
})

describe('the chart of curves', () => {
  it('draws each container thin at its own times and each level thick, apart by dashes', () => {
    const { series, xAxis } = drawn()
    expect(xAxis.name).toBe('minutes')
    expect(series.filter((line) => line.lineStyle.width === 1).map((line) => line.data)).toEqual([
      [
        [0, 40],
        [10, 30],
      ],
      [
        [0, 42],
        [12, 33],
      ],
      [[10.5, 38]],
    ])
    const thick = series.filter((line) => line.lineStyle.width > 1)
    expect(thick.map((line) => line.name)).toEqual(['20 cm', '40 cm', '60 cm'])
    expect(new Set(thick.map((line) => String(line.lineStyle.type))).size).toBe(3)
    expect(series[0]!.name).not.toMatch(/[<>]/)
  })

  it('counts days from the first that was read', () => {
    const daily = [curve('leaf', 'h20', ['day 1', 20521, 2], ['day 3', 20523, 5])]
    const { series, xAxis } = drawn({ ...data, curves: daily, byDay: true })
    expect(xAxis.name).toBe('days since Mon 9 Mar')
    expect(series[0]!.data).toEqual([
      [0, 2],
      [2, 5],
    ])
  })

  it('says itself in words', () => {
    expect(curvesWords(data)).toBe('bounce height over time: 20 cm, from 41 cm to 33 cm.')
    expect(curvesWords({ ...data, curves: [] })).toBe('No readings yet.')
  })
})
