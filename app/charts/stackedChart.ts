import { itemAt, lastOf } from '#core/defined'
import type { EChartsCoreOption } from 'echarts/core'
import { resolutionOf } from '#core/instrument'
import { levelName, orderedLevels, type Plan } from '#core/plan'
import { printQuantity } from '#core/quantity'
import { classRows, type Picture } from '#core/recording'
import { alongAxis, asText, chartFrame, chartText, ink, measuredAxis, type ChartSize } from './frame'
import { palette } from '../theme/palette'

/** What parts beside their whole are drawn from. */
export interface StackedData {
  /** As it is read, not as it is scored. */
  plan: Plan
  picture: Extract<Picture, { kind: 'stacked' }>
}

const colours = [palette.teal, palette.marigold, palette.blue, palette.coral]
const wholeColour = palette.line

/** For each level its parts on top of one another, and beside them the whole with how far the readings may be off. */
export function stackedChart(data: StackedData, size: ChartSize): EChartsCoreOption {
  const { plan, picture } = data
  const rows = drawnRows(data)
  const labelled = {
    show: true,
    formatter: ({ value }: { value: number | null }) => (value === null ? '' : printed(plan, value)),
    fontSize: size.text * 0.9,
    color: ink,
    backgroundColor: 'rgba(255,255,255,0.85)',
    padding: 2,
    borderRadius: 3,
  }
  const base = { type: 'bar', barWidth: '62%', itemStyle: { borderColor: ink, borderWidth: 1 }, stack: 'all' }
  const told = (name: string) => ({
    formatter: ({ value }: { value: number }) => asText(`${name}: ${printed(plan, value)}`),
  })
  return {
    ...chartFrame(size, stackedWords(data)),
    // Dashes and dots on the bars keep the parts apart in black and white.
    aria: { ...chartFrame(size, stackedWords(data)).aria, decal: { show: true } },
    grid: { ...chartFrame(size, '').grid, bottom: size.text * 5.6 },
    legend: {
      top: 0,
      right: size.text,
      itemWidth: size.text * 1.2,
      itemHeight: size.text * 0.9,
      textStyle: chartText(size),
      selectedMode: false,
      data: [...picture.parts.map(asText), picture.whole],
    },
    xAxis: {
      ...alongAxis(size, plan.changed.name),
      type: 'category',
      nameGap: size.text * 4.2,
      data: rows.flatMap(({ name }) => [`${name}: apart`, `${name}: ${picture.whole}`]),
      axisLabel: {
        ...chartText(size),
        interval: 0,
        lineHeight: size.text * 1.25,
        // As wide as the narrowest chart leaves room for.
        width: (size.text * 34) / Math.max(1, 2 * rows.length),
        overflow: 'break',
      },
    },
    yAxis: { ...measuredAxis(size, plan), min: 0 },
    series: [
      ...picture.parts.map((part, index) => ({
        ...base,
        name: asText(part),
        color: colours[index],
        data: rows.flatMap(({ values }) => [itemAt(values, index), null]),
        label: labelled,
        tooltip: told(part),
      })),
      {
        ...base,
        name: picture.whole,
        color: wholeColour,
        data: rows.flatMap(({ values }) => [null, lastOf(values)]),
        label: labelled,
        tooltip: told(picture.whole),
      },
      ...rows.map(({ values }, index) => ({
        type: 'line',
        data: [-1, 1].map((side) => [2 * index + 1, lastOf(values) + side * picture.within]),
        symbol: 'rect',
        symbolSize: [size.symbol * 1.4, 2],
        lineStyle: { color: ink, width: 2 },
        itemStyle: { color: ink },
        z: 4,
        tooltip: { formatter: () => `The readings can be off by ${printed(plan, picture.within)}.` },
      })),
    ],
  }
}

/** The chart in words, for those who do not see it. */
export function stackedWords(data: StackedData): string {
  const { plan, picture } = data
  const lines = drawnRows(data).map(({ name, values }) => {
    const parts = picture.parts.map((part, index) => `${part} ${printed(plan, itemAt(values, index))}`)
    return `${name}, ${[...parts, `${picture.whole} ${printed(plan, lastOf(values))}`].join(', ')}`
  })
  return lines.length === 0
    ? 'No try has all its readings yet.'
    : `${plan.measured.name}: ${lines.join('; ')}.`
}

/** Means, which add up as their parts do. */
function drawnRows({ plan, picture }: StackedData): { name: string; values: number[] }[] {
  const means = classRows(picture.rows, 'mean')
  return orderedLevels(plan).flatMap((level) => {
    const values = means.get(level.id)
    return values ? [{ name: levelName(plan, level), values }] : []
  })
}

const printed = (plan: Plan, value: number) =>
  printQuantity(value, plan.measured.unit, resolutionOf(plan).mark, 1)
