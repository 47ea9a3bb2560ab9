import type { EChartsCoreOption } from 'echarts/core'
import { resolutionOf, type Evidence } from '#core/evidence'
import { levelName, orderedLevels, type Plan } from '#core/plan'
import { printNumber, unitDefinition } from '#core/quantity'
import { slotStates, type Reading } from '#core/record'
import type { GroupDto } from '#shared/types/api'
import { emblemLooks } from '../theme/emblems'

/** What a results chart is drawn from. */
export interface ChartData {
  plan: Plan
  groups: GroupDto[]
  readings: readonly Reading[]
  evidence: Evidence
}

/** Sizes for a teacher's screen or for the back row. */
export interface ChartSize {
  text: number
  symbol: number
  /** Without a summary mark the wall shows dots only. */
  summary: boolean
}

const ink = '#1f2a44'
const line = '#d9d2c5'

/** Every counted try as a dot in its group's emblem, the level results as marks, joined by a line only along numbers. */
export function resultsChart(data: ChartData, size: ChartSize): EChartsCoreOption {
  const { plan, evidence } = data
  const numbers = plan.changed.kind === 'number'
  const levels = orderedLevels(plan)
  const { unit } = plan.measured
  const symbol = unitDefinition(unit).symbol
  const text = { color: ink, fontFamily: 'Atkinson Hyperlegible', fontSize: size.text }
  const xName =
    plan.changed.unit && numbers
      ? `${plan.changed.name} (${unitDefinition(plan.changed.unit).symbol})`
      : plan.changed.name
  const places = numbers ? levels.flatMap((level) => level.value ?? []) : levels.map((_, index) => index)
  const gap =
    places.length > 1 ? Math.min(...places.slice(1).map((place, index) => place - places[index]!)) || 1 : 1
  return {
    animationDuration: 300,
    aria: { enabled: true, label: { description: chartWords(data) } },
    textStyle: text,
    grid: { left: size.text * 3.2, right: size.text * 1.6, top: size.text * 2.4, bottom: size.text * 3.4 },
    tooltip: { trigger: 'item', textStyle: { ...text, fontSize: 14 } },
    xAxis: {
      name: xName,
      nameLocation: 'middle',
      nameGap: size.text * 2.1,
      nameTextStyle: { ...text, fontWeight: 'bold' },
      axisLine: { lineStyle: { color: ink } },
      splitLine: { show: false },
      type: 'value',
      min: Math.min(...places) - gap / 2,
      max: Math.max(...places) + gap / 2,
      // Kinds stand at 0, 1, 2, … under their names: an axis of categories would not let dots stand aside.
      axisLabel: {
        ...text,
        customValues: places,
        formatter: (place: number) => (numbers ? String(place) : levelName(plan, levels[place]!)),
      },
      axisTick: { customValues: places },
    },
    yAxis: {
      type: 'value',
      name: `${plan.measured.name} (${symbol})`,
      nameLocation: 'end',
      nameTextStyle: { ...text, fontWeight: 'bold', align: 'left', padding: [0, 0, 0, -size.text * 2.6] },
      axisLabel: text,
      splitLine: { lineStyle: { color: line, type: 'dashed' } },
      min: plan.measured.unit === 'C' || plan.measured.unit === 'F' ? undefined : 0,
    },
    series: [
      ...(size.summary && plan.summary !== 'none'
        ? [summarySeries(plan, evidence, levels, numbers, size)]
        : []),
      ...data.groups.map((group, place) => groupSeries(data, group, place, gap, size)),
    ],
  }
}

function summarySeries(
  plan: Plan,
  evidence: Evidence,
  levels: Plan['levels'],
  numbers: boolean,
  size: ChartSize,
) {
  const points = evidence.results.map((result) => [
    numbers ? result.level.value! : levels.indexOf(result.level),
    result.centre,
  ])
  return {
    type: 'line',
    name: 'all groups',
    data: points,
    symbol: 'rect',
    symbolSize: [size.symbol * 2.4, Math.max(4, size.symbol / 4)],
    lineStyle: numbers ? { color: ink, width: 2 } : { width: 0, opacity: 0 },
    itemStyle: { color: ink },
    z: 3,
    tooltip: {
      formatter: (point: { value: number[] }) =>
        `all groups: ${printNumber(point.value[1]!, resolutionOf(plan).mark, 1)} ${unitDefinition(plan.measured.unit).symbol}`,
    },
  }
}

function groupSeries(
  { plan, groups, readings }: ChartData,
  group: GroupDto,
  place: number,
  gap: number,
  size: ChartSize,
) {
  const levels = orderedLevels(plan)
  const numbers = plan.changed.kind === 'number'
  // Groups stand side by side around their level, so that equal readings stay apart.
  const aside = groups.length > 1 ? (place / (groups.length - 1) - 0.5) * 0.5 : 0
  const at = new Map(
    levels.map((level, index) => [level.id, numbers ? level.value! + aside * gap : index + aside]),
  )
  const dots = [...slotStates(readings).values()].flatMap(({ counted }) =>
    counted && counted.groupId === group.id && counted.value !== null && at.has(counted.levelId)
      ? [{ value: [at.get(counted.levelId)!, counted.value], level: counted.levelId, id: counted.id }]
      : [],
  )
  return {
    type: 'scatter',
    name: group.name,
    data: dots,
    symbol: `path://${emblemLooks[group.emblem].path}`,
    symbolSize: size.symbol,
    itemStyle: { color: emblemLooks[group.emblem].colour, opacity: 0.9 },
    z: 2,
    tooltip: {
      formatter: (point: { value: number[]; data: { level: string } }) => {
        const level = levels.find((one) => one.id === point.data.level)
        return `${group.name.replace(/[<>&]/g, '')}, ${level ? levelName(plan, level).replace(/[<>&]/g, '') : ''}: ${point.value[1]} ${unitDefinition(plan.measured.unit).symbol}`
      },
    },
  }
}

/** The chart in words, for those who do not see it. */
export function chartWords({ plan, evidence }: ChartData): string {
  const symbol = unitDefinition(plan.measured.unit).symbol
  const { mark } = resolutionOf(plan)
  if (evidence.results.length === 0) return 'No readings yet.'
  return `${plan.measured.name} by ${plan.changed.name}: ${evidence.results.map((result) => `${levelName(plan, result.level)}, ${printNumber(result.centre, mark, 1)} ${symbol}`).join('; ')}.`
}
