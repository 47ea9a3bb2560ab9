import type { EChartsCoreOption } from 'echarts/core'
import type { PredictedNumber } from '#core/conclusion'
import { printResult, printSaid, type Plan } from '#core/plan'
import type { Tester } from '#core/lesson'
import { emblemLooks } from '../theme/emblems'
import { measuredLabel } from '../words/measuredWords'
import { alongAxis, asText, chartFrame, chartText, ink, type ChartSize } from './frame'
import { palette } from '../theme/palette'

/** A predicted number with whose it is. */
export interface PredictedLine extends PredictedNumber {
  /** Null where the class predicted together. */
  group: Tester | null
  /** Whose it is, and for which level where they are not all for the same. */
  name: string
}

/** What predictions are drawn from. */
export interface PredictedData {
  /** As it is scored. */
  plan: Plan
  lines: readonly PredictedLine[]
}

/** One number line for all: an open ring where somebody predicted, a sign for each try, and the way from one to the other. */
export function predictedChart(data: PredictedData, size: ChartSize): EChartsCoreOption {
  const { plan, lines } = data
  const longest = Math.max(...lines.map(({ name }) => name.length), 0)
  const said = (words: string) => ({ formatter: () => asText(words) })
  return {
    ...chartFrame(size, predictedWords(data)),
    grid: {
      left: Math.min(220, 24 + longest * size.text * 0.56),
      right: size.text * 1.6,
      top: size.text,
      bottom: size.text * 3.4,
    },
    xAxis: {
      ...alongAxis(size, measuredLabel(plan)),
      scale: true,
      // No ring lies on the names.
      boundaryGap: ['6%', '6%'],
      splitLine: { show: true, lineStyle: { color: palette.line, type: 'dashed' } },
    },
    yAxis: {
      type: 'category',
      inverse: true,
      data: lines.map(({ name }) => asText(name)),
      axisLabel: { ...chartText(size), interval: 0 },
      axisTick: { show: false },
      axisLine: { lineStyle: { color: ink } },
    },
    series: lines.flatMap((line, row) => {
      const { path, colour } = line.group
        ? emblemLooks[line.group.emblem]
        : { path: 'M12 3 21 21H3Z', colour: ink }
      return [
        {
          type: 'line',
          data: line.found === null ? [] : [line.predicted, line.found].map((value) => [value, row]),
          symbol: 'none',
          lineStyle: { color: colour, width: 2, type: 'dotted' },
          silent: true,
        },
        {
          type: 'scatter',
          name: asText(line.name),
          data: line.tries.map((value) => [value, row]),
          symbol: `path://${path}`,
          symbolKeepAspect: true,
          symbolSize: size.symbol,
          itemStyle: { color: colour },
          tooltip: said(
            `${line.name} read ${line.tries.map((value) => printResult(plan, value)).join(', ')}`,
          ),
        },
        {
          type: 'scatter',
          data: [[line.predicted, row]],
          symbol: 'circle',
          symbolSize: size.symbol * 1.3,
          itemStyle: { color: '#ffffff', borderColor: ink, borderWidth: 2 },
          z: 4,
          tooltip: said(`${line.name} predicted ${printSaid(plan, line.predicted)}`),
        },
      ]
    }),
  }
}

/** The same in words, for those who do not see it. */
export function predictedWords({ plan, lines }: PredictedData): string {
  const said = lines.map(({ name, predicted, found }) => {
    const read = found === null ? 'nothing read yet' : `found ${printResult(plan, found, 1)}`
    return `${name} predicted ${printSaid(plan, predicted)}, ${read}`
  })
  return `${plan.measured.name}: ${said.join('; ')}.`
}
