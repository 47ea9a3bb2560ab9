import { itemAt } from '#core/defined'
import type { EChartsCoreOption } from 'echarts/core'
import { addDays as laterBy, format } from 'date-fns'
import { levelName, orderedLevels, type Level, type Plan } from '#core/plan'
import { printQuantity } from '#core/quantity'
import { resolutionOf } from '#core/instrument'
import { classCurves, curveKey, type ClassPoint, type Curve } from '#core/recording'
import type { Tester } from '#core/lesson'
import { alongAxis, asText, chartFrame, chartText, measuredAxis, type ChartSize } from './frame'
import { palette } from '../theme/palette'

/** What curves over time are drawn from. */
export interface CurvesData {
  /** As it is read, not as it is scored. */
  plan: Plan
  groups: Tester[]
  curves: readonly Curve[]
  /** Whether their time is in days, or in minutes. */
  byDay: boolean
}

/** Apart by lightness, by hue and by their dashes, so that they stay apart in black and white. */
const looks: { colour: string; dash: number[] | 'solid' }[] = [
  { colour: palette.ink, dash: 'solid' },
  { colour: palette.coral, dash: [10, 5] },
  { colour: palette.teal, dash: [2, 4] },
  { colour: palette.brown, dash: [14, 4, 3, 4] },
  { colour: palette.blue, dash: [6, 3] },
  { colour: '#7a3b86', dash: [18, 5] },
]

/** Readings over time: every group's containers thin, the class thick with its name at the end. */
export function curvesChart(data: CurvesData, size: ChartSize): EChartsCoreOption {
  const { plan, curves, byDay } = data
  const lines = classCurves(curves)
  const first = Math.min(...curves.flatMap((curve) => curve.points.map((point) => point.at)))
  const origin = byDay && Number.isFinite(first) ? first : 0
  return {
    ...chartFrame(size, curvesWords(data), size.text * 9),
    xAxis: {
      ...alongAxis(size, byDay ? `days since ${dayName(origin)}` : 'minutes'),
      minInterval: 1,
      max: 'dataMax',
      axisLabel: { ...chartText(size), showMaxLabel: false },
    },
    yAxis: { ...measuredAxis(size, plan), scale: true },
    series: [
      ...curves.map((curve) => thinLine(data, curve, origin)),
      ...orderedLevels(plan).flatMap((level, place) =>
        positionsOf(curves).map((position, at) =>
          thickLine(data, lines, level, position, plan.levels.length === 1 ? at : place, origin, size),
        ),
      ),
    ],
  }
}

/** The chart in words, for those who do not see it. */
export function curvesWords({ plan, curves }: Pick<CurvesData, 'plan' | 'curves'>): string {
  const lines = classCurves(curves)
  const ends = orderedLevels(plan).flatMap((level) =>
    positionsOf(curves).flatMap((position) => {
      const points = lines.get(curveKey(level.id, position))
      const [from, to] = [points?.[0], points?.at(-1)]
      const name = lineName(plan, level, position)
      return from && to ? [`${name}, from ${printed(plan, from.value)} to ${printed(plan, to.value)}`] : []
    }),
  )
  return ends.length === 0 ? 'No readings yet.' : `${plan.measured.name} over time: ${ends.join('; ')}.`
}

/** The places at which containers are read, in the order in which they came. */
const positionsOf = (curves: readonly Curve[]) => [...new Set(curves.map((curve) => curve.position))]
/** A container that stands alone needs no name where its places have theirs. */
function lineName(plan: Plan, level: Level, position: string): string {
  if (position !== '' && plan.levels.length === 1) return position
  return position === '' ? levelName(plan, level) : `${levelName(plan, level)}, ${position}`
}
const look = (place: number) => itemAt(looks, place % looks.length)
const printed = (plan: Plan, value: number) =>
  printQuantity(value, plan.measured.unit, resolutionOf(plan).mark, 1)
const dayName = (at: number) => format(laterBy(new Date(1970, 0, 1), at), 'EEE d MMM')

function thinLine(
  { plan, groups, curves }: CurvesData,
  { groupId, levelId, position, points }: Curve,
  origin: number,
) {
  const ownPlace = orderedLevels(plan).findIndex((level) => level.id === levelId)
  const place = plan.levels.length === 1 ? Math.max(0, positionsOf(curves).indexOf(position)) : ownPlace
  const level = plan.levels.find((one) => one.id === levelId)
  const group = groups.find((one) => one.id === groupId)
  const name = `${group?.name ?? ''}, ${level ? lineName(plan, level, position) : ''}`
  return {
    type: 'line',
    name: asText(name),
    data: points.map((point) => [point.at - origin, point.value]),
    showSymbol: points.length < 2,
    symbol: 'circle',
    symbolSize: 5,
    lineStyle: { color: look(Math.max(0, place)).colour, width: 1, opacity: 0.4 },
    itemStyle: { color: look(Math.max(0, place)).colour, opacity: 0.5 },
    z: 2,
    tooltip: {
      formatter: (point: { value: number[] }) => asText(`${name}: ${printed(plan, itemAt(point.value, 1))}`),
    },
  }
}

function thickLine(
  { plan, curves }: CurvesData,
  lines: Map<string, ClassPoint[]>,
  level: Level,
  position: string,
  place: number,
  origin: number,
  size: ChartSize,
) {
  const points = lines.get(curveKey(level.id, position)) ?? []
  const { colour, dash } = look(place)
  const name = asText(lineName(plan, level, position))
  return {
    type: 'line',
    name,
    data: points.map((point) => [point.at - origin, point.value]),
    // Places in one container have the looks of their level and a sign of their own.
    symbol: ['circle', 'triangle', 'rect'][positionsOf(curves).indexOf(position)],
    symbolSize: 7,
    lineStyle: { color: colour, width: 3.5, type: dash },
    itemStyle: { color: colour },
    endLabel: {
      show: true,
      formatter: () => name,
      color: colour,
      fontSize: size.text,
      fontWeight: 'bold',
      lineHeight: size.text * 1.15,
      width: size.text * 8,
      // Long names go on in the next line, and none is cut.
      overflow: 'break',
    },
    labelLayout: { moveOverlap: 'shiftY' },
    z: 3,
  }
}
