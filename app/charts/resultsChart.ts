import { itemAt } from '#core/defined'
import type { EChartsCoreOption } from 'echarts/core'
import type { Evidence, Score } from '#core/evidence'
import { levelName, orderedLevels, printResult, type Level, type Plan } from '#core/plan'
import { convertUnit, printPlain, unitDefinition } from '#core/quantity'
import type { Tester } from '#core/lesson'
import { emblemLooks } from '../theme/emblems'
import { alongAxis, asText, chartFrame, chartText, ink, measuredAxis, type ChartSize } from './frame'
import { palette } from '../theme/palette'

/** What a results chart is drawn from. */
export interface ChartData {
  plan: Plan
  groups: Tester[]
  evidence: Evidence
}

/** Every score that was weighed. */
const scoresIn = ({ cells }: Evidence): Score[] => cells.flatMap(({ tries }) => tries)

/** Every counted try as a dot in its group's emblem, the level results as marks, joined by a line only along numbers. */
export function resultsChart(data: ChartData, size: ChartSize): EChartsCoreOption {
  const { plan } = data
  const levels = orderedLevels(plan)
  const numbers = plan.changed.kind === 'number'
  const symbol = plan.changed.unit ? unitDefinition(plan.changed.unit).symbol : ''
  const places = levelPlaces(plan)
  const gap = placeGap(places)
  const top = scaleTop(data)
  const frame = chartFrame(size, chartWords(data))
  const more = numbers ? 0 : size.text * lineHigh * (linesOf(plan, size) - 1)
  return {
    ...frame,
    grid: { ...frame.grid, bottom: frame.grid.bottom + more },
    xAxis: {
      ...alongAxis(size, numbers && symbol ? `${plan.changed.name} (${symbol})` : plan.changed.name),
      nameGap: size.text * 2.1 + more,
      min: Math.min(...places) - gap / 2,
      max: Math.max(...places) + gap / 2,
      // Kinds stand at 0, 1, 2, … under their names: an axis of categories would not let dots stand aside.
      axisLabel: {
        ...chartText(size),
        customValues: places,
        ...(numbers ? {} : wrapped(size, levels.length)),
        formatter: (place: number) =>
          numbers ? printPlain(place, plan.changed.unit) : levelName(plan, itemAt(levels, place)),
      },
      axisTick: { customValues: places },
    },
    yAxis: {
      ...measuredAxis(size, plan),
      ...scaleAxis(plan),
      // Temperatures and changes have no floor at nought.
      min:
        unitDefinition(plan.measured.unit).dimension === 'temperature' ||
        scoresIn(data.evidence).some(({ value }) => value < 0)
          ? undefined
          : 0,
      max: top ?? undefined,
    },
    series: [
      ...(size.summary && plan.summary !== 'none' ? [summarySeries(data, levels, size)] : []),
      ...data.groups.map((group, groupIndex) => groupSeries(data, group, groupIndex, size, top)),
    ],
  }
}

const lineHigh = 1.2
/** As wide as the narrowest chart leaves room for. */
const nameWidth = (size: ChartSize, count: number) => (size.text * 36) / Math.max(1, count)
/** Long names of kinds go on in the next line. */
const wrapped = (size: ChartSize, count: number) => ({
  lineHeight: size.text * lineHigh,
  width: nameWidth(size, count),
  overflow: 'break' as const,
})
/** How wide a letter is, as a share of its height. */
const letterWide = 0.55

/** How many lines the longest name takes. */
function linesOf(plan: Plan, size: ChartSize): number {
  const levels = orderedLevels(plan)
  const letters = Math.max(1, ...levels.map((level) => levelName(plan, level).length))
  return Math.min(3, Math.ceil((letters * letterWide * size.text) / nameWidth(size, levels.length)))
}

/** Groups stand this far about their level, as a share of the gap to the next: a number is where it is, a kind has room. */
const asideOf = { number: 0.3, kinds: 0.6 }

/** Words and places stand along the axis as such; the first place on top. */
function scaleAxis({ measured: { scale } }: Plan) {
  if (!scale) return {}
  const formatter =
    scale.kind === 'word'
      ? (place: number) => scale.words[place] ?? ''
      : scale.kind === 'rank'
        ? (rank: number) => (Number.isInteger(rank) && rank > 0 ? String(scale.of + 1 - rank) : '')
        : undefined
  return {
    inverse: scale.kind === 'place',
    minInterval: 1,
    ...(formatter ? { axisLabel: { formatter } } : {}),
  }
}

/** The chart in words, for those who do not see it. */
export function chartWords({ plan, evidence }: Pick<ChartData, 'plan' | 'evidence'>): string {
  if (evidence.results.length === 0) return 'No readings yet.'
  const results = evidence.results.map(
    (result) => `${levelName(plan, result.level)}, ${printed(plan, result.centre)}`,
  )
  return `${plan.measured.name} by ${plan.changed.name}: ${results.join('; ')}.`
}

/** Where the levels stand along the axis: numbers at their value, kinds one apart. */
function levelPlaces(plan: Plan): number[] {
  return orderedLevels(plan).map((level, index) =>
    plan.changed.kind === 'number' ? (level.value ?? 0) : index,
  )
}

function placeGap(places: number[]): number {
  const gaps = places.slice(1).map((place, index) => place - itemAt(places, index))
  return Math.min(...gaps.filter((gap) => gap > 0), Infinity) === Infinity
    ? 1
    : Math.min(...gaps.filter((gap) => gap > 0))
}

/** Where the axis must end because something read is off the instrument's scale, or null when none is. */
function scaleTop({ plan, evidence }: ChartData): number | null {
  const end = convertUnit(
    plan.measured.instrument.greatest,
    plan.measured.instrument.unit,
    plan.measured.unit,
  )
  return scoresIn(evidence).some(({ value }) => Number.isFinite(value) && value > end) ? end : null
}

function summarySeries({ plan, evidence }: ChartData, levels: Level[], size: ChartSize) {
  const places = levelPlaces(plan)
  return {
    type: 'line',
    name: 'all groups',
    data: evidence.results
      .filter((result) => Number.isFinite(result.centre))
      .map((result) => [places[levels.indexOf(result.level)], result.centre]),
    symbol: 'rect',
    symbolSize: [size.symbol * 2.4, Math.max(4, size.symbol / 4)],
    lineStyle: plan.changed.kind === 'number' ? { color: ink, width: 2 } : { width: 0, opacity: 0 },
    itemStyle: { color: ink },
    z: 3,
    tooltip: {
      formatter: (point: { value: number[] }) => `all groups: ${printed(plan, itemAt(point.value, 1))}`,
    },
  }
}

function groupSeries(
  { plan, groups, evidence }: ChartData,
  group: Tester,
  place: number,
  size: ChartSize,
  top: number | null,
) {
  const levels = orderedLevels(plan)
  const places = levelPlaces(plan)
  // Groups stand side by side around their level, so that equal readings stay apart.
  const aside =
    groups.length > 1
      ? (place / (groups.length - 1) - 0.5) * asideOf[plan.changed.kind] * placeGap(places)
      : 0
  const { path, colour } = emblemLooks[group.emblem]
  const dots = scoresIn(evidence).flatMap(({ groupId, levelId, value }) => {
    const level = levels.findIndex((one) => one.id === levelId)
    if (groupId !== group.id || level < 0 || !Number.isFinite(value)) return []
    const off = top !== null && value > top
    const name = levelName(plan, itemAt(levels, level))
    return [
      {
        value: [itemAt(places, level) + aside, off ? top : value],
        words: `${group.name}, ${name}: ${printed(plan, value)}`,
        label: off ? offScaleLabel(plan, value, size) : undefined,
      },
    ]
  })
  return {
    type: 'scatter',
    name: group.name,
    data: dots,
    symbol: `path://${path}`,
    symbolSize: size.symbol,
    symbolKeepAspect: true,
    itemStyle: { color: colour, opacity: 0.9 },
    z: 2,
    tooltip: { formatter: (point: { data: { words: string } }) => asText(point.data.words) },
  }
}

/** A reading beyond the instrument's scale stays in sight at the edge and says what it is. */
function offScaleLabel(plan: Plan, value: number, size: ChartSize) {
  return {
    show: true,
    position: 'right',
    formatter: `↑ ${printed(plan, value)}`,
    color: palette.coral,
    fontSize: size.text,
    fontWeight: 'bold',
  }
}

function printed(plan: Plan, value: number): string {
  return printResult(plan, value, 1)
}
