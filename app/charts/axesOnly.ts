import type { EChartsCoreOption } from 'echarts/core'

interface Drawn {
  type?: string
  data?: unknown[]
}

/**
 * A chart with nothing in it but its axes, on the scale that its readings need, for children to draw on. Where nothing has been read the
 * scale is theirs, too.
 * @example axesOnly({ series: [] }).series // []
 */
export function axesOnly(option: EChartsCoreOption): EChartsCoreOption {
  const { legend: _legend, tooltip: _tooltip, ...kept } = option
  const series = (option.series ?? []) as Drawn[]
  const points = [...series.flatMap(pointsOf), ...stackTops(series)]
  const upright = option.yAxis
  return {
    ...kept,
    animation: false,
    ...(points.length === 0 && !Array.isArray(upright) ? { yAxis: unlabelled(upright) } : {}),
    series: points.length === 0 ? [] : [{ type: 'scatter', data: points, symbolSize: 0, silent: true }],
  }
}

const unlabelled = (axis: unknown) => ({ ...(axis as object), axisLabel: { show: false } })

const isNumber = (value: unknown): value is number => typeof value === 'number' && Number.isFinite(value)

/** Where lines and dots are; what draws itself stands in rows and columns, which the axes hold already. */
function pointsOf({ type, data = [] }: Drawn): [number, number][] {
  if (type !== 'line' && type !== 'scatter') return []
  return data.flatMap((item): [number, number][] => {
    const value: unknown = Array.isArray(item) ? item : (item as { value?: unknown } | null)?.value
    const [x, y]: unknown[] = Array.isArray(value) ? value : []
    return isNumber(x) && isNumber(y) ? [[x, y]] : []
  })
}

/** How high bars come that stand on one another. */
function stackTops(series: readonly Drawn[]): [number, number][] {
  const tops = new Map<number, number>()
  for (const { type, data = [] } of series)
    if (type === 'bar')
      for (const [place, value] of data.entries())
        if (isNumber(value)) tops.set(place, (tops.get(place) ?? 0) + value)
  return [...tops]
}
