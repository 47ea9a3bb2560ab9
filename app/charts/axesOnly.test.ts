import { describe, expect, it } from 'vitest'
import { scoresOf } from '#core/comparison'
import { counted, evidence, plan } from '#core/testing/exampleNames'
import { axesOnly } from './axesOnly'
import { resultsChart } from './resultsChart'

const size = { text: 14, symbol: 14, summary: true }

describe('axes to draw on', () => {
  it('have the scale that the readings need, and nothing to be seen', () => {
    const groups = [{ id: 'leaf', name: 'Leaf', emblem: 'leaf' as const }]
    const drawn = resultsChart({ plan, groups, evidence }, size)
    const blank = axesOnly(drawn)
    expect(blank.xAxis).toBe(drawn.xAxis)
    const [only, ...others] = blank.series as { symbolSize: number; data: [number, number][] }[]
    expect(others).toEqual([])
    expect(only!.symbolSize).toBe(0)
    const read = scoresOf(plan, counted).filter(({ groupId }) => groupId === 'leaf')
    expect(only!.data.map(([, y]) => y)).toEqual(expect.arrayContaining(read.map(({ value }) => value)))
    expect(blank).not.toHaveProperty('tooltip')
  })

  it('reach as high as bars that stand on one another', () => {
    const bars = [
      { type: 'bar', data: [90, null] },
      { type: 'bar', data: [90, null] },
      { type: 'bar', data: [null, 152] },
    ]
    expect(axesOnly({ legend: {}, series: bars })).toEqual({
      animation: false,
      series: [
        {
          type: 'scatter',
          symbolSize: 0,
          silent: true,
          data: [
            [0, 180],
            [1, 152],
          ],
        },
      ],
    })
  })

  it('have no numbers where nothing was read: the scale is the children’s', () => {
    expect(axesOnly({ yAxis: { min: 0 }, series: [{ type: 'scatter', data: [] }] })).toEqual({
      animation: false,
      yAxis: { min: 0, axisLabel: { show: false } },
      series: [],
    })
  })
})
