import { itemAt } from '#core/defined'
import type { EChartsCoreOption } from 'echarts/core'
import { resolutionOf } from '#core/instrument'
import { levelName, orderedLevels, type Plan } from '#core/plan'
import { printQuantity } from '#core/quantity'
import { classRows, type Picture, type ReadRow } from '#core/recording'
import type { Tester } from '#core/lesson'
import { emblemLooks } from '../theme/emblems'
import { alongAxis, asText, chartFrame, chartText, ink, measuredAxis, type ChartSize } from './frame'

/** What pairs of readings are drawn from. */
export interface PairedData {
  /** As it is read, not as it is scored. */
  plan: Plan
  groups: Tester[]
  picture: Extract<Picture, { kind: 'paired' }>
}

/** How far from its level's place the first and the last moment stand. */
const reach = 0.32

/** Each try as marks joined by a line from moment to moment, in its group's emblem; the class thick on top. */
export function pairedChart(data: PairedData, size: ChartSize): EChartsCoreOption {
  const { plan, picture } = data
  const levels = orderedLevels(plan)
  const { moments } = picture
  const placeOf = (level: number, moment: number) =>
    level - reach + (2 * reach * moment) / Math.max(1, moments.length - 1)
  const ticks = levels.flatMap((_, level) => moments.map((_moment, moment) => placeOf(level, moment)))
  const class_ = classRows(picture.rows, 'median')
  return {
    ...chartFrame(size, pairedWords(data)),
    grid: { ...chartFrame(size, '').grid, bottom: size.text * 6 },
    xAxis: {
      ...alongAxis(size, plan.changed.name),
      nameGap: size.text * 5,
      min: -0.5,
      max: levels.length - 0.5,
      axisLabel: {
        ...chartText(size),
        customValues: levels.map((_, place) => place),
        formatter: (place: number) => `${levelName(plan, itemAt(levels, place))}\n${moments.join(' → ')}`,
        lineHeight: size.text * 1.25,
        width: (size.text * 34) / Math.max(1, levels.length),
        overflow: 'break',
      },
      axisTick: { customValues: ticks },
    },
    yAxis: { ...measuredAxis(size, plan), scale: true },
    series: [
      ...picture.rows.flatMap((row) =>
        rowSeries(
          data,
          row,
          levels.findIndex((one) => one.id === row.levelId),
          placeOf,
          size,
        ),
      ),
      ...(size.summary
        ? levels.map((level, place) => ({
            type: 'line',
            name: 'all groups',
            data: (class_.get(level.id) ?? []).map((value, moment) => [placeOf(place, moment), value]),
            symbol: 'rect',
            symbolSize: [size.symbol * 1.6, Math.max(4, size.symbol / 4)],
            lineStyle: { color: ink, width: 3.5 },
            itemStyle: { color: ink },
            z: 3,
            tooltip: {
              formatter: (point: { value: number[] }) =>
                asText(`all groups, ${levelName(plan, level)}: ${printed(plan, itemAt(point.value, 1))}`),
            },
          }))
        : []),
    ],
  }
}

function rowSeries(
  { plan, groups, picture }: PairedData,
  row: ReadRow,
  level: number,
  placeOf: (level: number, moment: number) => number,
  size: ChartSize,
) {
  const place = groups.findIndex((group) => group.id === row.groupId)
  const group = groups[place]
  if (!group || level < 0) return []
  // Groups stand a little aside of one another, so that equal readings stay apart.
  const aside = groups.length > 1 ? (place / (groups.length - 1) - 0.5) * 0.16 : 0
  const { path, colour } = emblemLooks[group.emblem]
  const name = `${group.name}, ${levelName(plan, itemAt(orderedLevels(plan), level))}`
  return [
    {
      type: 'line',
      name: asText(name),
      data: row.values.flatMap((value, moment) =>
        value === null
          ? []
          : [
              {
                value: [placeOf(level, moment) + aside, value],
                words: `${name}, ${itemAt(picture.moments, moment)}: ${printed(plan, value)}`,
              },
            ],
      ),
      symbol: `path://${path}`,
      symbolSize: size.symbol,
      symbolKeepAspect: true,
      lineStyle: { color: colour, width: 1, opacity: 0.45 },
      itemStyle: { color: colour, opacity: 0.9 },
      z: 2,
      tooltip: { formatter: (point: { data: { words: string } }) => asText(point.data.words) },
    },
  ]
}

/** The chart in words, for those who do not see it. */
export function pairedWords({ plan, picture }: Omit<PairedData, 'groups'>): string {
  const class_ = classRows(picture.rows, 'median')
  const lines = orderedLevels(plan).flatMap((level) => {
    const values = class_.get(level.id)
    const said = values?.map((value, moment) => `${itemAt(picture.moments, moment)} ${printed(plan, value)}`)
    return said ? [`${levelName(plan, level)}, ${said.join(', ')}`] : []
  })
  return lines.length === 0
    ? 'No try has all its readings yet.'
    : `${plan.measured.name}: ${lines.join('; ')}.`
}

const printed = (plan: Plan, value: number) =>
  printQuantity(value, plan.measured.unit, resolutionOf(plan).mark, 1)
