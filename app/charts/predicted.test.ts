import { describe, expect, it } from 'vitest'
import { examplePlan } from '../../core/testing/examplePlan'
import { predictedChart, predictedWords, type PredictedLine } from './predictedChart'

const size = { text: 14, symbol: 14, summary: true }
const line = (changes: Partial<PredictedLine> = {}): PredictedLine => ({
  groupId: 'leaf',
  seat: 0,
  ofClass: false,
  levelId: 'h60',
  moment: null,
  predicted: 30,
  tries: [31, 32],
  found: 31.5,
  apart: 1.5,
  group: { id: 'leaf', name: 'Leaf <b>', emblem: 'leaf' },
  name: 'Leaf <b>',
  ...changes,
})
const data = {
  plan: examplePlan(),
  lines: [line(), line({ name: 'the class', group: null, tries: [], found: null, apart: null })],
}
interface Drawn {
  yAxis: { data: string[] }
  series: { type: string; data: number[][]; tooltip?: { formatter: () => string } }[]
}

describe('predicted numbers', () => {
  const { yAxis, series } = predictedChart(data, size) as unknown as Drawn

  it('lie on one line with every try, and what people typed stays text', () => {
    expect(yAxis.data).toEqual(['Leaf b', 'the class'])
    expect(series.map((one) => [one.type, one.data])).toEqual([
      [
        'line',
        [
          [30, 0],
          [31.5, 0],
        ],
      ],
      [
        'scatter',
        [
          [31, 0],
          [32, 0],
        ],
      ],
      ['scatter', [[30, 0]]],
      ['line', []],
      ['scatter', []],
      ['scatter', [[30, 1]]],
    ])
    expect(series[2]!.tooltip!.formatter()).toBe('Leaf b predicted 30 cm')
  })

  it('are said in words, also where nothing is read yet', () => {
    expect(predictedWords(data)).toBe(
      'bounce height: Leaf <b> predicted 30 cm, found 31.5 cm; the class predicted 30 cm, nothing read yet.',
    )
  })
})
